namespace Datura.Core.Shapes.Kinds;

/// <summary>Drops that spread over the chest from the notch, points upwards, smaller the farther out.</summary>
public sealed class ReversedDrops() : DrawnKind("reversedDrops", "Spreading drops", Family.Carried, ["sternum", "chest", "collar"],
    [new("drop", "Drops", Stage.BodyColour, Tool.Round6, 1, 60)],
    [
        ParameterSpec.Count("rows", "Rows", "From the collar bones down.", 1, 5, 3),
        ParameterSpec.Length("length", "Length", "Of the largest.", 6, 40, 20),
        ParameterSpec.Length("apart", "Apart", "From drop to drop.", 10, 50, 24),
        ParameterSpec.Ratio("grade", "Grading", "Size of each row to the one above.", 0.6, 1, 0.82),
    ])
{
    protected override void Draw(PartContext context, MarkPen pen)
    {
        var notch = context.At("suprasternale");
        var count = 0;
        for (var row = 0; row < (int)Math.Round(context.Number("rows")); row++)
        {
            var length = context.Uneven(context.Number("length")) * Math.Pow(context.Number("grade"), row);
            for (var k = 0; k <= row + 1; k++)
            {
                var at = notch + new Body.ChartPoint((k + 0.35) * context.Number("apart"), -26 - row * 1.25 * context.Number("length"));
                var heading = Math.Atan2(notch.YMm + 20 - at.YMm, notch.XMm - at.XMm);
                pen.Fill("drop", new SkinFrame(context.Body, at, heading).Drop(length * (1 - 0.08 * k), 0.5 * length));
                count++;
            }
        }

        pen.Say("Largest drop", context.Number("length"), "mm");
        pen.Say("Drops a side", count, "");
    }
}
