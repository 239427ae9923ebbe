using NetTopologySuite.Geometries;

namespace Datura.Core.Body;

/// <summary>
/// Which zone lies where, on a lattice of the chart; polygon intersections for the same answer took most of a plan's time
/// (measured).
/// </summary>
internal sealed class ZoneLookup
{
    private const double SliverMm2 = 4;

    private static readonly int Columns = Lattice.Columns;
    private static readonly int Rows = Lattice.Rows;

    private readonly byte[] zone = new byte[Rows * Columns]; // 0 none, else 1 + place in the zone table
    private readonly byte[] core = new byte[Rows * Columns]; // the same without cells that touch another zone
    private readonly byte[] nearest; // the zone there, or else the one fewest cells away

    public ZoneLookup(IReadOnlyDictionary<Zone, Geometry> outlines)
    {
        for (var k = 0; k < Zones.All.Count; k++)
        {
            foreach (var (y, from, to) in ScanLines.Of(outlines[Zones.All[k]], Lattice.LowMm + Lattice.CellMm / 2, Lattice.CellMm, Rows))
            {
                var row = Lattice.Row(y);
                for (var i = Lattice.Column(from + Lattice.CellMm / 2); i <= Lattice.Column(to - Lattice.CellMm / 2); i++)
                {
                    zone[row * Columns + i] = (byte)(k + 1);
                }
            }
        }

        // A figure that only runs along a border must not count as lying on the zone beyond it.
        for (var n = Columns + 1; n < zone.Length - Columns - 1; n++)
        {
            var here = zone[n];
            var inside = zone[n - 1] == here && zone[n + 1] == here && zone[n - Columns] == here && zone[n + Columns] == here;
            core[n] = inside ? here : (byte)0;
        }

        nearest = Spread(zone);
    }

    public Zone At(ChartPoint at) => Zones.All[nearest[Lattice.Row(at.YMm) * Columns + Lattice.Column(at.XMm)] - 1];

    // Every zone grows by one cell a round into what is nobody's.
    private static byte[] Spread(byte[] zone)
    {
        var grown = (byte[])zone.Clone();
        var edge = new Queue<int>(Enumerable.Range(0, zone.Length).Where(n => zone[n] > 0));
        while (edge.TryDequeue(out var n))
        {
            var column = n % Columns;
            foreach (var next in (ReadOnlySpan<int>)[column > 0 ? n - 1 : n, column < Columns - 1 ? n + 1 : n, n - Columns, n + Columns])
            {
                if (next >= 0 && next < grown.Length && grown[next] == 0)
                {
                    grown[next] = grown[n];
                    edge.Enqueue(next);
                }
            }
        }

        return grown;
    }

    /// <summary>Zones of which the cells cover more than a sliver.</summary>
    public IReadOnlyList<Zone> Under(IEnumerable<(int Row, int Column)> cells)
    {
        var count = new int[Zones.All.Count + 1];
        foreach (var (row, column) in cells)
        {
            count[core[row * Columns + column]]++;
        }

        return [.. Zones.All.Where((_, k) => count[k + 1] * Lattice.CellMm * Lattice.CellMm > SliverMm2)];
    }
}
