namespace Datura.Core.Shapes.Kinds;

/// <summary>A pointed ear drawn beside the face: the real ear disappears under it.</summary>
public sealed class PointedEar() : DrawnKind("pointedEar", "Pointed ear", Family.Flesh, [Zone.Temple, Zone.Jaw, Zone.Cheekbone],
    [EarCoat, HollowCoat, LineCoat], [Length, Width, Lean, HollowSize])
{
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "From the ear's notch to the tip.", 20, 90, Of(0.4, "lowerFaceHeight"));
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "At its broadest.", 10, 45, Of(0.18, "lowerFaceHeight"));
    private static readonly NumberSpec Lean = ParameterSpec.Angle("lean", "Lean back", "0 points straight up.", -20, 70, 24);
    private static readonly NumberSpec HollowSize = ParameterSpec.Ratio("hollowSize", "Hollow", "Size of the dark inside.", 0.2, 0.8, 0.55);
    private static readonly CoatRole EarCoat = new("ear", "Ear", Stage.BodyColour, Tool.Filbert, 1, 60);
    private static readonly CoatRole HollowCoat = new("hollow", "Hollow", Stage.BodyColour, Tool.Filbert, 1, 25);
    private static readonly CoatRole LineCoat = Line("Outline", goesRound: true);

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(EarCoat, 6, 5)];

    public override bool NeedsOwnGround => true;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var root = context.At(Landmark.Tragion) + new ChartPoint(-3, -8);
        var heading = context.UnevenAngle((90 - context.Number(Lean)) * Math.PI / 180);
        var (length, width) = (context.Uneven(context.Number(Length)), context.Number(Width));
        pen.Say("Length", length, "mm", "from the ear's notch");
        var frame = new SkinFrame(context.Body, root, heading);
        var ear = Leaf(frame, 0, length, width);
        pen.Fill(EarCoat, ear);
        pen.Fill(HollowCoat, Leaf(frame, 0.16 * length, length * (0.2 + context.Number(HollowSize)), width * context.Number(HollowSize)), 3);
        pen.Stroke(LineCoat, [.. ear, ear[0]], Profile.Even(1.3));
    }

    private static List<ChartPoint> Leaf(SkinFrame frame, double from, double to, double width)
    {
        double At(double share) => from + share * (to - from);
        return frame.Outline(
            (At(0), 0), (At(0.12), 0.42 * width), (At(0.38), 0.5 * width), (At(0.7), 0.26 * width), (At(1), 0.04 * width),
            (At(0.72), -0.2 * width), (At(0.4), -0.44 * width), (At(0.14), -0.36 * width));
    }
}
