using Datura.Core.Body;

namespace Datura.Core.Shapes.Kinds;

/// <summary>Soft branching veins that wander over the skin.</summary>
public sealed class Veins() : DrawnKind("veins", "Veins", Family.Flesh, ["temple", "forehead", "neck side", "neck front", "chest", "cheekbone"],
    [Line("Veins", Tool.Round1, goesRound: true)],
    [
        ParameterSpec.Choice("from", "Springs from", "The place the veins come from.", 0, "temple", "throat", "brow", "collar bone"),
        ParameterSpec.Count("count", "Veins", "Main ones.", 1, 6, 3),
        ParameterSpec.Length("length", "Length", "Of the longest.", 15, 150, Of(0.3, "faceHeight")),
        ParameterSpec.Count("branches", "Branches", "On each.", 0, 5, 2),
        ParameterSpec.Length("width", "Width at the root", "Thins to a hair.", 0.5, 4, 1.6, 0.1),
    ])
{
    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (landmark, heading) = context.Word("from") switch
        {
            "throat" => ("thyroid_notch", 1.2),
            "brow" => ("brow_outer", 1.7),
            "collar bone" => ("clavicle_inner", -0.7),
            _ => ("frontotemporale", -1.7),
        };
        var count = (int)Math.Round(context.Number("count"));
        for (var k = 0; k < count; k++)
        {
            var spread = count == 1 ? 0 : 0.9 * ((double)k / (count - 1) - 0.5);
            var path = Wander(context, context.At(landmark), context.UnevenAngle(heading + spread), context.Uneven(context.Number("length")) * (1 - 0.25 * context.Design.Unit()));
            pen.Stroke("line", path, Profile.ThickToThin(context.Number("width")));
            for (var b = 0; b < (int)Math.Round(context.Number("branches")); b++)
            {
                var knot = path[path.Count / 4 + (int)(context.Design.Unit() * path.Count / 2)];
                var side = (b + k) % 2 == 0 ? 0.7 : -0.7;
                pen.Stroke("line", Wander(context, knot, heading + spread + side, context.Number("length") * (0.2 + 0.15 * context.Design.Unit())), Profile.ThickToThin(0.6 * context.Number("width")));
            }
        }

        pen.Say("Longest", context.Number("length"), "mm", $"from the {context.Word("from")}");
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
