namespace Datura.Core.Shapes.Kinds;

/// <summary>A sunken temple: its front edge crisp along the temporal line, fading back into the hair (common practice).</summary>
public sealed class TempleHollow() : DrawnKind("templeHollow", "Temple hollow", Family.Bone, [Zone.Temple],
    [ShadeCoat], [Height, Width, Edge])
{
    private static readonly NumberSpec Height = ParameterSpec.Length("height", "Height", "From the cheekbone towards the hairline.", 15, 70, Of(0.26, "faceHeight"));
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "From the front edge back to where it is lost.", 8, 45, Of(0.2, "faceWidth"));
    private static readonly NumberSpec Edge = ParameterSpec.Length("edge", "Front edge", "How soft the crisp side is.", 0.5, 30, 3, 0.5);
    private static readonly CoatRole ShadeCoat = new("shade", "Shade", Stage.Depth, Tool.SoftBrush, 1, 20);

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(ShadeCoat, -3.5, 16)];

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (height, width) = (context.Uneven(context.Number(Height)), context.Uneven(context.Number(Width)));
        // The temporal line runs from the outer end of the brow up and back.
        var foot = context.At(Landmark.BrowOuter) + new ChartPoint(9, -10);
        var frame = new SkinFrame(context.Body, foot, context.UnevenAngle(1.35));
        var outline = frame.Outline((0, 0), (0.3 * height, 0.05 * width), (0.7 * height, 0.02 * width), (height, -0.18 * width), (0.86 * height, -0.7 * width), (0.5 * height, -0.95 * width),
            (0.2 * height, -0.7 * width), (0.02 * height, -0.25 * width));
        pen.Say("Height", height, "mm");
        pen.Say("Width", width, "mm");
        pen.Fill(ShadeCoat, Curves.Polygon(outline), context.Number(Edge), across: new(frame.At(0.45 * height, -0.1 * width), frame.At(0.35 * height, -1.05 * width)));
    }
}
