using Datura.Core.Body;
using NetTopologySuite.Geometries;
using NetTopologySuite.Operation.Union;
using NetTopologySuite.Simplify;

namespace Datura.Core.Shapes.Kinds;

/// <summary>The ground that everything else lies on: chosen zones, a soft edge, and an end that never sits on the jaw line.</summary>
public sealed class SkinBase : PartKind
{
    private const double UnderCostumeMm = 10;
    private const string ToFade = "fades below the jaw";
    private const string ToNeckline = "runs to the neckline";
    private const string AtJaw = "fades at the jaw";
    private const string OnNeck = "ends on the neck";
    private const string UnderChin = "ends under the chin";

    private static readonly ZonesSpec Zones = ParameterSpec.ZoneSet("zones", "Zones of the face", "Which zones get the ground.", Core.Body.Zones.Face);
    private static readonly ChoiceSpec LowerEnd = ParameterSpec.Choice("lowerEnd", "Lower end", "Where the ground ends on the neck.", 0, ToFade, ToNeckline, AtJaw, UnderChin, OnNeck);
    private static readonly ChoiceSpec Shape = ParameterSpec.Choice("shape", "Shape", "All of its zones, or a figure of them.", 0, GroundShape.All);
    private static readonly NumberSpec Margin = ParameterSpec.Length("margin", "Skin left bare", "Round an oval; round the eyes of a goggle shape it is what goes on past the orbit.", 0, 40, 14);
    private static readonly NumberSpec Line = ParameterSpec.Length("line", "Down to", "Below the nose root, for an upper face.", 0, 110, Of(0.36));
    private static readonly NumberSpec Height = ParameterSpec.Length("neckHeight", "Down the neck", "Below the chin, for an end on the neck; from there it fades.", 5, 110, 50);
    private static readonly NumberSpec Fade = ParameterSpec.Length("fade", "Fade length", "How long the ground takes to run out on the neck.", 10, 90, b => 0.25 * b.MeasuresMm["lowerFaceHeight"]);
    private static readonly NumberSpec Edge = ParameterSpec.Length("edge", "Soft edge", "Width over which the ground thins out at its border.", 2, 40, 14);
    private static readonly CoatRole GroundCoat = new("ground", "Ground", Stage.Base, Tool.Sponge, 2, 90);

    public override string Id => "skinBase";

    public override string Label => "Skin base";

    public override Family Family => Family.Bone;

    public override IReadOnlyList<Zone> HangsOn =>
        [Zone.Forehead, Zone.Temple, Zone.Cheekbone, Zone.CheekHollow, Zone.Chin, Zone.Jaw, Zone.UnderJaw, Zone.NeckFront, Zone.NeckSide, Zone.Collar, Zone.Sternum, Zone.Chest, Zone.Lid, Zone.Scalp, Zone.Ear];

    public override bool Sided => false;

    public override bool Movable => false;

    public override IReadOnlyList<ParameterSpec> Parameters { get; } = [Zones, LowerEnd, Height, Fade, Edge, Shape, Margin, Line];

    public override IReadOnlyList<CoatRole> Roles { get; } = [GroundCoat];

    protected override (IEnumerable<Mark> Marks, IEnumerable<SizeLine> Sizes) OneSide(PartContext context)
    {
        var body = context.Body;
        var chosen = context.Zones(Zones).Where(body.ZoneOutlines.ContainsKey).ToHashSet();
        var runs = context.Word(LowerEnd) == ToNeckline;
        var fadeMm = context.Number(Fade);
        var edge = context.Number(Edge);
        var underJaw = context.At(Landmark.Submentale);
        underJaw = context.Word(LowerEnd) == OnNeck ? body.Go(underJaw, -Math.PI / 2, context.Number(Height)) : underJaw;
        // A chin by itself is a spot; it is the jaw whose lower edge must not show.
        var end = context.Word(LowerEnd);
        var figure = GroundShape.Of(context.Word(Shape), body, context.Number(Margin), context.Number(Line));
        var carriesDown = chosen.Contains(Zone.Jaw) && figure is null && end is ToFade or ToNeckline or OnNeck;
        if (carriesDown)
        {
            chosen.UnionWith([Zone.UnderJaw, Zone.NeckFront, Zone.NeckSide]);
        }

        if (end == UnderChin && chosen.Contains(Zone.Jaw) && figure is null)
        {
            chosen.Add(Zone.UnderJaw);
        }

        // A goggle goes over the lids too.
        chosen.UnionWith(context.Word(Shape) == GroundShape.Goggle ? [Zone.Orbit, Zone.Lid] : []);
        // What ends at the jaw thins out there over its whole fade, so that no line shows.
        edge = end == AtJaw && figure is null ? Math.Max(edge, 0.6 * fadeMm) : edge;

        if (runs && carriesDown)
        {
            chosen.UnionWith([Zone.Collar, Zone.Sternum, Zone.Chest]);
        }

        var fade = runs || !carriesDown ? null : new Fade(underJaw.YMm + 4, body.Go(underJaw, -Math.PI / 2, fadeMm).YMm);
        // Under the edge of the costume it goes on a little, so that no bare line shows when the wearer moves.
        var limit = fade is null ? context.Costume.Bare(body).Buffer(UnderCostumeMm) : GroundShape.Above(fade.GoneBelowYMm);
        var shape = body.Once($"joined {string.Join('+', Core.Body.Zones.All.Where(chosen.Contains))}", () => Joined(body, chosen)).Intersection(limit);
        shape = figure is null ? shape : shape.Intersection(figure);
        // Bodies hold still at the front; the ground does not run round to the nape.
        var mark = new RegionMark(GroundCoat.Id, Side.Middle, shape, edge, fade);
        var areaCm2 = body.Chart.AreaMm2(shape) / 100;
        var sizes = new List<SizeLine> { new("Area", areaCm2, "cm²") };
        if (carriesDown)
        {
            var lowest = new ChartPoint(0, fade?.GoneBelowYMm ?? shape.EnvelopeInternal.MinY);
            sizes.Add(new("Ends", body.TapeMm(context.At(Landmark.Gnathion), lowest), "mm", runs ? "below the chin, under the costume" : "below the chin, faded out"));
        }

        return ([mark], sizes);
    }

    // Zones are joined with a hair of overlap so that no seam stays between them.
    private static Geometry Joined(FittedBody body, IReadOnlySet<Zone> chosen)
    {
        Geometry[] grown = [.. Core.Body.Zones.All.Where(chosen.Contains).Select(zone => body.ZoneOutlines[zone].Buffer(1.2, 2))];
        if (grown.Length == 0)
        {
            return GeometryFactory.Default.CreatePolygon();
        }

        // Corners of zones are nothing a sponge could follow.
        var all = DouglasPeuckerSimplifier.Simplify(UnaryUnionOp.Union(grown), 0.4).Buffer(4, 4).Buffer(-8, 4).Buffer(4, 4);
        return Core.Body.Zones.All.Where(n => !chosen.Contains(n) && body.ZoneOutlines[n].Intersects(all))
            .Aggregate(all, (left, zone) => left.Difference(body.ZoneOutlines[zone]));
    }

    private static Func<FittedBody, double> Of(double share) => body => share * body.MeasuresMm["faceHeight"];
}
