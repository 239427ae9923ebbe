namespace Datura.Core.Shapes.Kinds;

/// <summary>Dots along a line of the face, alternately large and small.</summary>
public sealed class DotRow() : DrawnKind("dotRow", "Dot row", Family.Ornament, ["forehead", "orbit", "cheekbone", "jaw", "collar"],
    [new("dot", "Dots", Stage.Highlight, Tool.Round3, 1, 92)],
    [
        ParameterSpec.Choice("along", "Along", "The line they follow.", 0, "brow", "cheekbone", "jaw", "collar bone"),
        ParameterSpec.Count("count", "Dots a side", "Along the line.", 3, 30, 11),
        ParameterSpec.Length("size", "Large dot", "Across.", 1, 9, 3.6, 0.2),
        ParameterSpec.Ratio("small", "Small dot", "To the large one.", 0.2, 1, 0.55),
        ParameterSpec.Length("off", "Off the line", "Upwards.", -20, 20, 5),
    ])
{
    protected override void Draw(PartContext context, MarkPen pen)
    {
        Body.ChartPoint[] knots = context.Word("along") switch
        {
            "cheekbone" => [context.At("alare") + new Body.ChartPoint(10, 4), context.At("cheekbone"), context.At("zygion")],
            "jaw" => [context.At("gnathion"), 0.5 * (context.At("gnathion") + context.At("gonion")) + new Body.ChartPoint(4, -3), context.At("gonion")],
            "collar bone" => [context.At("clavicle_inner"), 0.5 * (context.At("clavicle_inner") + context.At("clavicle_outer")), context.At("clavicle_outer")],
            _ => [context.At("brow_inner"), context.At("brow_peak"), context.At("brow_outer")],
        };
        var line = Curves.Through(knots, closed: false);
        var count = (int)Math.Round(context.Number("count"));
        for (var k = 0; k < count; k++)
        {
            var at = Curves.At(line, (double)k / (count - 1)) + new Body.ChartPoint(0, context.Uneven(context.Number("off")));
            pen.Dot("dot", at, context.Number("size") * (k % 2 == 0 ? 1 : context.Number("small")));
        }

        pen.Say("Row", context.Body.LineMm(line), "mm", $"along the {context.Word("along")}");
        pen.Say("Dots a side", count, "");
    }
}
