using Datura.Core.Body;

namespace Datura.Core.Shapes.Kinds;

/// <summary>Tendrils or roots that run from the face over the neck to the chest, forking and thinning.</summary>
public sealed class Tendrils() : DrawnKind("tendrils", "Tendrils", Family.Carried, ["jaw", "neck side", "neck front", "collar", "cheek hollow"],
    [Line("Tendrils", Tool.Round3)],
    [
        ParameterSpec.Choice("from", "Springs from", "Where they start.", 0, "jaw", "ear", "corner of the mouth"),
        ParameterSpec.Count("count", "Tendrils a side", "Main ones.", 1, 5, 3),
        ParameterSpec.Length("length", "Length", "Of the longest, on the skin.", 40, 330, Of(1.25, "lowerFaceHeight")),
        ParameterSpec.Count("forks", "Forks", "On each.", 0, 5, 3),
        ParameterSpec.Ratio("curl", "Curl", "0 runs straight down like a root.", 0, 1, 0.5),
        ParameterSpec.Length("width", "Width at the root", "Thins to a hair.", 1, 9, 3.2, 0.2),
    ])
{
    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (start, heading) = context.Word("from") switch
        {
            "ear" => (context.At("tragion") + new ChartPoint(-8, -30), -1.6),
            "corner of the mouth" => (context.At("cheilion"), -1.2),
            _ => (context.At("gonion") + new ChartPoint(-14, -4), -1.75),
        };
        var count = (int)Math.Round(context.Number("count"));
        for (var k = 0; k < count; k++)
        {
            var spread = count == 1 ? 0 : (double)k / (count - 1) - 0.5;
            var length = context.Uneven(context.Number("length")) * (k == count / 2 ? 1 : 0.75);
            var path = Run(context, start + new ChartPoint(14 * spread, 0), context.UnevenAngle(heading + 0.5 * spread), length);
            pen.Stroke("line", path, Profile.ThickToThin(context.Number("width")));
            for (var f = 0; f < (int)Math.Round(context.Number("forks")); f++)
            {
                var share = 0.2 + 0.65 * (f + 0.5) / context.Number("forks");
                var knot = Curves.At(path, share);
                var side = f % 2 == 0 ? 0.75 : -0.75;
                pen.Stroke("line", Run(context, knot, heading + side, length * 0.28 * (1 - 0.5 * share)), Profile.ThickToThin(0.6 * context.Number("width") * (1 - 0.6 * share)));
            }
        }

        pen.Say("Longest", context.Number("length"), "mm", $"from the {context.Word("from")}");
    }

    private static List<ChartPoint> Run(PartContext context, ChartPoint start, double heading, double length)
    {
        var knots = new List<ChartPoint> { start };
        var pieces = Math.Max(3, (int)(length / 22));
        var swing = context.Design.Unit() < 0.5 ? 1 : -1;
        for (var k = 0; k < pieces; k++)
        {
            knots.Add(context.Body.Go(knots[^1], heading + swing * context.Number("curl") * (0.5 + 0.4 * context.Design.Unit()), length / pieces));
            swing = -swing;
        }

        return Curves.Through(knots, closed: false);
    }
}
