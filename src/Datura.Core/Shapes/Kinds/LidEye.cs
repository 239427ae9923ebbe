namespace Datura.Core.Shapes.Kinds;

/// <summary>An open eye painted on the closed lid: ball, iris, pupil and two lights.</summary>
public sealed class LidEye() : DrawnKind("lidEye", "Eye on the lid", Family.Flesh, [Zone.Lid, Zone.Orbit],
    [BallCoat, IrisCoat, LineCoat, LightCoat], [Height, Iris, Pupil, Look])
{
    private static readonly NumberSpec Height = ParameterSpec.Length("height", "Height", "Of the open eye.", 6, 30, Of(0.13, "outerEyeDistance"));
    private static readonly NumberSpec Iris = ParameterSpec.Length("iris", "Iris", "Its width.", 4, 24, Of(0.11, "outerEyeDistance"));
    private static readonly NumberSpec Pupil = ParameterSpec.Ratio("pupil", "Pupil", "Width to the iris.", 0.15, 0.9, 0.42);
    private static readonly NumberSpec Look = ParameterSpec.Length("look", "Looks aside", "Towards the outer corner; negative towards the nose.", -6, 6, 0, 0.5);
    private static readonly CoatRole BallCoat = new("ball", "Ball", Stage.BodyColour, Tool.Filbert, 1, 92);
    private static readonly CoatRole IrisCoat = new("iris", "Iris", Stage.BodyColour, Tool.Round5, 1, 50, Optional: true);
    private static readonly CoatRole LineCoat = new("line", "Pupil and rim", Stage.Line, Tool.Round3, 1, 12);
    private static readonly CoatRole LightCoat = new("light", "Two lights", Stage.Highlight, Tool.Round1, 1, 95);

    public override bool NeedsOwnGround => true;

    public override IReadOnlyList<string> StandsIn => ["socket", "petalRing"];

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (inner, outer) = (context.At(Landmark.Endocanthion), context.At(Landmark.Exocanthion));
        var centre = 0.5 * (inner + outer);
        var frame = new SkinFrame(context.Body, centre, Math.Atan2(outer.YMm - inner.YMm, outer.XMm - inner.XMm));
        var half = 0.46 * (outer - inner).Length();
        var height = context.Uneven(context.Number(Height));
        var ball = frame.Outline((half, 0), (0.4 * half, 0.46 * height), (-0.2 * half, 0.5 * height), (-half, -0.04 * height), (-0.3 * half, -0.44 * height), (0.45 * half, -0.4 * height));
        var (iris, look) = (context.Number(Iris), context.Number(Look));
        pen.Say("Height", height, "mm");
        pen.Say("Iris", iris, "mm", "across");
        pen.Fill(BallCoat, ball);
        pen.Fill(IrisCoat, frame.Ellipse(iris, Math.Min(iris, 0.94 * height), look));
        pen.Fill(LineCoat, frame.Ellipse(iris * context.Number(Pupil), iris * context.Number(Pupil), look));
        pen.Stroke(LineCoat, [.. ball, ball[0]], Profile.Even(1.3));
        pen.Dot(LightCoat, frame.At(look - 0.2 * iris, 0.2 * iris), 0.2 * iris);
        pen.Dot(LightCoat, frame.At(look + 0.16 * iris, -0.16 * iris), 0.11 * iris);
    }
}
