using NetTopologySuite.Geometries;

namespace Datura.Core.Body;

/// <summary>
/// Which zone lies where, on a lattice of the chart; polygon intersections for the same answer took most of a plan's time
/// (measured).
/// </summary>
internal sealed class ZoneLookup
{
    private const double CellMm = 1.5;
    private const double HalfWidthMm = 420;
    private const double LowMm = -480;
    private const double HighMm = 240;
    private const double SliverMm2 = 4;

    private static readonly int Columns = (int)(2 * HalfWidthMm / CellMm);
    private static readonly int Rows = (int)((HighMm - LowMm) / CellMm);

    private readonly byte[] zone = new byte[Rows * Columns]; // 0 none, else 1 + place in the zone table
    private readonly byte[] core = new byte[Rows * Columns]; // the same without cells that touch another zone
    private readonly IReadOnlyDictionary<string, Geometry> outlines;

    public ZoneLookup(IReadOnlyDictionary<string, Geometry> outlines)
    {
        this.outlines = outlines;
        for (var k = 0; k < Zones.Names.Count; k++)
        {
            foreach (var (y, from, to) in ScanLines.Of(outlines[Zones.Names[k]], LowMm + CellMm / 2, CellMm, Rows))
            {
                var row = (int)((y - LowMm) / CellMm);
                for (var i = Column(from + CellMm / 2); i <= Column(to - CellMm / 2); i++)
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
    }

    public string At(ChartPoint at)
    {
        var row = Math.Clamp((int)((at.YMm - LowMm) / CellMm), 0, Rows - 1);
        var found = zone[row * Columns + Column(at.XMm)];
        if (found > 0)
        {
            return Zones.Names[found - 1];
        }

        var point = GeometryFactory.Default.CreatePoint(new Coordinate(at.XMm, at.YMm));
        return Zones.Names.MinBy(name => outlines[name].Distance(point))!;
    }

    public IReadOnlyList<string> Under(Geometry figure)
    {
        var count = new int[Zones.Names.Count + 1];
        foreach (var (y, from, to) in ScanLines.Of(figure, CellMm))
        {
            var row = Math.Clamp((int)((y - LowMm) / CellMm), 0, Rows - 1);
            for (var x = from + CellMm / 4; x < to; x += CellMm)
            {
                count[core[row * Columns + Column(x)]]++;
            }
        }

        return [.. Zones.Names.Where((_, k) => count[k + 1] * CellMm * CellMm > SliverMm2)];
    }

    private static int Column(double xMm) => Math.Clamp((int)((xMm + HalfWidthMm) / CellMm), 0, Columns - 1);
}
