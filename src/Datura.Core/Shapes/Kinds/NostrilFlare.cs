namespace Datura.Core.Shapes.Kinds;

/// <summary>A comma round the wing of the nose that makes the nostril flare.</summary>
public sealed class NostrilFlare() : DrawnKind("nostrilFlare", "Flared nostril", Family.Flesh, [Zone.Nose],
    [LineCoat], [Size, Width])
{
    private static readonly NumberSpec Size = ParameterSpec.Length("size", "Size", "Across the comma.", 6, 28, 13);
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Line width", "At its thickest.", 0.8, 6, 2.6, 0.2);
    private static readonly CoatRole LineCoat = Line("Comma");

    public override RemarkCode? Cue => RemarkCode.CueTickles;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var size = context.Uneven(context.Number(Size));
        var frame = new SkinFrame(context.Body, context.At(Landmark.Alare), context.UnevenAngle(0));
        pen.Say("Size", size, "mm");
        pen.Stroke(LineCoat, frame.Curve((-0.7 * size, -0.45 * size), (-0.1 * size, -0.5 * size), (0.3 * size, -0.1 * size), (0.1 * size, 0.4 * size), (-0.3 * size, 0.55 * size)),
            Profile.Swelling(context.Number(Width)));
    }
}
