using NetTopologySuite.Geometries;
using NetTopologySuite.Operation.Union;
using NetTopologySuite.Simplify;

namespace Datura.Core.Shapes.Transfer;

/// <summary>
/// What of a part is worth finding on the skin: its own outline when it is one or a few figures, the envelope when it is a
/// row or a cluster of many, its longest line when it is drawn in lines (common practice: map the large, paint the small by eye).
/// </summary>
public static class Figures
{
    private const int MostOwnOutlines = 2;
    private const int MostEnvelopes = 1;
    private const int MostLines = 1;
    private const double MostTautArea = 1.35;
    private const double SmallestMm = 14;
    private const double ShortestLineMm = 22;
    private const double EnvelopeMm = 14;

    /// <summary>Softer outlines are placed by eye.</summary>
    private const double SharpEdgeMm = 8;

    public static IEnumerable<Figure> Of(PartKind kind, Part part, PartMarks marks)
    {
        if (kind.Roles[0].Stage == Stage.Base)
        {
            return [];
        }

        var side = kind.Sided && part.Sides == Sides.Right ? Side.Right : Side.Left;
        var own = marks.Marks.Where(m => m.Side == side || m.Side == Side.Middle).ToArray();
        var regions = own.OfType<RegionMark>().Where(r => r.EdgeMm <= SharpEdgeMm).GroupBy(r => r.Role).FirstOrDefault()?.ToArray() ?? [];
        var wide = regions.Where(r => Extent(r.Outline.EnvelopeInternal) >= SmallestMm).ToArray();
        if (wide.Length == regions.Length && wide.Length is > 0 and <= MostOwnOutlines)
        {
            return wide.SelectMany(r => Rings(r.Outline)).Select(line => Outline(part, kind, wide[0], line));
        }

        if (regions.Length > 0)
        {
            // Teeth of both sides make one row; what lies wholly on the other side is its mirror image.
            var all = regions[0].Side == Side.Middle ? own.OfType<RegionMark>().Where(r => r.Role == regions[0].Role) : regions;
            var envelope = Envelope([.. all]);
            return Rings(envelope).Where(r => Extent(Box(r)) >= SmallestMm).OrderByDescending(r => Extent(Box(r))).Take(MostEnvelopes)
                .Select(line => Outline(part, kind, regions[0], line) with { Envelope = true });
        }

        return own.OfType<StrokeMark>().Where(s => Curves.Length(s.Path) >= ShortestLineMm).OrderByDescending(s => Curves.Length(s.Path)).Take(MostLines)
            .Select(s => new Figure(part.Id, kind.LabelOf(part), s.Side, false, s.Path));
    }

    // A taut line round them all, unless it would take in much that is not theirs (a row that bends round the eye).
    private static Geometry Envelope(RegionMark[] marks)
    {
        var taut = GeometryFactory.Default.CreateGeometryCollection([.. marks.Select(m => m.Outline)]).ConvexHull();
        var near = Footprint.Of([.. marks.Select(Around), .. marks]);
        return taut.Area < MostTautArea * near.AreaMm2 ? taut : UnaryUnionOp.Union(marks.Select(Grown).ToArray()).Buffer(-EnvelopeMm, 3);
    }

    // Small figures stand for a disc: hundreds of spots need no more (measured: a third of the dots' time).
    private static Mark Around(RegionMark mark) => mark.Box() is var box && Extent(box) < EnvelopeMm
        ? new DotMark("", mark.Side, new(box.Centre.X, box.Centre.Y), Extent(box) + EnvelopeMm)
        : new StrokeMark("", mark.Side, Ring(mark.Outline), [.. Ring(mark.Outline).Select(_ => EnvelopeMm)]);

    private static Geometry Grown(RegionMark mark) => mark.Box() is var box && Extent(box) < EnvelopeMm
        ? new Point(box.Centre).Buffer(Extent(box) / 2 + EnvelopeMm, 2)
        : DouglasPeuckerSimplifier.Simplify(mark.Outline, 1).Buffer(EnvelopeMm, 2);

    private static ChartPoint[] Ring(Geometry outline) => [.. outline.Coordinates.Where((_, k) => k % 4 == 0).Select(c => new ChartPoint(c.X, c.Y))];

    private static Figure Outline(Part part, PartKind kind, RegionMark r0, IReadOnlyList<ChartPoint> line) => new(part.Id, kind.LabelOf(part), r0.Side, true, line);

    private static IEnumerable<IReadOnlyList<ChartPoint>> Rings(Geometry outline) => Curves.OuterRings(outline).Select(r => (IReadOnlyList<ChartPoint>)[.. r.SkipLast(1)]);

    private static double Extent(Envelope box) => Math.Max(box.Width, box.Height);

    private static Envelope Box(IReadOnlyList<ChartPoint> line)
    {
        var box = new Envelope();
        foreach (var p in line)
        {
            box.ExpandToInclude(p.XMm, p.YMm);
        }

        return box;
    }
}
