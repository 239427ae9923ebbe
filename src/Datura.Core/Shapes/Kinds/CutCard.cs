using NetTopologySuite.Geometries;
using NetTopologySuite.Simplify;

namespace Datura.Core.Shapes.Kinds;

/// <summary>A card cut with a pattern, laid on and dabbed through: nothing falls out of it, and what is too narrow to hold is said.</summary>
public sealed class CutCard() : DrawnKind("cutCard", "Cut card", Family.Ornament,
    [Zone.Cheekbone, Zone.Forehead, Zone.Temple, Zone.CheekHollow, Zone.Chin, Zone.NeckFront, Zone.NeckSide, Zone.Collar, Zone.Chest],
    [ThroughCoat], [Pattern, At, Size, Turn, Bridge])
{
    private static readonly ChoiceSpec Pattern = ParameterSpec.Choice("pattern", "Pattern", "What is cut out of the card.", 0, CardPatterns.All);
    private static readonly ChoiceSpec At = ParameterSpec.Choice("at", "Laid on", "Where its middle lies.", 0, "cheekbone", "forehead", "temple", "upper lip", "throat", "collar bone");
    private static readonly NumberSpec Size = ParameterSpec.Length("size", "Size", "Longer side of the pattern, on the skin.", 20, 160, Of(0.5, "faceWidth"));
    private static readonly NumberSpec Turn = ParameterSpec.Angle("turn", "Turn", "Counter-clockwise as seen.", -180, 180, 0);
    private static readonly NumberSpec Bridge = ParameterSpec.Length("bridge", "Bridges", "Width of the strips that hold what would fall out.", CardBridges.LeastMm, 8, 3, 0.5);
    private static readonly CoatRole ThroughCoat = new("through", "Through the card", Stage.BodyColour, Tool.Sponge, 1, 30);

    // Smaller than this nothing comes through, mm² (by judgement).
    private const double LeastMm2 = 1;

    // Nobody cuts a card more exactly, mm (by judgement).
    private const double CutMm = 0.15;

    public override IReadOnlyList<CoatRole> StencilRoles => [ThroughCoat];

    public override IReadOnlyDictionary<string, string> WordsFor(Zone zone) => new Dictionary<string, string>
    {
        [At.Id] = zone switch
        {
            Zone.Forehead => "forehead",
            Zone.Temple => "temple",
            Zone.Chin => "upper lip",
            Zone.NeckFront or Zone.NeckSide => "throat",
            Zone.Collar or Zone.Chest => "collar bone",
            _ => "cheekbone",
        },
    };

    // The openings on the card, mm from its middle, held by their bridges.
    private static IReadOnlyList<Polygon> Openings(PartContext context)
    {
        var size = context.Number(Size);
        var figures = CardPatterns.Of(context.Word(Pattern), context.Design);
        IEnumerable<IEnumerable<ChartPoint>> all = figures.Count > 0 ? figures : (context.Motif ?? Motif.Lantern).Shapes.Where(s => s.Filled)
            .Select(s => s.Points.Chunk(2).Where(p => p.Length == 2).Select(p => new ChartPoint(p[0], p[1])));
        // Corners that nobody could cut are left out at once: every one is compared with the others and walked to over the skin.
        return CardBridges.Held(all.Select(f => TopologyPreservingSimplifier.Simplify(Curves.Polygon(f.Select(p => size * p)), CutMm)), context.Number(Bridge));
    }

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var middle = context.Word(At) switch
        {
            "forehead" => 0.5 * (context.At(Landmark.Trichion) + context.At(Landmark.Glabella)) + new ChartPoint(34, 0),
            "temple" => 0.5 * (context.At(Landmark.Frontotemporale) + context.At(Landmark.BrowOuter)) + new ChartPoint(8, 0),
            "upper lip" => context.At(Landmark.Cheilion) + new ChartPoint(8, 14),
            "throat" => context.At(Landmark.ThyroidNotch) + new ChartPoint(34, 4),
            "collar bone" => 0.5 * (context.At(Landmark.ClavicleInner) + context.At(Landmark.ClavicleOuter)) + new ChartPoint(0, -30),
            _ => context.At(Landmark.Cheekbone) + new ChartPoint(16, -4),
        };
        var (sin, cos) = Math.SinCos(context.UnevenAngle(context.Number(Turn) * Math.PI / 180));
        var openings = Openings(context);
        foreach (var opening in openings.Where(o => o.Area > LeastMm2))
        {
            pen.Fill(ThroughCoat, Curves.Polygon(Curves.Ring(opening.ExteriorRing).Select(p => context.Body.Lay(middle, p.XMm * cos - p.YMm * sin, p.XMm * sin + p.YMm * cos))), 0.5);
        }

        pen.Say("Openings", openings.Count, "");
        if (CardBridges.Thinnest(openings) is { } thin)
        {
            pen.Say("Narrowest bridge", thin.Mm, "mm", thin.Mm < CardBridges.LeastMm ? "tears when the card is lifted" : "");
        }
    }
}
