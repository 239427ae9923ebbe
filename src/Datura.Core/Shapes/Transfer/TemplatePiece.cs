using Datura.Core.Body;
using NetTopologySuite.Geometries;
using NetTopologySuite.Operation.Union;

namespace Datura.Core.Shapes.Transfer;

/// <summary>A landmark or dot printed on a template, flat mm.</summary>
public sealed record TemplateMark(string Words, ChartPoint At);

/// <summary>One part at true size on a flat card, mm, x out of the wearer's left and y up.</summary>
/// <param name="Sided">Whether it belongs to one side, so that a turned copy serves the other.</param>
/// <param name="Outlines">Closed rings to draw along.</param>
/// <param name="Lines">Open lines to draw.</param>
/// <param name="Cut">Where to cut the card: round the figure at the cut allowance.</param>
/// <param name="CentreLine">Piece of the wearer's mid-line that crosses the card; empty when none does.</param>
/// <param name="MostStretch">Greatest change of length against the skin anywhere under the figure, 0.02 is 2 %.</param>
/// <param name="WidthMm">Of the figure itself.</param>
public sealed record TemplatePiece(
    string PartId, string Title, bool Sided, bool Mirrored, IReadOnlyList<IReadOnlyList<ChartPoint>> Outlines, IReadOnlyList<IReadOnlyList<ChartPoint>> Lines,
    IReadOnlyList<IReadOnlyList<ChartPoint>> Cut, IReadOnlyList<TemplateMark> Landmarks, IReadOnlyList<ChartPoint> CentreLine,
    double MostStretch, double WidthMm, double HeightMm)
{
    private const double LandmarkReachMm = 14;

    /// <param name="allowanceMm">Card left round the figure, 0 to 30 mm.</param>
    /// <returns>Null when the part has no figure of its own: a base, or nothing on that side.</returns>
    public static TemplatePiece? Of(PartKind kind, Part part, PartMarks marks, FittedBody body, double allowanceMm)
    {
        var side = kind.Sided && part.Sides == Sides.Right ? Side.Right : Side.Left;
        var own = marks.Marks.Where(m => m.Side == side || m.Side == Side.Middle || !kind.Sided).ToArray();
        var first = own.OfType<RegionMark>().FirstOrDefault()?.Role;
        var regions = own.OfType<RegionMark>().Where(r => r.Role == first).ToArray();
        var strokes = regions.Length > 0 ? [] : own.OfType<StrokeMark>().ToArray();
        // A row of dots has neither figures nor lines: each dot is a small ring.
        Geometry[] dots = regions.Length + strokes.Length > 0 ? []
            : [.. own.OfType<DotMark>().Select(d => GeometryFactory.Default.CreatePoint(new Coordinate(d.At.XMm, d.At.YMm)).Buffer(d.DiameterMm / 2, 4))];
        Geometry[] ground =
        [
            .. regions.Select(r => r.Outline), .. dots,
            .. strokes.Select(s => GeometryFactory.Default.CreateLineString([.. s.Path.Select(p => new Coordinate(p.XMm, p.YMm))]).Buffer(1)),
        ];
        if (ground.Length == 0 || !kind.Movable)
        {
            return null;
        }

        var figure = UnaryUnionOp.Union(ground);
        var allowance = Math.Clamp(allowanceMm, 0, 30);
        var patch = new FlatPatch(body, figure.ConvexHull(), allowance + LandmarkReachMm);
        IReadOnlyList<ChartPoint> Flat(IEnumerable<ChartPoint> line) => [.. line.Select(patch.Flat)];
        var middle = Enumerable.Range(-400, 701).Select(y => new ChartPoint(0, y)).Where(patch.Holds).ToArray();
        var outlines = regions.Select(r => r.Outline).Concat(dots).SelectMany(Curves.Rings).Select(Flat).ToArray();
        var lines = strokes.Select(s => Flat(s.Path)).ToArray();
        var points = outlines.Concat(lines).SelectMany(l => l).ToArray();
        return new(
            part.Id, kind.Label, kind.Sided, false, outlines, lines,
            [.. Curves.Rings(figure.ConvexHull().Buffer(Math.Max(allowance, 0.5), 6)).Select(Flat)],
            [.. NamedPlaces.All.Where(p => patch.Holds(body.Landmark(p.Key))).Select(p => new TemplateMark(p.Value, patch.Flat(body.Landmark(p.Key))))],
            Flat(middle), patch.MostStretch(figure),
            points.Max(p => p.XMm) - points.Min(p => p.XMm), points.Max(p => p.YMm) - points.Min(p => p.YMm));
    }

    /// <summary>The same card turned over, for the other side.</summary>
    public TemplatePiece Turned() => this with
    {
        Mirrored = !Mirrored,
        Outlines = [.. Outlines.Select(Turned)],
        Lines = [.. Lines.Select(Turned)],
        Cut = [.. Cut.Select(Turned)],
        Landmarks = [.. Landmarks.Select(l => new TemplateMark(OtherSide(l.Words), l.At.Mirrored()))],
        CentreLine = Turned(CentreLine),
    };

    private static IReadOnlyList<ChartPoint> Turned(IReadOnlyList<ChartPoint> line) => [.. line.Select(p => p.Mirrored())];

    private static string OtherSide(string words) => words.Contains("left", StringComparison.Ordinal)
        ? words.Replace("left", "right", StringComparison.Ordinal) : words.Replace("right", "left", StringComparison.Ordinal);
}
