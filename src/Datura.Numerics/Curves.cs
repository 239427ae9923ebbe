using NetTopologySuite.Algorithm.Locate;
using NetTopologySuite.Geometries;

namespace Datura.Numerics;

/// <summary>Smooth and ragged curves from a few points, chart mm.</summary>
public static class Curves
{
    private const double PieceMm = 1.5;

    /// <summary>A curve through the points (centripetal enough for evenly spread points: Catmull–Rom).</summary>
    public static List<ChartPoint> Through(IReadOnlyList<ChartPoint> points, bool closed)
    {
        var result = new List<ChartPoint>();
        for (var k = 0; k < (closed ? points.Count : points.Count - 1); k++)
        {
            result.AddRange(Piece(points, k, closed).SkipLast(1));
        }

        if (!closed)
        {
            result.Add(points[^1]);
        }

        return result;
    }

    /// <summary>The piece of that curve from one point to the next, both ends included.</summary>
    public static List<ChartPoint> Piece(IReadOnlyList<ChartPoint> points, int k, bool closed)
    {
        var n = points.Count;
        ChartPoint P(int i) => closed ? points[(i % n + n) % n] : i < 0 ? 2 * points[0] - points[1]
            : i >= n ? 2 * points[n - 1] - points[n - 2] : points[i];
        return Piece(P(k - 1), P(k), P(k + 1), P(k + 2));
    }

    /// <summary>From b to c; a and d lie before and after them.</summary>
    public static List<ChartPoint> Piece(ChartPoint a, ChartPoint b, ChartPoint c, ChartPoint d)
    {
        var pieces = Math.Clamp((int)Math.Ceiling((c - b).Length() / PieceMm), 2, 200);
        var result = new List<ChartPoint>(pieces + 1);
        for (var s = 0; s <= pieces; s++)
        {
            var t = (double)s / pieces;
            result.Add(0.5 * (2 * b + t * (c - a) + t * t * (2 * a - 5 * b + 4 * c - d) + t * t * t * (3 * b - a - 3 * c + d)));
        }

        return result;
    }

    /// <summary>Length on the chart, mm.</summary>
    public static double Length(IReadOnlyList<ChartPoint> line)
    {
        var sum = 0.0;
        for (var k = 1; k < line.Count; k++)
        {
            sum += (line[k] - line[k - 1]).Length();
        }

        return sum;
    }

    /// <summary>The pieces of a line that lie outside of a figure, cut at the line's own points.</summary>
    public static IEnumerable<ChartPoint[]> Outside(IReadOnlyList<ChartPoint> line, Geometry figure)
    {
        var inside = new IndexedPointInAreaLocator(figure);
        var piece = new List<ChartPoint>();
        foreach (var point in line)
        {
            if (inside.Locate(new(point.XMm, point.YMm)) == Location.Exterior)
            {
                piece.Add(point);
            }
            else if (piece.Count > 0)
            {
                yield return [.. piece];
                piece.Clear();
            }
        }

        if (piece.Count > 0)
        {
            yield return [.. piece];
        }
    }

    /// <summary>Points of a line evenly apart, from its first on; the last is there only when the spacing meets it.</summary>
    public static List<ChartPoint> Every(double spacingMm, IReadOnlyList<ChartPoint> line)
    {
        var result = new List<ChartPoint> { line[0] };
        var next = spacingMm;
        for (var k = 1; k < line.Count; k++)
        {
            var piece = (line[k] - line[k - 1]).Length();
            for (; next <= piece; next += spacingMm)
            {
                result.Add(line[k - 1] + next / piece * (line[k] - line[k - 1]));
            }

            next -= piece;
        }

        return result;
    }

    /// <summary>Outer rings of a figure, closed: the first point comes again as the last.</summary>
    public static IEnumerable<IReadOnlyList<ChartPoint>> OuterRings(Geometry figure) => Polygons(figure).Select(p => Ring(p.ExteriorRing));

    /// <summary>Outer rings and holes of a figure, closed; each outer ring is followed by its holes.</summary>
    public static IEnumerable<IReadOnlyList<ChartPoint>> Rings(Geometry figure) =>
        Polygons(figure).SelectMany(p => p.InteriorRings.Prepend(p.ExteriorRing).Select(Ring));

    /// <summary>The polygons a figure is made of.</summary>
    public static IEnumerable<Polygon> Polygons(Geometry figure) =>
        Enumerable.Range(0, figure.NumGeometries).Select(n => figure.GetGeometryN(n)).OfType<Polygon>().Where(p => !p.IsEmpty);

    /// <summary>The places of a ring, its first one again at the end.</summary>
    public static IReadOnlyList<ChartPoint> Ring(LineString ring) => [.. ring.Coordinates.Select(c => new ChartPoint(c.X, c.Y))];

    /// <summary>Moves a closed outline in and out along its normal by up to a depth, in teeth about 5 mm long or a number of them all round.</summary>
    public static List<ChartPoint> Ragged(IReadOnlyList<ChartPoint> outline, double depthMm, SeededRandom random, int? round = null)
    {
        if (depthMm <= 0)
        {
            return [.. outline];
        }

        const double toothMm = 5;
        var n = outline.Count;
        var length = Enumerable.Range(0, n).Sum(k => (outline[(k + 1) % n] - outline[k]).Length());
        var teeth = round ?? Math.Max(6, (int)Math.Round(length / toothMm));
        var offset = Enumerable.Range(0, teeth).Select(_ => depthMm * random.Either()).ToArray();
        var result = new List<ChartPoint>(n);
        var walked = 0.0;
        for (var k = 0; k < n; k++)
        {
            var along = walked / length * teeth;
            var tooth = (int)along % teeth;
            var t = along - (int)along;
            var off = offset[tooth] + t * (offset[(tooth + 1) % teeth] - offset[tooth]);
            var direction = outline[(k + 1) % n] - outline[(k - 1 + n) % n];
            var size = Math.Max(direction.Length(), 1e-9);
            result.Add(outline[k] + off / size * new ChartPoint(direction.YMm, -direction.XMm));
            walked += (outline[(k + 1) % n] - outline[k]).Length();
        }

        return result;
    }

    /// <summary>The place a share of the way along a line.</summary>
    public static ChartPoint At(IReadOnlyList<ChartPoint> line, double share)
    {
        var left = Math.Clamp(share, 0, 1) * Length(line);
        for (var k = 1; k < line.Count; k++)
        {
            var piece = (line[k] - line[k - 1]).Length();
            if (left <= piece && piece > 0)
            {
                return line[k - 1] + left / piece * (line[k] - line[k - 1]);
            }

            left -= piece;
        }

        return line[^1];
    }

    /// <summary>A valid polygon from a closed outline; a curve that crosses itself is mended.</summary>
    public static Geometry Polygon(IEnumerable<ChartPoint> outline)
    {
        var ring = outline.Select(p => new Coordinate(p.XMm, p.YMm)).ToList();
        ring.Add(ring[0].Copy());
        Coordinate[] points = [.. ring];
        Geometry polygon = GeometryFactory.Default.CreatePolygon(points);
        return points.Length <= MostPlainPoints && Plain(points) || polygon.IsValid ? polygon : polygon.Buffer(0);
    }

    // Rings of a few dozen points are held edge against edge; the library's whole check took a third of a look's shapes (measured).
    private const int MostPlainPoints = 130;

    /// <summary>Whether no edge of a closed ring touches another but at their common point.</summary>
    internal static bool Plain(ReadOnlySpan<Coordinate> ring)
    {
        var n = ring.Length - 1;
        for (var i = 0; i < n; i++)
        {
            double ax = ring[i].X, ay = ring[i].Y, bx = ring[i + 1].X, by = ring[i + 1].Y;
            var (left, right, low, high) = (Math.Min(ax, bx), Math.Max(ax, bx), Math.Min(ay, by), Math.Max(ay, by));
            if (ax == bx && ay == by)
            {
                return false;
            }

            for (var j = i + 1; j < n; j++)
            {
                double cx = ring[j].X, cy = ring[j].Y, dx = ring[j + 1].X, dy = ring[j + 1].Y;
                if ((cx < left && dx < left) || (cx > right && dx > right) || (cy < low && dy < low) || (cy > high && dy > high))
                {
                    continue;
                }

                double Turn(double px, double py) => (bx - ax) * (py - ay) - (by - ay) * (px - ax);
                double Back(double px, double py) => (dx - cx) * (py - cy) - (dy - cy) * (px - cx);
                var neighbours = j == i + 1 || (i == 0 && j == n - 1);
                var (c, d, a, b) = (Turn(cx, cy), Turn(dx, dy), Back(ax, ay), Back(bx, by));
                // Neighbours share a point; only folding back onto each other is a fault.
                if (neighbours ? c == 0 && d == 0 : c * d <= 0 && a * b <= 0)
                {
                    return false;
                }
            }
        }

        return n >= 3;
    }

    /// <summary>A band along a spine whose half width is given at every point; round at neither end.</summary>
    public static Geometry Band(IReadOnlyList<ChartPoint> spine, Func<double, double> halfWidthMm)
    {
        var upper = new List<ChartPoint>();
        var lower = new List<ChartPoint>();
        for (var k = 0; k < spine.Count; k++)
        {
            var direction = spine[Math.Min(k + 1, spine.Count - 1)] - spine[Math.Max(k - 1, 0)];
            var normal = 1 / Math.Max(direction.Length(), 1e-9) * new ChartPoint(-direction.YMm, direction.XMm);
            var w = halfWidthMm((double)k / (spine.Count - 1));
            upper.Add(spine[k] + w * normal);
            lower.Add(spine[k] - w * normal);
        }

        lower.Reverse();
        return Polygon(upper.Concat(lower));
    }
}
