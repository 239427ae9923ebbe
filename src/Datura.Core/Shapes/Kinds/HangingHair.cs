using Datura.Core.Body;

namespace Datura.Core.Shapes.Kinds;

/// <summary>Wet strands that hang from the hairline over the forehead and down beside the face.</summary>
public sealed class HangingHair() : DrawnKind("hangingHair", "Hanging hair", Family.Flesh, ["forehead", "temple", "cheekbone"],
    [Line("Strands", Tool.Round5), new("light", "Lights", Stage.Highlight, Tool.Round1, 1, 90, Optional: true)],
    [
        ParameterSpec.Count("count", "Strands a side", "From the middle out.", 2, 14, 6),
        ParameterSpec.Length("length", "Length", "Of the outermost, on the skin.", 20, 260, Of(0.9, "lowerFaceHeight")),
        ParameterSpec.Ratio("inner", "Inner strands", "Length of the innermost to the outermost.", 0.1, 1, 0.3),
        ParameterSpec.Length("width", "Width", "At the root; thins to a point.", 0.8, 6, 2.4, 0.2),
        ParameterSpec.Ratio("wave", "Wave", "0 hangs straight.", 0, 1, 0.35),
    ])
{
    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (from, to) = (context.At("trichion") + new ChartPoint(6, 2), context.At("frontotemporale") + new ChartPoint(16, 6));
        var count = (int)Math.Round(context.Number("count"));
        for (var k = 0; k < count; k++)
        {
            var share = count == 1 ? 1 : (double)k / (count - 1);
            var length = context.Uneven(context.Number("length")) * (context.Number("inner") + (1 - context.Number("inner")) * share * share);
            var knots = new List<ChartPoint> { from + share * (to - from) };
            const int pieces = 5;
            for (var s = 0; s < pieces; s++)
            {
                var sway = 0.7 * context.Number("wave") * (s % 2 == 0 ? 1 : -1) * (0.6 + 0.4 * context.Design.Unit());
                knots.Add(context.Body.Go(knots[^1], -Math.PI / 2 + 0.25 * share * (1 - s / 3.0) + sway, length / pieces));
            }

            var strand = Curves.Through(knots, closed: false);
            pen.Stroke("line", strand, Profile.ThickToThin(context.Number("width")));
            pen.Stroke("light", [.. strand.Take(strand.Count / 2).Select(p => p + new ChartPoint(-0.3 * context.Number("width"), 0))], Profile.Swelling(0.3 * context.Number("width")));
        }

        pen.Say("Longest", context.Number("length"), "mm", "from the hairline");
    }
}
