namespace Datura.Core.Shapes.Kinds;

/// <summary>The shade of a sunken temple, between brow end, hairline and cheekbone.</summary>
public sealed class TempleHollow() : DrawnKind("templeHollow", "Temple hollow", Family.Bone, [Zone.Temple],
    [ShadeCoat], [Height, Width, Edge])
{
    private static readonly NumberSpec Height = ParameterSpec.Length("height", "Height", "From the cheekbone towards the hairline.", 15, 70, Of(0.22, "faceHeight"));
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "Across, from the brow end backwards.", 8, 45, Of(0.16, "faceWidth"));
    private static readonly NumberSpec Edge = ParameterSpec.Length("edge", "Soft edge", "Width over which the shade thins out.", 2, 30, 14);
    private static readonly CoatRole ShadeCoat = new("shade", "Shade", Stage.Depth, Tool.SoftBrush, 1, 29);

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(ShadeCoat, -3.5, 16)];

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var middle = 0.5 * (0.5 * (context.At(Landmark.Frontotemporale) + context.At(Landmark.Exocanthion)) + context.Body.Go(context.At(Landmark.Exocanthion), 0.55, 34));
        var frame = new SkinFrame(context.Body, middle, context.UnevenAngle(1.9));
        var (height, width) = (context.Uneven(context.Number(Height)), context.Uneven(context.Number(Width)));
        pen.Say("Height", height, "mm");
        pen.Say("Width", width, "mm");
        pen.Fill(ShadeCoat, frame.Ellipse(height, width), context.Number(Edge));
    }
}
