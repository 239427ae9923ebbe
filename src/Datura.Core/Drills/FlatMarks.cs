using Datura.Core.Body;
using Datura.Core.Shapes.Transfer;
using NetTopologySuite.Geometries;

namespace Datura.Core.Drills;

/// <summary>The marks of a part pressed flat, each as a stroke: a filled figure as the stroke along its length, as wide as it is.</summary>
/// <param name="Marks">y down.</param>
/// <param name="Stretch">Greatest change of length against the skin.</param>
public sealed record FlatMarks(IReadOnlyList<DrillStroke> Marks, double Stretch)
{
    private const int Slices = 24;

    // A fill as large as this is laid, not drawn.
    private const double LargestMm2 = 9000;

    /// <returns>Null where nothing of it is drawn.</returns>
    public static FlatMarks? Of(ExpandedPart part, FittedBody body)
    {
        if (part.Kind.Roles[0].Stage == Stage.Base || !part.Kind.Movable)
        {
            return null;
        }

        var side = part.Kind.Sided && part.Part.Sides == Sides.Right ? Side.Right : Side.Left;
        Mark[] own = [.. part.Marks.Marks.Where(m => m.Side == side || m.Side == Side.Middle || !part.Kind.IsSided(part.Part)).Where(m => m is not RegionMark { Pulled: true } and not RegionMark { Outline.Area: > LargestMm2 or < 1 })];
        if (own.Length == 0)
        {
            return null;
        }

        var figure = GeometryFactory.Default.CreateMultiPointFromCoords([.. own.SelectMany(Corners)]).ConvexHull().Buffer(1);
        var patch = new FlatPatch(body, figure, 6);
        return new([.. own.Select(m => Stroke(m, patch)).OfType<DrillStroke>()], patch.MostStretch(figure));
    }

    private static IEnumerable<Coordinate> Corners(Mark mark) => mark switch
    {
        StrokeMark s => s.Path.Select(p => new Coordinate(p.XMm, p.YMm)),
        RegionMark r => r.Outline.Coordinates,
        DotMark d => [new(d.At.XMm, d.At.YMm)],
        _ => [],
    };

    private static DrillStroke? Stroke(Mark mark, FlatPatch patch) => mark switch
    {
        StrokeMark { Path.Count: >= 2 } s => new([.. s.Path.Select(p => Down(patch.Flat(p)))], s.WidthsMm),
        DotMark d when Down(patch.Flat(d.At)) is var at => new([at - new ChartPoint(d.DiameterMm / 2, 0), at, at + new ChartPoint(d.DiameterMm / 2, 0)], [0, d.DiameterMm, 0]),
        RegionMark r => Along([.. Curves.OuterRings(r.Outline).OrderByDescending(ring => ring.Count).First().Select(p => Down(patch.Flat(p)))]),
        _ => null,
    };

    private static ChartPoint Down(ChartPoint p) => new(p.XMm, -p.YMm);

    // Along the farthest two points of a ring, cut across by turns.
    private static DrillStroke? Along(IReadOnlyList<ChartPoint> ring)
    {
        var (a, b, far) = (ring[0], ring[0], 0.0);
        foreach (var p in ring)
        {
            foreach (var q in ring)
            {
                if ((q - p).Length() > far)
                {
                    (a, b, far) = (p, q, (q - p).Length());
                }
            }
        }

        if (far <= 0)
        {
            return null;
        }

        var along = 1 / far * (b - a);
        var across = new ChartPoint(-along.YMm, along.XMm);
        var (path, widths) = (new List<ChartPoint> { a }, new List<double> { 0 });
        for (var k = 1; k < Slices; k++)
        {
            var at = far * k / Slices;
            double[] cuts = [.. ring.Zip(ring.Skip(1).Append(ring[0]), (p, q) => Cut(p - a, q - a)).OfType<double>()];
            if (cuts.Length >= 2)
            {
                path.Add(a + at * along + (cuts.Min() + cuts.Max()) / 2 * across);
                widths.Add(cuts.Max() - cuts.Min());
            }

            double? Cut(ChartPoint p, ChartPoint q)
            {
                var (u, v) = (Dot(p, along) - at, Dot(q, along) - at);
                return u * v > 0 || u == v ? null : Dot(p, across) + u / (u - v) * (Dot(q, across) - Dot(p, across));
            }
        }

        path.Add(b);
        widths.Add(0);
        return new(path, widths);
    }

    private static double Dot(ChartPoint a, ChartPoint b) => a.XMm * b.XMm + a.YMm * b.YMm;
}
