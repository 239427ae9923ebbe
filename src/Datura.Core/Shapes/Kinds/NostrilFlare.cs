namespace Datura.Core.Shapes.Kinds;

/// <summary>A comma round the wing of the nose that makes the nostril flare.</summary>
public sealed class NostrilFlare() : DrawnKind("nostrilFlare", "Flared nostril", Family.Flesh, ["nose"],
    [Line("Comma")],
    [
        ParameterSpec.Length("size", "Size", "Across the comma.", 6, 28, 13),
        ParameterSpec.Length("width", "Line width", "At its thickest.", 0.8, 6, 2.6, 0.2),
    ])
{
    protected override void Draw(PartContext context, MarkPen pen)
    {
        var size = context.Uneven(context.Number("size"));
        var frame = new SkinFrame(context.Body, context.At("alare"), context.UnevenAngle(0));
        pen.Say("Size", size, "mm");
        pen.Stroke("line", frame.Curve((-0.7 * size, -0.45 * size), (-0.1 * size, -0.5 * size), (0.3 * size, -0.1 * size), (0.1 * size, 0.4 * size), (-0.3 * size, 0.55 * size)), Profile.Swelling(context.Number("width")));
    }
}
