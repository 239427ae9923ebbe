namespace Datura.Core.Shapes.Kinds;

/// <summary>Drops that spread over the chest from the notch, points upwards, smaller the farther out.</summary>
public sealed class ReversedDrops() : DrawnKind("reversedDrops", "Spreading drops", Family.Carried, [Zone.Sternum, Zone.Chest, Zone.Collar],
    [DropCoat], [Rows, Length, Apart, Grade])
{
    private static readonly CountSpec Rows = ParameterSpec.Count("rows", "Rows", "From the collar bones down.", 1, 5, 3);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the largest.", 6, 40, 20);
    private static readonly NumberSpec Apart = ParameterSpec.Length("apart", "Apart", "From drop to drop.", 10, 50, 24);
    private static readonly NumberSpec Grade = ParameterSpec.Ratio("grade", "Grading", "Size of each row to the one above.", 0.6, 1, 0.82);
    private static readonly CoatRole DropCoat = new("drop", "Drops", Stage.BodyColour, Tool.Round6, 1, 30);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var notch = context.At(Landmark.Suprasternale);
        var count = 0;
        for (var row = 0; row < context.Count(Rows); row++)
        {
            var length = context.Uneven(context.Number(Length)) * Math.Pow(context.Number(Grade), row);
            for (var k = 0; k <= row + 1; k++)
            {
                var at = notch + new ChartPoint((k + 0.35) * context.Number(Apart), -26 - row * 1.25 * context.Number(Length));
                var heading = Math.Atan2(notch.YMm + 20 - at.YMm, notch.XMm - at.XMm);
                pen.Fill(DropCoat, new SkinFrame(context.Body, at, heading).Drop(length * (1 - 0.08 * k), 0.5 * length));
                count++;
            }
        }

        pen.Say("Largest drop", context.Number(Length), "mm");
        pen.Say("Drops a side", count, "");
    }
}
