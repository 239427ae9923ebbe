namespace Datura.Core.Shapes.Kinds;

/// <summary>Tufts of fur along the edge of the face, all flowing back from the nose.</summary>
public sealed class FurStrokes() : DrawnKind("furStrokes", "Fur strokes", Family.Creature, [Zone.Jaw, Zone.CheekHollow, Zone.Temple, Zone.Forehead],
    [LineCoat], [Along, Count, Length, Width])
{
    private static readonly ChoiceSpec Along = ParameterSpec.Choice("along", "Along", "The edge it grows on.", 0, "jaw", "brow", "temple");
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Strokes a side", "Close together.", 5, 40, 16);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the longest.", 5, 40, 16);
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width at the root", "Thins to a hair.", 0.6, 5, 2, 0.2);
    private static readonly CoatRole LineCoat = Line("Fur", Tool.Round3);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (line, heading) = context.Word(Along) switch
        {
            "brow" => (Curves.Through([context.At(Landmark.BrowInner), context.At(Landmark.BrowPeak), context.At(Landmark.BrowOuter)], false), 1.1),
            "temple" => (Curves.Through([context.At(Landmark.Frontotemporale), context.At(Landmark.Exocanthion) + new ChartPoint(28, 4), context.At(Landmark.Zygion)], false), 0.4),
            _ => (Curves.Through([context.At(Landmark.Zygion), context.At(Landmark.Gonion), context.At(Landmark.Gnathion) + new ChartPoint(14, 3)], false), -0.9),
        };
        var count = context.Count(Count);
        for (var k = 0; k < count; k++)
        {
            var start = Curves.At(line, (k + 0.5) / count) + new ChartPoint(1.5 * context.Design.Either(), 2.5 * context.Design.Either());
            var frame = new SkinFrame(context.Body, start, context.UnevenAngle(heading + 0.25 * context.Design.Either() - 0.5 * k / count));
            var length = context.Uneven(context.Number(Length)) * (0.6 + 0.4 * context.Design.Unit());
            pen.Stroke(LineCoat, frame.Curve((0, 0), (0.5 * length, 0.1 * length), (length, -0.05 * length)), Profile.ThickToThin(context.Number(Width)));
        }

        pen.Say("Longest", context.Number(Length), "mm");
    }
}
