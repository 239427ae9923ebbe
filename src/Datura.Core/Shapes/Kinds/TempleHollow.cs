namespace Datura.Core.Shapes.Kinds;

/// <summary>The shade of a sunken temple, between brow end, hairline and cheekbone.</summary>
public sealed class TempleHollow() : DrawnKind("templeHollow", "Temple hollow", Family.Bone, ["temple"],
    [new("shade", "Shade", Stage.Depth, Tool.SoftBrush, 1, 29)],
    [
        ParameterSpec.Length("height", "Height", "From the cheekbone towards the hairline.", 15, 70, Of(0.22, "faceHeight")),
        ParameterSpec.Length("width", "Width", "Across, from the brow end backwards.", 8, 45, Of(0.16, "faceWidth")),
        ParameterSpec.Length("edge", "Soft edge", "Width over which the shade thins out.", 2, 30, 14),
    ])
{
    public override IReadOnlyList<RoleRelief> Relief { get; } = [new("shade", -3.5, 16)];

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var middle = 0.5 * (0.5 * (context.At("frontotemporale") + context.At("exocanthion")) + context.Body.Go(context.At("exocanthion"), 0.55, 34));
        var frame = new SkinFrame(context.Body, middle, context.UnevenAngle(1.9));
        var (height, width) = (context.Uneven(context.Number("height")), context.Uneven(context.Number("width")));
        pen.Say("Height", height, "mm");
        pen.Say("Width", width, "mm");
        pen.Fill("shade", frame.Ellipse(height, width), context.Number("edge"));
    }
}
