using NetTopologySuite.Geometries;

namespace Datura.Core.Drills;

/// <summary>A figure laid on a ground: how large, how turned, and where. Its proportions are kept: lines grow with it.</summary>
/// <param name="Share">Of its own size.</param>
/// <param name="TurnRad">Clockwise, as one looks at the sheet.</param>
/// <param name="At">Its middle on the flat sheet.</param>
public sealed record DrillLay(DrillFigure Figure, GroundSurface Ground, double Share, double TurnRad, ChartPoint At)
{
    public const double LeastShare = 0.2;
    public const double MostShare = 2;

    // What is laid as large as it goes keeps so far off the edge, as a share.
    private const double Room = 0.96;

    /// <summary>The figure as large as it goes, up to its own size, upright or lying, in the middle of the ground.</summary>
    public static DrillLay Of(DrillFigure figure, GroundSurface ground) =>
        new[] { 0, Math.PI / 2 }.Select(turn => new DrillLay(figure, ground, 1, turn, ground.Middle).AsLargeAsFits()).MaxBy(l => l.Share)!;

    /// <summary>On the flat sheet, mm.</summary>
    public IReadOnlyList<DrillStroke> Strokes => [.. Figure.Strokes.Select(s => new DrillStroke([.. s.Path.Select(p => Turned(Share * p, TurnRad) + At)], [.. s.WidthsMm.Select(w => Share * w)]) { Mirrors = s.Mirrors })];

    /// <summary>Whether all of it lies on the ground.</summary>
    public bool Fits => Outline.Contains(Taken);

    /// <summary>How much of it runs over the edge, 0 to 1.</summary>
    public double OverShare => Taken is var taken && taken.Area > 0 ? taken.Difference(Outline).Area / taken.Area : 0;

    private Polygon Outline => GeometryFactory.Default.CreatePolygon([.. Ground.Outline.Append(Ground.Outline[0]).Select(p => new Coordinate(p.XMm, p.YMm))]);

    private Geometry Taken => GeometryFactory.Default.CreateMultiPointFromCoords(
        [.. Strokes.SelectMany(s => s.Path.Zip(s.WidthsMm, (p, w) => (p, w)).SelectMany(e => new[] { (1, 0), (-1, 0), (0, 1), (0, -1) }.Select(d => new Coordinate(e.p.XMm + d.Item1 * e.w / 2, e.p.YMm + d.Item2 * e.w / 2))))]).ConvexHull();

    /// <summary>As it was made, upright again and about the figure's middle, so that left and right can be held against each other.</summary>
    public DrillStroke? Upright(DrillStroke? made) => made is null ? null : new([.. made.Path.Select(p => Turned(p - At, -TurnRad))], made.WidthsMm);

    /// <summary>How what was made differs from what was wanted, in mm of the ground.</summary>
    /// <returns>Null where nothing was made.</returns>
    public DrillScore? Score(InkReading read) =>
        DrillScore.Of([.. Figure.Strokes.Select(s => new DrillStroke([.. s.Path.Select(p => Share * p)], [.. s.WidthsMm.Select(w => Share * w)]) { Mirrors = s.Mirrors })], [.. read.Strokes.Select(Upright)])
            is { } score ? score with { CoveredPercent = read.CoveredPercent, TonePercent = read.TonePercent } : null;

    private DrillLay AsLargeAsFits()
    {
        if (Fits)
        {
            return this;
        }

        var (low, high) = (0.0, 1.0);
        for (var k = 0; k < 20; k++)
        {
            var mid = (low + high) / 2;
            (low, high) = (this with { Share = mid }).Fits ? (mid, high) : (low, mid);
        }

        return this with { Share = Math.Max(LeastShare, Room * low) };
    }

    private static ChartPoint Turned(ChartPoint p, double rad) => new(p.XMm * Math.Cos(rad) - p.YMm * Math.Sin(rad), p.XMm * Math.Sin(rad) + p.YMm * Math.Cos(rad));
}
