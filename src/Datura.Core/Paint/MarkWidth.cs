using NetTopologySuite.Algorithm;
using NetTopologySuite.Geometries;

namespace Datura.Core.Paint;

/// <summary>
/// The width of a filled mark along its length: where a place lies between its two long edges, 0 at the inner and 1 at the outer. The length is
/// the long side of the smallest box round it; a mark that bends is followed slice by slice.
/// </summary>
internal sealed class MarkWidth
{
    private const int Slices = 48;

    // The face's middle, from which outer and inner are told (by judgement).
    private static readonly ChartPoint Middle = new(0, -20);

    private readonly double ux;
    private readonly double uy;
    private readonly double start;
    private readonly double length;
    private readonly double[] inner = new double[Slices];
    private readonly double[] outer = new double[Slices];

    public MarkWidth(Geometry outline)
    {
        var points = outline.Coordinates;
        var (ax, ay) = LongSide(outline);
        // The normal, turned outwards.
        var centre = outline.EnvelopeInternal.Centre;
        (ux, uy) = Outward(centre.X, centre.Y, -ay, ax) ? (ax, ay) : (-ax, -ay);
        var along = points.Select(p => p.X * ux + p.Y * uy).ToArray();
        start = along.Min();
        length = Math.Max(along.Max() - start, 1e-6);
        Array.Fill(inner, double.PositiveInfinity);
        Array.Fill(outer, double.NegativeInfinity);
        foreach (var ring in Rings(outline))
        {
            for (var k = 1; k < ring.Length; k++)
            {
                Take(ring[k - 1], ring[k]);
            }
        }

        Fill();
    }

    public double At(double xMm, double yMm)
    {
        var slice = Math.Clamp((xMm * ux + yMm * uy - start) / length * (Slices - 1), 0, Slices - 1);
        var (low, share) = ((int)slice, slice - (int)slice);
        var high = Math.Min(low + 1, Slices - 1);
        var (from, to) = (inner[low] + share * (inner[high] - inner[low]), outer[low] + share * (outer[high] - outer[low]));
        return Math.Clamp((Across(xMm, yMm) - from) / Math.Max(to - from, 1e-6), 0, 1);
    }

    /// <summary>Whether a direction leads away from the face's middle; straight up where it leads neither way.</summary>
    public static bool Outward(double xMm, double yMm, double dx, double dy)
    {
        var away = (xMm - Middle.XMm) * dx + (yMm - Middle.YMm) * dy;
        return Math.Abs(away) > 1e-6 ? away > 0 : dy > 0;
    }

    // To the left of the length, which is outwards by its choice.
    private double Across(double x, double y) => -x * uy + y * ux;

    private void Take(Coordinate a, Coordinate b)
    {
        var steps = Math.Max(1, (int)Math.Ceiling(a.Distance(b) / length * 2 * Slices));
        for (var k = 0; k <= steps; k++)
        {
            var (x, y) = (a.X + (b.X - a.X) * k / steps, a.Y + (b.Y - a.Y) * k / steps);
            var slice = (int)Math.Clamp(Math.Round((x * ux + y * uy - start) / length * (Slices - 1)), 0, Slices - 1);
            inner[slice] = Math.Min(inner[slice], Across(x, y));
            outer[slice] = Math.Max(outer[slice], Across(x, y));
        }
    }

    // A slice that no edge falls into has the width of the one before it.
    private void Fill()
    {
        for (var k = 0; k < Slices; k++)
        {
            if (double.IsInfinity(inner[k]))
            {
                var near = Enumerable.Range(0, Slices).Where(n => !double.IsInfinity(inner[n])).DefaultIfEmpty(-1).MinBy(n => Math.Abs(n - k));
                (inner[k], outer[k]) = near < 0 ? (0, 1) : (inner[near], outer[near]);
            }
        }
    }

    private static (double X, double Y) LongSide(Geometry outline)
    {
        var box = MinimumDiameter.GetMinimumRectangle(outline).Coordinates;
        if (box.Length < 4)
        {
            return (1, 0);
        }

        var (a, b) = ((X: box[1].X - box[0].X, Y: box[1].Y - box[0].Y), (X: box[2].X - box[1].X, Y: box[2].Y - box[1].Y));
        var longer = a.X * a.X + a.Y * a.Y >= b.X * b.X + b.Y * b.Y ? a : b;
        var size = Math.Sqrt(longer.X * longer.X + longer.Y * longer.Y);
        return size > 1e-9 ? (longer.X / size, longer.Y / size) : (1, 0);
    }

    private static IEnumerable<Coordinate[]> Rings(Geometry outline)
    {
        for (var k = 0; k < outline.NumGeometries; k++)
        {
            yield return outline.GetGeometryN(k) is Polygon p ? p.ExteriorRing.Coordinates : outline.GetGeometryN(k).Coordinates;
        }
    }
}
