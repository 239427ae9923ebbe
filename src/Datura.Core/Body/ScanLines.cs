using NetTopologySuite.Geometries;

namespace Datura.Core.Body;

/// <summary>Cuts a figure into horizontal spans (even–odd rule over all its rings, which holds for valid polygons).</summary>
public static class ScanLines
{
    /// <param name="figure">Polygons in chart mm; anything else has no spans.</param>
    /// <param name="stepMm">Distance between lines; the first runs half a step above the lowest point.</param>
    public static IEnumerable<(double Y, double From, double To)> Of(Geometry figure, double stepMm)
    {
        var box = figure.EnvelopeInternal;
        return Of(figure, box.MinY + stepMm / 2, stepMm, (int)Math.Ceiling(box.Height / stepMm));
    }

    /// <summary>Spans on given lines: the first at <paramref name="firstY"/>, then every step, as many as counted.</summary>
    public static IEnumerable<(double Y, double From, double To)> Of(Geometry figure, double firstY, double stepMm, int count)
    {
        if (count <= 0)
        {
            yield break;
        }

        var crossings = new List<double>?[count];
        foreach (var ring in Rings(figure))
        {
            for (var k = 1; k < ring.Length; k++)
            {
                var (a, b) = ring[k - 1].Y <= ring[k].Y ? (ring[k - 1], ring[k]) : (ring[k], ring[k - 1]);
                if (a.Y == b.Y)
                {
                    continue;
                }

                var from = Math.Max(0, (int)Math.Ceiling((a.Y - firstY) / stepMm));
                for (var line = from; line < count && firstY + line * stepMm < b.Y; line++)
                {
                    var t = (firstY + line * stepMm - a.Y) / (b.Y - a.Y);
                    (crossings[line] ??= []).Add(a.X + t * (b.X - a.X));
                }
            }
        }

        for (var line = 0; line < count; line++)
        {
            if (crossings[line] is not { } xs)
            {
                continue;
            }

            xs.Sort();
            for (var k = 0; k + 1 < xs.Count; k += 2)
            {
                yield return (firstY + line * stepMm, xs[k], xs[k + 1]);
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
