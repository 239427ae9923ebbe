using NetTopologySuite.Geometries;
using NetTopologySuite.Simplify;

namespace Datura.Core.Form;

/// <summary>Outlines of where a field reaches a half: marching squares with the crossing found between cells (Lorensen, Cline 1987, in the plane).</summary>
internal static class Isolines
{
    private const float Level = 0.5f;
    private const double SimplifyMm = 0.25;
    private const double LeastMm2 = 12;

    /// <summary>The figure in chart millimetres; holes are holes.</summary>
    public static Geometry Figure(float[] field, CellBox box, FormGrid grid)
    {
        var rings = Rings(field, box.Width, box.Height)
            .Select(r => r.Select(p => new Coordinate(grid.Window.XOfColumn(grid.Left + box.Left + p.X + 0.5), grid.Window.YOfRow(box.Top + p.Y + 0.5))).ToArray())
            .Select(r => (Geometry)GeometryFactory.Default.CreatePolygon([.. r, r[0].Copy()]))
            .Where(p => p.Area > LeastMm2).OrderByDescending(p => p.Area);
        Geometry figure = GeometryFactory.Default.CreatePolygon();
        foreach (var ring in rings)
        {
            var plain = DouglasPeuckerSimplifier.Simplify(ring, SimplifyMm);
            plain = plain.IsValid ? plain : plain.Buffer(0);
            figure = figure.IsEmpty ? plain : figure.SymmetricDifference(plain);
        }

        return figure;
    }

    /// <summary>Closed lines round all that lies at or above the level; cells beyond the field lie below it.</summary>
    internal static IReadOnlyList<IReadOnlyList<(double X, double Y)>> Rings(float[] field, int width, int height)
    {
        float At(int x, int y) => x < 0 || y < 0 || x >= width || y >= height ? 0 : field[y * width + x];
        // Each crossing lies on an edge between two cells: (x, y, whether the edge goes down). From each one leads on.
        var next = new Dictionary<(int X, int Y, bool Down), (int X, int Y, bool Down)>();
        for (var y = -1; y < height; y++)
        {
            for (var x = -1; x < width; x++)
            {
                var code = (At(x, y) >= Level ? 1 : 0) | (At(x + 1, y) >= Level ? 2 : 0) | (At(x + 1, y + 1) >= Level ? 4 : 0) | (At(x, y + 1) >= Level ? 8 : 0);
                if (code is 0 or 15)
                {
                    continue;
                }

                var (top, right, bottom, left) = ((x, y, false), (x + 1, y, true), (x, y + 1, false), (x, y, true));
                // Walked so that the inside lies to one hand throughout.
                foreach (var (a, b) in code switch
                {
                    1 => new[] { (top, left) },
                    2 => [(right, top)],
                    3 => [(right, left)],
                    4 => [(bottom, right)],
                    5 => [(top, right), (bottom, left)],
                    6 => [(bottom, top)],
                    7 => [(bottom, left)],
                    8 => [(left, bottom)],
                    9 => [(top, bottom)],
                    10 => [(left, top), (right, bottom)],
                    11 => [(right, bottom)],
                    12 => [(left, right)],
                    13 => [(top, right)],
                    _ => [(left, top)],
                })
                {
                    next[a] = b;
                }
            }
        }

        (double X, double Y) Place((int X, int Y, bool Down) edge)
        {
            var (a, b) = (At(edge.X, edge.Y), edge.Down ? At(edge.X, edge.Y + 1) : At(edge.X + 1, edge.Y));
            var t = (Level - a) / (b - a);
            return edge.Down ? (edge.X, edge.Y + t) : (edge.X + t, edge.Y);
        }

        var rings = new List<IReadOnlyList<(double, double)>>();
        foreach (var start in next.Keys.ToArray())
        {
            var ring = new List<(double, double)>();
            for (var at = start; next.Remove(at, out var to); at = to)
            {
                ring.Add(Place(at));
            }

            if (ring.Count >= 4)
            {
                rings.Add(ring);
            }
        }

        return rings;
    }
}
