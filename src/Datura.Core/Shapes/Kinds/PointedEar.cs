using Datura.Core.Body;

namespace Datura.Core.Shapes.Kinds;

/// <summary>A pointed ear drawn beside the face: the real ear disappears under it.</summary>
public sealed class PointedEar() : DrawnKind("pointedEar", "Pointed ear", Family.Flesh, ["temple", "jaw", "cheekbone"],
    [new("ear", "Ear", Stage.BodyColour, Tool.Filbert, 1, 60), new("hollow", "Hollow", Stage.BodyColour, Tool.Filbert, 1, 25), Line("Outline", goesRound: true)],
    [
        ParameterSpec.Length("length", "Length", "From the ear's notch to the tip.", 20, 90, Of(0.4, "lowerFaceHeight")),
        ParameterSpec.Length("width", "Width", "At its broadest.", 10, 45, Of(0.18, "lowerFaceHeight")),
        ParameterSpec.Angle("lean", "Lean back", "0 points straight up.", -20, 70, 24),
        ParameterSpec.Ratio("hollowSize", "Hollow", "Size of the dark inside.", 0.2, 0.8, 0.55),
    ])
{
    public override IReadOnlyList<RoleRelief> Relief { get; } = [new("ear", 6, 5)];

    public override bool NeedsOwnGround => true;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var root = context.At("tragion") + new ChartPoint(-3, -8);
        var heading = context.UnevenAngle((90 - context.Number("lean")) * Math.PI / 180);
        var (length, width) = (context.Uneven(context.Number("length")), context.Number("width"));
        pen.Say("Length", length, "mm", "from the ear's notch");
        var frame = new SkinFrame(context.Body, root, heading);
        var ear = Leaf(frame, 0, length, width);
        pen.Fill("ear", ear);
        pen.Fill("hollow", Leaf(frame, 0.16 * length, length * (0.2 + context.Number("hollowSize")), width * context.Number("hollowSize")), 3);
        pen.Stroke("line", [.. ear, ear[0]], Profile.Even(1.3));
    }

    private static List<ChartPoint> Leaf(SkinFrame frame, double from, double to, double width)
    {
        double At(double share) => from + share * (to - from);
        return frame.Outline(
            (At(0), 0), (At(0.12), 0.42 * width), (At(0.38), 0.5 * width), (At(0.7), 0.26 * width), (At(1), 0.04 * width),
            (At(0.72), -0.2 * width), (At(0.4), -0.44 * width), (At(0.14), -0.36 * width));
    }
}
