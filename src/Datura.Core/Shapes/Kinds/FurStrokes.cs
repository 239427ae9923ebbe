using Datura.Core.Body;

namespace Datura.Core.Shapes.Kinds;

/// <summary>Fur along an edge of the face, lying as hair grows there, dark first and light between, clumped in threes (common practice).</summary>
public sealed class FurStrokes() : DrawnKind("furStrokes", "Fur strokes", Family.Creature, [Zone.Jaw, Zone.CheekHollow, Zone.Temple, Zone.Forehead],
    [LineCoat, LightCoat], [Along, Count, Length, Width])
{
    private static readonly ChoiceSpec Along = ParameterSpec.Choice("along", "Along", "The edge it grows on.", 0, "jaw", "brow", "temple");
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Strokes a side", "Close together.", 5, 40, 24);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the longest.", 5, 40, 16);
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width at the root", "Thins to a hair.", 0.6, 5, 2, 0.2);
    private static readonly CoatRole LineCoat = Line("Fur", Tool.Round3);
    private static readonly CoatRole LightCoat = new("light", "Light hairs", Stage.Highlight, Tool.Round2, 1, 80, Optional: true);

    // Hairs of a clump lean together; none lies farther off the growth than this, rad (common practice: 12°).
    private const double OffGrowthRad = 0.21;
    private const int InAClump = 3;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var line = Curves.Through(context.Word(Along) switch
        {
            "brow" => [context.At(Landmark.BrowInner), context.At(Landmark.BrowPeak), context.At(Landmark.BrowOuter)],
            "temple" => [context.At(Landmark.Frontotemporale), context.At(Landmark.Exocanthion) + new ChartPoint(28, 4), context.At(Landmark.Zygion)],
            _ => [context.At(Landmark.Zygion), context.At(Landmark.Gonion), context.At(Landmark.Gnathion) + new ChartPoint(14, 3)],
        }, closed: false);
        var count = context.Count(Count);
        for (var k = 0; k < count; k++)
        {
            var clump = (k / InAClump * InAClump + 0.5 * (InAClump - 1) + 0.5) / count;
            var start = Curves.At(line, (k + 0.5) / count) + new ChartPoint(1.5 * context.Design.Either(), 3.5 * context.Design.Either());
            // The outer hairs of a clump lean to its middle.
            var lean = OffGrowthRad * ((k % InAClump) - 1) * (clump < 0.5 ? 1 : -1) * 0.6 + 0.4 * OffGrowthRad * context.Design.Either();
            var frame = new SkinFrame(context.Body, start, context.UnevenAngle(GrowthField.HeadingRad(context.Body, start) + lean));
            var length = context.Uneven(context.Number(Length)) * (0.6 + 0.4 * context.Design.Unit());
            pen.Stroke(LineCoat, frame.Curve((0, 0), (0.5 * length, 0.1 * length), (length, -0.05 * length)), Profile.ThickToThin(context.Number(Width)));
            pen.Stroke(LightCoat, frame.Curve((0.1 * length, 1.1), (0.5 * length, 0.1 * length + 1), (0.85 * length, 0.4)), Profile.ThickToThin(0.6 * context.Number(Width)));
        }

        pen.Say("Longest", context.Number(Length), "mm");
    }
}
