namespace Datura.Core.Shapes.Kinds;

/// <summary>The lips filled and outlined, with a bow as sharp as wanted.</summary>
public sealed class LipOutline() : DrawnKind("lipOutline", "Lips", Family.Creature, [Zone.Lips],
    [LipCoat, LineCoat, LightCoat], [Which, Over, Bow, LineSetting], sided: false)
{
    private const string Both = "both", Upper = "upper alone", Lower = "lower alone";

    private static readonly ChoiceSpec Which = ParameterSpec.Choice("which", "Lips", "Which of them.", 0, Both, Upper, Lower);
    private static readonly NumberSpec Over = ParameterSpec.Length("over", "Over the edge", "How far past the natural lips; negative stays within.", -3, 6, 0, 0.5);
    private static readonly NumberSpec Bow = ParameterSpec.Ratio("bow", "Bow", "0 is round, 1 is sharply notched.", 0, 1, 0.5);
    private static readonly NumberSpec LineSetting = ParameterSpec.Length("line", "Line width", "Of the outline.", 0.4, 3, 1, 0.1);
    private static readonly CoatRole LipCoat = new("lip", "Lips", Stage.BodyColour, Tool.Round5, 1, 35);
    private static readonly CoatRole LineCoat = Line("Outline", Tool.Round1, goesRound: true);

    private static readonly CoatRole LightCoat = new("light", "Light on the lower lip", Stage.Highlight, Tool.Round2, 1, 85, Optional: true);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (top, low, corner) = (context.At(Landmark.LabialeSuperius), context.At(Landmark.LabialeInferius), context.At(Landmark.Cheilion));
        var over = context.Number(Over);
        var peak = new ChartPoint(0.16 * corner.XMm, top.YMm + 1.2 + over + 1.4 * context.Number(Bow));
        ChartPoint[] half =
        [
            new(0, top.YMm + over - 1.5 * context.Number(Bow)), peak, new(0.6 * corner.XMm, 0.55 * top.YMm + 0.45 * corner.YMm + over), corner + new ChartPoint(0.6 * over, 0),
            new(0.55 * corner.XMm, 0.45 * low.YMm + 0.55 * corner.YMm - 3 - over), new(0.2 * corner.XMm, low.YMm - 0.4 - over),
        ];
        // One lip ends at the line where the mouth closes.
        var line = context.At(Landmark.MouthLine);
        ChartPoint[] closing = [half[3], new(0.5 * half[3].XMm, 0.5 * (half[3].YMm + line.YMm)), new(0, line.YMm)];
        ChartPoint[] leftSide = context.Word(Which) switch
        {
            Upper => [.. half.Take(4), .. closing.Skip(1)],
            Lower => [.. closing.Reverse(), .. half.Skip(4), new(0, low.YMm - 0.8 - over)],
            _ => [.. half, new(0, low.YMm - 0.8 - over)],
        };
        var outline = Curves.Through([.. leftSide, .. leftSide.Skip(1).SkipLast(1).Reverse().Select(p => p.Mirrored())], closed: true);
        pen.Say("Width", 2 * context.Body.TapeMm(new(0, corner.YMm), corner), "mm");
        pen.Fill(LipCoat, outline);
        if (context.Word(Which) != Upper)
        {
            pen.Fill(LightCoat, new SkinFrame(context.Body, new(0, 0.35 * line.YMm + 0.65 * low.YMm), 0).Ellipse(0.6 * corner.XMm, 0.32 * (line.YMm - low.YMm)), 2);
        }

        pen.Stroke(LineCoat, [.. outline, outline[0]], Profile.Even(context.Number(LineSetting)));
    }
}
