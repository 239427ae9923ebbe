using Datura.Core.Body;

namespace Datura.Core.Shapes.Kinds;

/// <summary>
/// Runs that follow the fall line of the skin and end in a bead: from a line of the face, or from the lower edge of the part they
/// hang on (common practice: the bead is 1.4 times as wide as the run).
/// </summary>
public sealed class Drips() : DrawnKind("drips", "Drips", Family.Flesh, [Zone.Orbit, Zone.Cheekbone, Zone.Lips, Zone.Chin, Zone.Forehead, Zone.Nose, Zone.NeckFront],
    [DripCoat, LightCoat], [From, Count, Length, Width, Uneven, Blown, Ends])
{
    private static readonly ChoiceSpec From = ParameterSpec.Choice("from", "Runs from", "Where the drips start.", 0, "lower lid", "corner of the mouth", "brow", "hairline", "neck");
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Drips", "Side by side.", 1, 9, 3);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the longest; where the skin turns under it stops before.", 8, 260, Of(0.42, "lowerFaceHeight"));
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "Of a run.", 0.8, 8, 2.8, 0.2);
    private static readonly NumberSpec Uneven = ParameterSpec.Ratio("uneven", "Uneven", "0 all run as far, 1 some hardly start.", 0, 1, 0.6);
    private static readonly NumberSpec Blown = ParameterSpec.Angle("blown", "Blown aside", "Outwards off the fall line, as with the head held aslant.", -50, 50, 0);
    private static readonly ChoiceSpec Ends = ParameterSpec.Choice("ends", "End", "What stands at the end of a run.", 0, "in a bead", "run dry");
    private static readonly CoatRole DripCoat = new("drip", "Drips", Stage.BodyColour, Tool.Round5, 1, 20);
    private static readonly CoatRole LightCoat = new("light", "Wet light", Stage.Highlight, Tool.Round1, 1, 95, Optional: true);

    private const double BeadToRun = 1.4;

    public override bool FollowsItsHost => true;

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(DripCoat, 1.2, 1)];

    public override IReadOnlyDictionary<string, string> WordsFor(Zone zone) => new Dictionary<string, string>
    {
        [From.Id] = zone switch { Zone.Lips or Zone.Chin => "corner of the mouth", Zone.Forehead => "hairline", Zone.NeckFront => "neck", _ => "lower lid" },
    };

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (count, width, longest) = (context.Count(Count), context.Number(Width), 0.0);
        var blown = context.Number(Blown) * Math.PI / 180;
        for (var k = 0; k < count; k++)
        {
            var start = Start(context, count == 1 ? 0.5 : (k + 0.15 * context.Design.Either()) / (count - 1.0));
            var whole = k == count / 2 ? 1 : 1 - context.Number(Uneven) * context.Design.Unit();
            var wander = 0.0;
            var path = FallLine.On(context.Body, start, Math.Max(4, context.Uneven(context.Number(Length)) * whole), () =>
                blown + (wander = Math.Clamp(0.8 * wander + 0.09 * context.Design.Either(), -0.3, 0.3)));
            if (path.Count < 2)
            {
                // Where the skin is level or turns under, the drop stands.
                pen.Dot(DripCoat, start, BeadToRun * width);
                continue;
            }

            longest = Math.Max(longest, context.Body.LineMm(path));
            if (context.Word(Ends) == "run dry")
            {
                pen.Stroke(DripCoat, path, Profile.ThickToThin(width));
                continue;
            }

            // Wide where it wells up, thin where it ran, a bead at the end.
            pen.Stroke(DripCoat, path, t => width * (0.72 + 0.5 * Math.Exp(-9 * t) + 0.25 * Math.Pow(t, 3)));
            pen.Dot(DripCoat, path[^1], BeadToRun * width);
            pen.Dot(LightCoat, path[^1] + new ChartPoint(-0.2 * width, 0.25 * width), 0.45 * width);
        }

        pen.Say("Longest", longest, "mm", context.Host is null ? $"from the {context.Word(From)}" : "from its edge");
    }

    // The place a share of the way along the line they run from, inner end first.
    private static ChartPoint Start(PartContext context, double share)
    {
        share = Math.Clamp(share, 0, 1);
        if (context.Host is { } host)
        {
            return LowerEdge(host, 0.1 + 0.8 * share);
        }

        var (from, to) = context.Word(From) switch
        {
            "corner of the mouth" => (context.At(Landmark.Cheilion) + new ChartPoint(-5, -1), context.At(Landmark.Cheilion)),
            "brow" => (context.At(Landmark.BrowInner), context.At(Landmark.BrowOuter)),
            "hairline" => (context.At(Landmark.Trichion) + new ChartPoint(8, -2), context.At(Landmark.Frontotemporale)),
            "neck" => (context.At(Landmark.ThyroidNotch) + new ChartPoint(4, -8), context.At(Landmark.ThyroidNotch) + new ChartPoint(36, -2)),
            _ => (context.At(Landmark.Endocanthion) + new ChartPoint(6, -4), context.At(Landmark.Exocanthion) + new ChartPoint(-3, -4)),
        };
        return from + share * (to - from);
    }

    // A little inside, so that the run comes out of the figure.
    private static ChartPoint LowerEdge(HostFigure host, double share)
    {
        var (left, right) = (host.Outline.Min(p => p.XMm), host.Outline.Max(p => p.XMm));
        var x = left + share * (right - left);
        var below = host.Outline.Zip(host.Outline.Skip(1).Append(host.Outline[0])).Where(e => (e.First.XMm - x) * (e.Second.XMm - x) <= 0)
            .Select(e => e.First.YMm + (Math.Abs(e.Second.XMm - e.First.XMm) < 1e-9 ? 0 : (x - e.First.XMm) / (e.Second.XMm - e.First.XMm)) * (e.Second.YMm - e.First.YMm));
        return new(x, below.DefaultIfEmpty(host.Lowest.YMm).Min() + 1.5);
    }
}
