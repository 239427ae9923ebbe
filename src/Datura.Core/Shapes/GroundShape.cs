using Datura.Core.Body;
using NetTopologySuite.Geometries;

namespace Datura.Core.Shapes;

/// <summary>Figures a ground can be cut to, on the chart.</summary>
public static class GroundShape
{
    /// <summary>Round both eyes.</summary>
    public const string Goggle = "goggle";

    /// <summary>All of its zones.</summary>
    public const string Whole = "its zones";

    /// <summary>From the hairline down to a line.</summary>
    public const string UpperFace = "upper face";

    private const string Oval = "oval with a margin";

    /// <summary>Names of the shapes, the whole of the zones first.</summary>
    public static string[] All { get; } = [Whole, Oval, UpperFace, Goggle];

    /// <summary>The figure of a shape, or null for all of the zones.</summary>
    /// <param name="marginMm">Skin left bare round an oval; how far a goggle goes past the orbit.</param>
    /// <param name="lineMm">Below the nose root, where an upper face ends.</param>
    public static Geometry? Of(string shape, FittedBody body, double marginMm, double lineMm) => shape switch
    {
        Oval => Ellipse(body, marginMm),
        UpperFace => Above(body.Go(body.At(Landmark.Sellion), -Math.PI / 2, lineMm).YMm),
        Goggle => Round(body, marginMm),
        _ => null,
    };

    private static Geometry Ellipse(FittedBody body, double marginMm)
    {
        var (top, bottom, side) = (body.At(Landmark.Trichion).YMm - marginMm, body.At(Landmark.Gnathion).YMm + marginMm, body.At(Landmark.Zygion).XMm - marginMm);
        var (middle, half) = ((top + bottom) / 2, Math.Max(5, (top - bottom) / 2));
        const int pieces = 72;
        return Curves.Polygon(Enumerable.Range(0, pieces).Select(k => 2 * Math.PI * k / pieces).Select(t => new ChartPoint(Math.Max(5, side) * Math.Cos(t), middle + half * Math.Sin(t))));
    }

    // Both eyes in one figure, wider at the temples, with a dip over the nose.
    private static Geometry Round(FittedBody body, double marginMm)
    {
        var (brow, outer, cheek, root) = (body.At(Landmark.BrowPeak), body.At(Landmark.Exocanthion), body.At(Landmark.PalpebraleInferius), body.At(Landmark.Sellion));
        ChartPoint[] half =
        [
            new(0.35 * brow.XMm, brow.YMm + 0.7 * marginMm), new(brow.XMm, brow.YMm + marginMm), new(outer.XMm + 8 + marginMm, brow.YMm + 0.6 * marginMm), new(outer.XMm + 12 + marginMm, outer.YMm - 4),
            new(outer.XMm + 0.4 * marginMm, cheek.YMm - 10 - marginMm), new(cheek.XMm, cheek.YMm - 8 - marginMm), new(0.4 * cheek.XMm, cheek.YMm - 4),
        ];
        return Curves.Polygon(Curves.Through([new(0, root.YMm + 6 + 0.5 * marginMm), .. half, new(0, root.YMm - 8), .. half.Reverse().Select(p => p.Mirrored())], closed: true));
    }

    /// <summary>All of the chart above a height.</summary>
    public static Geometry Above(double yMm) => GeometryFactory.Default.CreatePolygon([new(-1000, yMm), new(1000, yMm), new(1000, 1000), new(-1000, 1000), new(-1000, yMm)]);
}
