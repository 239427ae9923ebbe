using Datura.Core.Body;

namespace Datura.Core.Shapes.Kinds;

/// <summary>A web: spokes first, aimed at one point, then threads that sag between them; thick at the root, thin at the tip.</summary>
public sealed class Web() : DrawnKind("web", "Web", Family.Ornament, ["forehead", "temple", "orbit", "cheekbone"],
    [Line("Spokes and threads", Tool.Round1)],
    [
        ParameterSpec.Choice("from", "Hangs from", "The point the spokes aim at.", 0, "hairline corner", "outer eye", "brow"),
        ParameterSpec.Count("spokes", "Spokes", "As the space allows.", 3, 9, 5),
        ParameterSpec.Count("threads", "Threads", "Across the spokes.", 2, 8, 4),
        ParameterSpec.Length("length", "Length", "Of the longest spoke.", 20, 120, Of(0.34, "faceHeight")),
        ParameterSpec.Angle("fan", "Fan", "Angle between the outermost spokes.", 30, 200, 84),
        ParameterSpec.Ratio("sag", "Sag", "How far a thread hangs between spokes.", 0, 0.6, 0.3),
        ParameterSpec.Length("width", "Width at the root", "Of a spoke.", 0.5, 3, 1.4, 0.1),
    ])
{
    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (root, heading) = context.Word("from") switch
        {
            "outer eye" => (context.At("exocanthion") + new ChartPoint(5, 0), 0.1),
            "brow" => (context.At("brow_peak"), 1.5),
            _ => (context.At("frontotemporale") + new ChartPoint(2, 6), -2.5),
        };
        var (spokes, threads) = ((int)Math.Round(context.Number("spokes")), (int)Math.Round(context.Number("threads")));
        var length = context.Number("length");
        var reach = new double[spokes];
        var angle = new double[spokes];
        for (var k = 0; k < spokes; k++)
        {
            angle[k] = context.UnevenAngle(heading + ((double)k / (spokes - 1) - 0.5) * context.Number("fan") * Math.PI / 180);
            reach[k] = context.Uneven(length) * (0.78 + 0.22 * context.Design.Unit());
            pen.Stroke("line", [root, context.Body.Go(root, angle[k], 0.5 * reach[k]), context.Body.Go(root, angle[k], reach[k])], Profile.ThickToThin(context.Number("width")));
        }

        for (var t = 1; t <= threads; t++)
        {
            var share = Math.Pow(t / (threads + 0.5), 0.85);
            for (var k = 0; k + 1 < spokes; k++)
            {
                var (a, b) = (context.Body.Go(root, angle[k], share * reach[k]), context.Body.Go(root, angle[k + 1], share * reach[k + 1]));
                var middle = 0.5 * (a + b);
                // A thread hangs towards the root by a share of its own length.
                middle += context.Number("sag") * (a - b).Length() / Math.Max((root - middle).Length(), 1e-6) * (root - middle);
                pen.Stroke("line", Curves.Through([a, middle, b], closed: false), Profile.Even(0.55 * context.Number("width")));
            }
        }

        pen.Say("Longest spoke", length, "mm", $"from the {context.Word("from")}");
    }
}
