namespace Datura.Core.Shapes.Kinds;

/// <summary>Dots along a line of the face, alternately large and small.</summary>
public sealed class DotRow() : DrawnKind("dotRow", "Dot row", Family.Ornament, [Zone.Forehead, Zone.Orbit, Zone.Cheekbone, Zone.Jaw, Zone.Collar],
    [DotCoat], [Along, Count, Size, Small, Off])
{
    private static readonly ChoiceSpec Along = ParameterSpec.Choice("along", "Along", "The line they follow.", 0, "brow", "cheekbone", "jaw", "collar bone");
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Dots a side", "Along the line.", 3, 30, 11);
    private static readonly NumberSpec Size = ParameterSpec.Length("size", "Large dot", "Across.", 1, 9, 3.6, 0.2);
    private static readonly NumberSpec Small = ParameterSpec.Ratio("small", "Small dot", "To the large one.", 0.2, 1, 0.55);
    private static readonly NumberSpec Off = ParameterSpec.Length("off", "Off the line", "Upwards.", -20, 20, 5);
    private static readonly CoatRole DotCoat = new("dot", "Dots", Stage.Highlight, Tool.Round3, 1, 92);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        ChartPoint[] knots = context.Word(Along) switch
        {
            "cheekbone" => [context.At(Landmark.Alare) + new ChartPoint(10, 4), context.At(Landmark.Cheekbone), context.At(Landmark.Zygion)],
            "jaw" => [context.At(Landmark.Gnathion), 0.5 * (context.At(Landmark.Gnathion) + context.At(Landmark.Gonion)) + new ChartPoint(4, -3), context.At(Landmark.Gonion)],
            "collar bone" => [context.At(Landmark.ClavicleInner), 0.5 * (context.At(Landmark.ClavicleInner) + context.At(Landmark.ClavicleOuter)), context.At(Landmark.ClavicleOuter)],
            _ => [context.At(Landmark.BrowInner), context.At(Landmark.BrowPeak), context.At(Landmark.BrowOuter)],
        };
        var line = Curves.Through(knots, closed: false);
        var count = context.Count(Count);
        for (var k = 0; k < count; k++)
        {
            var at = Curves.At(line, (double)k / (count - 1)) + new ChartPoint(0, context.Uneven(context.Number(Off)));
            pen.Dot(DotCoat, at, context.Number(Size) * (k % 2 == 0 ? 1 : context.Number(Small)));
        }

        pen.Say("Row", context.Body.LineMm(line), "mm", $"along the {context.Word(Along)}");
        pen.Say("Dots a side", count, "");
    }
}
