using NetTopologySuite.Geometries;

namespace Datura.Numerics;

/// <summary>Cuts a figure into horizontal spans (even–odd rule over all its rings, which holds for valid polygons).</summary>
public static class ScanLines
{
    /// <param name="figure">Polygons in chart mm; anything else has no spans.</param>
    /// <param name="stepMm">Distance between lines; the first runs half a step above the lowest point.</param>
    public static IReadOnlyList<(double Y, double From, double To)> Of(Geometry figure, double stepMm)
    {
        var box = figure.EnvelopeInternal;
        return Of(figure, box.MinY + stepMm / 2, stepMm, (int)Math.Ceiling(box.Height / stepMm));
    }

    /// <summary>Spans on given lines: the first at <paramref name="firstY"/>, then every step, as many as counted.</summary>
    /// <remarks>Two passes over the rings, so that all crossings lie in one array (measured: half the time of a list a line).</remarks>
    public static IReadOnlyList<(double Y, double From, double To)> Of(Geometry figure, double firstY, double stepMm, int count)
    {
        return Of(Rings(figure).ToArray(), firstY, stepMm, count);
    }

    /// <summary>Spans of closed rings, whether or not they make a valid polygon.</summary>
    public static IReadOnlyList<(double Y, double From, double To)> Of(Coordinate[][] rings, double firstY, double stepMm, int count)
    {
        if (count <= 0 || rings.Length == 0)
        {
            return [];
        }

        var starts = new int[count + 1];
        foreach (var (_, _, from, to) in Edges(rings, firstY, stepMm, count))
        {
            for (var line = from; line < to; line++)
            {
                starts[line + 1]++;
            }
        }

        for (var line = 0; line < count; line++)
        {
            starts[line + 1] += starts[line];
        }

        var crossings = new double[starts[count]];
        var next = starts[..count];
        foreach (var (a, b, from, to) in Edges(rings, firstY, stepMm, count))
        {
            for (var line = from; line < to; line++)
            {
                var t = (firstY + line * stepMm - a.Y) / (b.Y - a.Y);
                crossings[next[line]++] = a.X + t * (b.X - a.X);
            }
        }

        var spans = new List<(double, double, double)>(crossings.Length / 2);
        for (var line = 0; line < count; line++)
        {
            var xs = crossings.AsSpan(starts[line]..starts[line + 1]);
            xs.Sort();
            for (var k = 0; k + 1 < xs.Length; k += 2)
            {
                spans.Add((firstY + line * stepMm, xs[k], xs[k + 1]));
            }
        }

        return spans;
    }

    // Edges with the lines they cross: from the first up to, not including, the last.
    private static IEnumerable<(Coordinate Low, Coordinate High, int From, int To)> Edges(Coordinate[][] rings, double firstY, double stepMm, int count)
    {
        foreach (var ring in rings)
        {
            for (var k = 1; k < ring.Length; k++)
            {
                var (a, b) = ring[k - 1].Y <= ring[k].Y ? (ring[k - 1], ring[k]) : (ring[k], ring[k - 1]);
                var from = Math.Max(0, (int)Math.Ceiling((a.Y - firstY) / stepMm));
                var to = Math.Min(count, (int)Math.Ceiling((b.Y - firstY) / stepMm));
                if (from < to)
                {
                    yield return (a, b, from, to);
                }
            }
        }
    }

    private static IEnumerable<Coordinate[]> Rings(Geometry figure)
    {
        for (var n = 0; n < figure.NumGeometries; n++)
        {
            if (figure.GetGeometryN(n) is Polygon polygon)
            {
                yield return polygon.ExteriorRing.Coordinates;
                foreach (var hole in polygon.InteriorRings)
                {
                    yield return hole.Coordinates;
                }
            }
        }
    }
}
