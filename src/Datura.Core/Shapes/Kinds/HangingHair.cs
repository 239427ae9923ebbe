namespace Datura.Core.Shapes.Kinds;

/// <summary>Wet strands that hang from the hairline over the forehead and down beside the face.</summary>
public sealed class HangingHair() : DrawnKind("hangingHair", "Hanging hair", Family.Flesh, [Zone.Forehead, Zone.Temple, Zone.Cheekbone],
    [LineCoat, LightCoat], [Grows, Count, Length, Inner, Width, Wave])
{
    private const string Hanging = "hanging strands", Along = "along the hairline", Fringe = "as a fringe";

    private static readonly ChoiceSpec Grows = ParameterSpec.Choice("grows", "Lies", "How it falls from the hairline.", 0, Hanging, Along, Fringe);
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Strands a side", "From the middle out.", 2, 30, 8);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the outermost, on the skin.", 20, 260, Of(0.9, "lowerFaceHeight"));
    private static readonly NumberSpec Inner = ParameterSpec.Ratio("inner", "Inner strands", "Length of the innermost to the outermost.", 0.1, 1, 0.3);
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "At the root; thins to a point.", 0.8, 6, 2.4, 0.2);
    private static readonly NumberSpec Wave = ParameterSpec.Ratio("wave", "Wave", "0 hangs straight.", 0, 1, 0.35);
    private static readonly CoatRole LineCoat = Line("Strands", Tool.Round5);
    private static readonly CoatRole LightCoat = new("light", "Lights", Stage.Highlight, Tool.Round1, 1, 90, Optional: true);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (from, to) = (context.At(Landmark.Trichion) + new ChartPoint(6, 2), context.At(Landmark.Frontotemporale) + new ChartPoint(16, 6));
        var count = context.Count(Count);
        for (var k = 0; k < count; k++)
        {
            var share = count == 1 ? 1 : (double)k / (count - 1);
            var length = context.Uneven(context.Number(Length)) * (context.Number(Inner) + (1 - context.Number(Inner)) * share * share);
            // A fringe ends on one line over the brows; along the hairline it lies back and outwards, short.
            length = context.Word(Grows) switch { Fringe => Math.Min(length, 0.62 * (from.YMm - context.At(Landmark.BrowPeak).YMm) * (0.85 + 0.3 * context.Design.Unit())), Along => 0.3 * length + 6, _ => length };
            var falls = context.Word(Grows) switch { Along => -0.9 + 0.35 * share, Fringe => -Math.PI / 2 + 0.3 * context.Design.Either(), _ => -Math.PI / 2 };
            var knots = new List<ChartPoint> { from + share * (to - from) };
            const int pieces = 5;
            for (var s = 0; s < pieces; s++)
            {
                var sway = 0.7 * context.Number(Wave) * (s % 2 == 0 ? 1 : -1) * (0.6 + 0.4 * context.Design.Unit());
                knots.Add(context.Body.Go(knots[^1], falls + 0.25 * share * (1 - s / 3.0) + sway, length / pieces));
            }

            var strand = Curves.Through(knots, closed: false);
            pen.Stroke(LineCoat, strand, Profile.ThickToThin(context.Number(Width)));
            pen.Stroke(LightCoat, [.. strand.Take(strand.Count / 2).Select(p => p + new ChartPoint(-0.3 * context.Number(Width), 0))], Profile.Swelling(0.3 * context.Number(Width)));
        }

        pen.Say("Longest", context.Number(Length), "mm", "from the hairline");
    }
}
