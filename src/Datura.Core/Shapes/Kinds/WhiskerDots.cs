namespace Datura.Core.Shapes.Kinds;

/// <summary>Rows of dots on the muzzle.</summary>
public sealed class WhiskerDots() : DrawnKind("whiskerDots", "Whisker dots", Family.Creature, [Zone.UpperLip],
    [LineCoat], [Count, Size, Apart])
{
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Dots a side", "In two rows.", 2, 12, 6);
    private static readonly NumberSpec Size = ParameterSpec.Length("size", "Size", "Of a dot.", 0.8, 5, 2, 0.2);
    private static readonly NumberSpec Apart = ParameterSpec.Length("apart", "Apart", "From dot to dot.", 3, 14, 6);
    private static readonly CoatRole LineCoat = Line("Dots", Tool.Round1);

    public override RemarkCode? Cue => RemarkCode.CueTickles;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var frame = new SkinFrame(context.Body, context.At(Landmark.LabialeSuperius) + new ChartPoint(9, 5), context.UnevenAngle(0.1));
        var count = context.Count(Count);
        for (var k = 0; k < count; k++)
        {
            pen.Dot(LineCoat, frame.At(k / 2 * context.Uneven(context.Number(Apart)) + k % 2 * 2, k % 2 == 0 ? 2.5 : -3.5), context.Number(Size));
        }

        pen.Say("Dots a side", count, "");
        pen.Say("Apart", context.Number(Apart), "mm");
    }
}
