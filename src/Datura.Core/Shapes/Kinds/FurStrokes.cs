namespace Datura.Core.Shapes.Kinds;

/// <summary>Tufts of fur along the edge of the face, all flowing back from the nose.</summary>
public sealed class FurStrokes() : DrawnKind("furStrokes", "Fur strokes", Family.Creature, ["jaw", "cheek hollow", "temple", "forehead"],
    [Line("Fur", Tool.Round3)],
    [
        ParameterSpec.Choice("along", "Along", "The edge it grows on.", 0, "jaw", "brow", "temple"),
        ParameterSpec.Count("count", "Strokes a side", "Close together.", 5, 40, 16),
        ParameterSpec.Length("length", "Length", "Of the longest.", 5, 40, 16),
        ParameterSpec.Length("width", "Width at the root", "Thins to a hair.", 0.6, 5, 2, 0.2),
    ])
{
    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (line, heading) = context.Word("along") switch
        {
            "brow" => (Curves.Through([context.At("brow_inner"), context.At("brow_peak"), context.At("brow_outer")], false), 1.1),
            "temple" => (Curves.Through([context.At("frontotemporale"), context.At("exocanthion") + new Body.ChartPoint(28, 4), context.At("zygion")], false), 0.4),
            _ => (Curves.Through([context.At("zygion"), context.At("gonion"), context.At("gnathion") + new Body.ChartPoint(14, 3)], false), -0.9),
        };
        var count = (int)Math.Round(context.Number("count"));
        for (var k = 0; k < count; k++)
        {
            var start = Curves.At(line, (k + 0.5) / count) + new Body.ChartPoint(1.5 * context.Design.Either(), 2.5 * context.Design.Either());
            var frame = new SkinFrame(context.Body, start, context.UnevenAngle(heading + 0.25 * context.Design.Either() - 0.5 * k / count));
            var length = context.Uneven(context.Number("length")) * (0.6 + 0.4 * context.Design.Unit());
            pen.Stroke("line", frame.Curve((0, 0), (0.5 * length, 0.1 * length), (length, -0.05 * length)), Profile.ThickToThin(context.Number("width")));
        }

        pen.Say("Longest", context.Number("length"), "mm");
    }
}
