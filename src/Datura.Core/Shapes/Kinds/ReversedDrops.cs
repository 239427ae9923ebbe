namespace Datura.Core.Shapes.Kinds;

/// <summary>Drops that spread over the chest from the notch, or from the jaw over neck and chest, points upwards, smaller the farther out.</summary>
public sealed class ReversedDrops() : DrawnKind("reversedDrops", "Spreading drops", Family.Carried, [Zone.Sternum, Zone.Chest, Zone.Collar],
    [DropCoat], [From, Rows, Length, Apart, Grade, Vary])
{
    private const string Jaw = "jaw";

    private static readonly ChoiceSpec From = ParameterSpec.Choice("from", "Spread from", "Where the first row lies.", 0, "notch", Jaw);
    private static readonly CountSpec Rows = ParameterSpec.Count("rows", "Rows", "From the first one down.", 1, 9, 3);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the largest.", 6, 40, 20);
    private static readonly NumberSpec Apart = ParameterSpec.Length("apart", "Apart", "From drop to drop.", 10, 50, 24);
    private static readonly NumberSpec Grade = ParameterSpec.Ratio("grade", "Grading", "Size of each row to the one above.", 0.6, 1, 0.82);
    private static readonly NumberSpec Vary = ParameterSpec.Ratio("vary", "Vary", "How unlike in size and place they are.", 0, 1, 0.2);
    private static readonly CoatRole DropCoat = new("drop", "Drops", Stage.BodyColour, Tool.Round6, 1, 30);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var notch = context.At(Landmark.Suprasternale);
        var top = context.Word(From) == Jaw ? context.At(Landmark.Submentale) + new ChartPoint(0, 22) : notch;
        var (vary, apart, count) = (context.Number(Vary), context.Number(Apart), 0);
        for (var row = 0; row < context.Count(Rows); row++)
        {
            var length = context.Uneven(context.Number(Length)) * Math.Pow(context.Number(Grade), row);
            for (var k = 0; k <= row + 1; k++)
            {
                var off = vary * new ChartPoint(0.4 * apart * context.Design.Either(), 0.4 * apart * context.Design.Either());
                var at = top + new ChartPoint((k + 0.35) * apart, -26 - row * 1.25 * context.Number(Length)) + off;
                var heading = Math.Atan2(top.YMm + 20 - at.YMm, top.XMm - at.XMm);
                var size = length * (1 - 0.08 * Math.Min(k, 6)) * (1 - 0.45 * vary * context.Design.Unit());
                pen.Fill(DropCoat, new SkinFrame(context.Body, at, heading).Drop(size, 0.5 * size));
                count++;
            }
        }

        pen.Say("Largest drop", context.Number(Length), "mm");
        pen.Say("Drops a side", count, "");
    }
}
