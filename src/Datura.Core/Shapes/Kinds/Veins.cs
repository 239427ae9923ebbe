namespace Datura.Core.Shapes.Kinds;

/// <summary>Soft branching veins that wander over the skin.</summary>
public sealed class Veins() : DrawnKind("veins", "Veins", Family.Flesh, [Zone.Temple, Zone.Forehead, Zone.NeckSide, Zone.NeckFront, Zone.Chest, Zone.Cheekbone],
    [LineCoat], [From, Count, Length, Branches, Width])
{
    private static readonly ChoiceSpec From = ParameterSpec.Choice("from", "Springs from", "The place the veins come from.", 0, "temple", "throat", "brow", "collar bone");
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Veins", "Main ones.", 1, 6, 3);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the longest.", 15, 150, Of(0.3, "faceHeight"));
    private static readonly CountSpec Branches = ParameterSpec.Count("branches", "Branches", "On each.", 0, 5, 2);
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width at the root", "Thins to a hair.", 0.5, 4, 1.6, 0.1);
    private static readonly CoatRole LineCoat = Line("Veins", Tool.Round1, goesRound: true);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (landmark, heading) = context.Word(From) switch
        {
            "throat" => (Landmark.ThyroidNotch, 1.2),
            "brow" => (Landmark.BrowOuter, 1.7),
            "collar bone" => (Landmark.ClavicleInner, -0.7),
            _ => (Landmark.Frontotemporale, -1.7),
        };
        var count = context.Count(Count);
        for (var k = 0; k < count; k++)
        {
            var spread = count == 1 ? 0 : 0.9 * ((double)k / (count - 1) - 0.5);
            var path = Wander(context, context.At(landmark), context.UnevenAngle(heading + spread), context.Uneven(context.Number(Length)) * (1 - 0.25 * context.Design.Unit()));
            pen.Stroke(LineCoat, path, Profile.ThickToThin(context.Number(Width)));
            for (var b = 0; b < context.Count(Branches); b++)
            {
                var knot = path[path.Count / 4 + (int)(context.Design.Unit() * path.Count / 2)];
                var side = (b + k) % 2 == 0 ? 0.7 : -0.7;
                pen.Stroke(LineCoat, Wander(context, knot, heading + spread + side, context.Number(Length) * (0.2 + 0.15 * context.Design.Unit())), Profile.ThickToThin(0.6 * context.Number(Width)));
            }
        }

        pen.Say("Longest", context.Number(Length), "mm", $"from the {context.Word(From)}");
    }

    private static List<ChartPoint> Wander(PartContext context, ChartPoint start, double heading, double length)
    {
        var knots = new List<ChartPoint> { start };
        for (var k = 0; k < 5; k++)
        {
            knots.Add(context.Body.Go(knots[^1], heading + 0.55 * context.Design.Either(), length / 5));
        }

        return Curves.Through(knots, closed: false);
    }
}
