using Datura.Core.Body;
using NetTopologySuite.Geometries;
using NetTopologySuite.Operation.Union;

namespace Datura.Core.Shapes.Transfer;

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

    /// <summary>More than this and the card is slit.</summary>
    public const double MostStretchWhole = 0.02;

    // How far up the figure the slit ends, and from which edge it comes; the first that is enough is taken.
    private static readonly (double Up, bool FromBelow)[] SlitsTried =
        [(0.5, true), (0.5, false), (0.65, true), (0.35, false), (0.35, true), (0.65, false), (0.8, true), (0.2, false), (0.9, true), (0.1, false), (1.2, true), (-0.2, false)];

    // Larger cards bend over so much that one slit does not help.
    private const double SlitUpToMm = 90;

    /// <summary>Where the card is cut open to its middle, from the edge inwards; empty for a whole card.</summary>
    public IReadOnlyList<ChartPoint> Slit { get; init; } = [];

    /// <param name="allowanceMm">Card left round the figure, 0 to 30 mm.</param>
    /// <returns>Null when the part has no figure of its own: a base, or nothing on that side.</returns>
    public static TemplatePiece? Of(PartKind kind, Part part, PartMarks marks, FittedBody body, double allowanceMm)
    {
        var side = kind.Sided && part.Sides == Sides.Right ? Side.Right : Side.Left;
        var own = marks.Marks.Where(m => m.Side == side || m.Side == Side.Middle || !kind.IsSided(part)).ToArray();
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
        var (patch, slit) = Pressed(body, figure, allowance + LandmarkReachMm);
        IReadOnlyList<ChartPoint> Flat(IEnumerable<ChartPoint> line) => [.. line.Select(patch.Flat)];
        var middle = Enumerable.Range(-400, 701).Select(y => new ChartPoint(0, y)).Where(patch.Holds).ToArray();
        var outlines = regions.Select(r => r.Outline).Concat(dots).SelectMany(Curves.Rings).Select(Flat).ToArray();
        var lines = strokes.Select(s => Flat(s.Path)).ToArray();
        var points = outlines.Concat(lines).SelectMany(l => l).ToArray();
        return new(
            part.Id, kind.LabelOf(part), kind.IsSided(part), false, outlines, lines,
            [.. Curves.Rings(figure.ConvexHull().Buffer(Math.Max(allowance, 0.5), 6)).Select(Flat)],
            [.. NamedPlaces.All.Where(p => patch.Holds(body.At(p.Key))).Select(p => new TemplateMark(p.Key, patch.Flat(body.At(p.Key))))],
            Flat(middle), patch.MostStretch(figure),
            points.Max(p => p.XMm) - points.Min(p => p.XMm), points.Max(p => p.YMm) - points.Min(p => p.YMm))
        {
            Slit = slit is null ? [] : Flat(SlitLine(slit, figure.EnvelopeInternal, Math.Max(allowance, 0.5))),
        };
    }

    // A card that would have to stretch is slit from its edge to its middle, where that helps most.
    private static (FlatPatch Patch, Slit? Slit) Pressed(FittedBody body, Geometry figure, double aroundMm)
    {
        // Either all that the figure spans is kept true, or the figure alone and what lies between gives way.
        Geometry[] cores = [figure.ConvexHull(), figure.Buffer(1.5)];
        var box = figure.EnvelopeInternal;
        var x = box.MinX < 0 && box.MaxX > 0 ? 0 : box.Centre.X;
        (FlatPatch Patch, Slit? Slit) best = (new(body, cores[0], aroundMm), null);
        var least = best.Patch.MostStretch(figure);
        if (Math.Max(box.Width, box.Height) > SlitUpToMm)
        {
            return best;
        }

        var slits = SlitsTried.Select(t => new Slit(x, box.MinY + t.Up * box.Height, t.FromBelow)).ToArray();
        foreach (var (core, slit) in slits.Prepend(null).SelectMany(s => cores.Select(c => (c, s))).Skip(1))
        {
            if (least <= MostStretchWhole)
            {
                break;
            }

            var patch = new FlatPatch(body, core, aroundMm, slit);
            if (patch.MostStretch(figure) is var stretch && stretch < least)
            {
                (best, least) = ((patch, slit), stretch);
            }
        }

        return best;
    }

    // A hair beside the slit, so that the line is that of one of its two lips.
    private static ChartPoint[] SlitLine(Slit slit, Envelope box, double beyondMm)
    {
        var (from, to) = (slit.FromBelow ? box.MinY - beyondMm : box.MaxY + beyondMm, slit.EndYMm);
        return [.. Enumerable.Range(0, 21).Select(k => new ChartPoint(slit.XMm + 0.01, from + k / 20.0 * (to - from)))];
    }

    /// <summary>The same card turned over, for the other side.</summary>
    public TemplatePiece Turned() => this with
    {
        Mirrored = !Mirrored,
        Outlines = [.. Outlines.Select(Turned)],
        Lines = [.. Lines.Select(Turned)],
        Cut = [.. Cut.Select(Turned)],
        Slit = Turned(Slit),
        Landmarks = [.. Landmarks.Select(l => new TemplateMark(l.Landmark.Mirrored, l.At.Mirrored()))],
        CentreLine = Turned(CentreLine),
    };

    private static IReadOnlyList<ChartPoint> Turned(IReadOnlyList<ChartPoint> line) => [.. line.Select(p => p.Mirrored())];
}
