namespace Datura.Core.Shapes.Kinds;

/// <summary>A row of flames that lick up from a line of the face, tall and short by turns.</summary>
public sealed class Flames() : DrawnKind("flames", "Flame row", Family.Ornament, ["forehead", "jaw", "cheek hollow", "orbit"],
    [new("flame", "Flames", Stage.BodyColour, Tool.Round6, 1, 60), Line("Outlines", Tool.Round1, goesRound: true)],
    [
        ParameterSpec.Choice("along", "Rises from", "The line at their foot.", 0, "brow", "jaw", "cheekbone"),
        ParameterSpec.Count("count", "Flames a side", "Along the line.", 2, 10, 5),
        ParameterSpec.Length("height", "Height", "Of the tallest.", 8, 60, Of(0.17, "faceHeight")),
        ParameterSpec.Length("sway", "Sway", "How far the tips bend outwards.", -15, 20, 6),
    ])
{
    protected override void Draw(PartContext context, MarkPen pen)
    {
        Body.ChartPoint[] knots = context.Word("along") switch
        {
            "jaw" => [context.At("gnathion") + new Body.ChartPoint(6, 2), 0.5 * (context.At("gnathion") + context.At("gonion")) + new Body.ChartPoint(4, 0), context.At("gonion"), context.At("zygion") + new Body.ChartPoint(0, -18)],
            "cheekbone" => [context.At("alare") + new Body.ChartPoint(9, -8), context.At("cheekbone") + new Body.ChartPoint(0, -12), context.At("zygion") + new Body.ChartPoint(0, -10)],
            _ => [context.At("brow_inner") + new Body.ChartPoint(0, 3), context.At("brow_peak") + new Body.ChartPoint(0, 3), context.At("brow_outer") + new Body.ChartPoint(2, 3)],
        };
        var line = Curves.Through(knots, closed: false);
        var count = (int)Math.Round(context.Number("count"));
        var width = context.Body.LineMm(line) / count;
        for (var k = 0; k < count; k++)
        {
            var frame = new SkinFrame(context.Body, Curves.At(line, (k + 0.5) / count), context.UnevenAngle(Math.PI / 2));
            var h = context.Uneven(context.Number("height")) * (k % 2 == 0 ? 1 : 0.62);
            var sway = -context.Number("sway");
            var flame = frame.Outline((0, 0.48 * width), (0.3 * h, 0.42 * width), (0.65 * h, 0.3 * sway + 0.2 * width), (h, sway), (0.6 * h, 0.2 * sway - 0.14 * width), (0.3 * h, -0.36 * width), (0, -0.48 * width), (-0.06 * h, 0));
            pen.Fill("flame", flame);
            pen.Stroke("line", [.. flame, flame[0]], Profile.Even(1));
        }

        pen.Say("Tallest", context.Number("height"), "mm");
    }
}
