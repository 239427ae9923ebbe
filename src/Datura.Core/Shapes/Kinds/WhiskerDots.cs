namespace Datura.Core.Shapes.Kinds;

/// <summary>Rows of dots on the muzzle.</summary>
public sealed class WhiskerDots() : DrawnKind("whiskerDots", "Whisker dots", Family.Creature, ["upper lip"],
    [Line("Dots", Tool.Round1)],
    [
        ParameterSpec.Count("count", "Dots a side", "In two rows.", 2, 12, 6),
        ParameterSpec.Length("size", "Size", "Of a dot.", 0.8, 5, 2, 0.2),
        ParameterSpec.Length("apart", "Apart", "From dot to dot.", 3, 14, 6),
    ])
{
    protected override void Draw(PartContext context, MarkPen pen)
    {
        var frame = new SkinFrame(context.Body, context.At("labiale_superius") + new Body.ChartPoint(9, 5), context.UnevenAngle(0.1));
        var count = (int)Math.Round(context.Number("count"));
        for (var k = 0; k < count; k++)
        {
            pen.Dot("line", frame.At(k / 2 * context.Uneven(context.Number("apart")) + k % 2 * 2, k % 2 == 0 ? 2.5 : -3.5), context.Number("size"));
        }

        pen.Say("Dots a side", count, "");
        pen.Say("Apart", context.Number("apart"), "mm");
    }
}
