namespace Datura.Core.Shapes.Kinds;

/// <summary>A row of flames that lick up from a line of the face, tall and short by turns.</summary>
public sealed class Flames() : DrawnKind("flames", "Flame row", Family.Ornament, [Zone.Forehead, Zone.Jaw, Zone.CheekHollow, Zone.Orbit],
    [FlameCoat, LineCoat], [Along, Count, Height, Sway])
{
    private static readonly ChoiceSpec Along = ParameterSpec.Choice("along", "Rises from", "The line at their foot.", 0, "brow", "jaw", "cheekbone");
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Flames a side", "Along the line.", 2, 10, 5);
    private static readonly NumberSpec Height = ParameterSpec.Length("height", "Height", "Of the tallest.", 8, 60, Of(0.17, "faceHeight"));
    private static readonly NumberSpec Sway = ParameterSpec.Length("sway", "Sway", "How far the tips bend outwards.", -15, 20, 6);
    private static readonly CoatRole FlameCoat = new("flame", "Flames", Stage.BodyColour, Tool.Round6, 1, 60);
    private static readonly CoatRole LineCoat = Line("Outlines", Tool.Round1, goesRound: true);

    // Width to height of the widest flame (by judgement).
    private const double WidestToTall = 0.6;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        ChartPoint[] knots = context.Word(Along) switch
        {
            "jaw" => [context.At(Landmark.Gnathion) + new ChartPoint(6, 2), 0.5 * (context.At(Landmark.Gnathion) + context.At(Landmark.Gonion)) + new ChartPoint(4, 0),
                context.At(Landmark.Gonion), context.At(Landmark.Zygion) + new ChartPoint(0, -18)],
            "cheekbone" => [context.At(Landmark.Alare) + new ChartPoint(9, -8), context.At(Landmark.Cheekbone) + new ChartPoint(0, -12), context.At(Landmark.Zygion) + new ChartPoint(0, -10)],
            _ => [context.At(Landmark.BrowInner) + new ChartPoint(0, 3), context.At(Landmark.BrowPeak) + new ChartPoint(0, 3), context.At(Landmark.BrowOuter) + new ChartPoint(2, 3)],
        };
        var line = Curves.Through(knots, closed: false);
        var count = context.Count(Count);
        // A flame stands; a few of them on a long line stand apart.
        var width = Math.Min(context.Body.LineMm(line) / count, WidestToTall * context.Number(Height));
        for (var k = 0; k < count; k++)
        {
            var frame = new SkinFrame(context.Body, Curves.At(line, (k + 0.5) / count), context.UnevenAngle(Math.PI / 2));
            var h = context.Uneven(context.Number(Height)) * (k % 2 == 0 ? 1 : 0.62);
            var sway = -context.Number(Sway);
            var flame = frame.Outline((0, 0.48 * width), (0.3 * h, 0.42 * width), (0.65 * h, 0.3 * sway + 0.2 * width), (h, sway), (0.6 * h, 0.2 * sway - 0.14 * width),
                (0.3 * h, -0.36 * width), (0, -0.48 * width), (-0.06 * h, 0));
            pen.Fill(FlameCoat, flame);
            pen.Stroke(LineCoat, [.. flame, flame[0]], Profile.Even(1));
        }

        pen.Say("Tallest", context.Number(Height), "mm");
    }
}
