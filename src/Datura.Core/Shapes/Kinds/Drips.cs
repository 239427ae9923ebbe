using Datura.Core.Body;

namespace Datura.Core.Shapes.Kinds;

/// <summary>Drips that run down the true slope of the skin and end in a drop.</summary>
public sealed class Drips() : DrawnKind("drips", "Drips", Family.Flesh, [Zone.Orbit, Zone.Cheekbone, Zone.Lips, Zone.Chin, Zone.Forehead, Zone.Nose],
    [DripCoat, LightCoat], [From, Count, Length, Width])
{
    private static readonly ChoiceSpec From = ParameterSpec.Choice("from", "Runs from", "Where the drips start.", 0, "lower lid", "corner of the mouth", "brow", "hairline");
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Drips", "Side by side.", 1, 7, 3);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the longest.", 8, 140, Of(0.34, "lowerFaceHeight"));
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "Of a run.", 0.8, 8, 2.4, 0.2);
    private static readonly CoatRole DripCoat = new("drip", "Drips", Stage.BodyColour, Tool.Round5, 1, 20);
    private static readonly CoatRole LightCoat = new("light", "Wet light", Stage.Highlight, Tool.Round1, 1, 95, Optional: true);

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(DripCoat, 1.2, 1)];

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (from, to) = context.Word(From) switch
        {
            "corner of the mouth" => (context.At(Landmark.Cheilion) + new ChartPoint(-5, -1), context.At(Landmark.Cheilion)),
            "brow" => (context.At(Landmark.BrowInner), context.At(Landmark.BrowOuter)),
            "hairline" => (context.At(Landmark.Trichion) + new ChartPoint(8, -2), context.At(Landmark.Frontotemporale)),
            _ => (context.At(Landmark.Endocanthion) + new ChartPoint(6, -4), context.At(Landmark.Exocanthion) + new ChartPoint(-3, -4)),
        };
        var count = context.Count(Count);
        for (var k = 0; k < count; k++)
        {
            var start = from + (count == 1 ? 0.5 : (double)k / (count - 1)) * (to - from);
            var length = context.Uneven(context.Number(Length)) * (k == count / 2 ? 1 : 0.4 + 0.5 * context.Design.Unit());
            var path = Downhill(context.Body, start, length);
            pen.Stroke(DripCoat, path, t => context.Number(Width) * (0.8 + 0.25 * Math.Sin(9 * t)));
            pen.Dot(DripCoat, path[^1], 1.9 * context.Number(Width));
            pen.Dot(LightCoat, path[^1] + new ChartPoint(-0.4, 0.5), 0.5 * context.Number(Width));
        }

        pen.Say("Longest", context.Number(Length), "mm", $"from the {context.Word(From)}");
    }

    /// <summary>Follows the steepest way down over the skin; where it overhangs the run stops.</summary>
    private static List<ChartPoint> Downhill(FittedBody body, ChartPoint start, double lengthMm)
    {
        var path = new List<ChartPoint> { start };
        for (var walked = 0.0; walked < lengthMm; walked += 2)
        {
            var at = path[^1];
            var x = body.Chart.Position(at + new ChartPoint(1, 0)) - body.Chart.Position(at - new ChartPoint(1, 0));
            var y = body.Chart.Position(at + new ChartPoint(0, 1)) - body.Chart.Position(at - new ChartPoint(0, 1));
            var heading = Math.Atan2(-y.Y / Math.Max(y.Length, 1e-6), -x.Y / Math.Max(x.Length, 1e-6));
            if (y.Y / Math.Max(y.Length, 1e-6) < 0.15)
            {
                break;
            }

            path.Add(body.Go(at, heading, 2));
        }

        if (path.Count < 2)
        {
            path.Add(body.Go(start, -Math.PI / 2, 2));
        }

        return path;
    }
}
