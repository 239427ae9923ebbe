namespace Datura.Core.Shapes.Kinds;

/// <summary>A long pointed tooth at each side of the mouth.</summary>
public sealed class Fangs() : DrawnKind("fangs", "Fangs", Family.Flesh, [Zone.Lips, Zone.Chin],
    [ToothCoat, LineCoat], [Lean, Length, Width, Place, LineSetting])
{
    private static readonly ChoiceSpec Lean = ParameterSpec.Choice("lean", "Lean", "Where the points go.", 1, "inward", "straight", "outward");
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "From the mouth line down.", 6, 45, Of(0.16, "lowerFaceHeight"));
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "At the root.", 3, 16, 7);
    private static readonly NumberSpec Place = ParameterSpec.Ratio("place", "Place", "0 at the middle, 1 at the corner of the mouth.", 0.2, 1, 0.58);
    private static readonly NumberSpec LineSetting = ParameterSpec.Length("line", "Line width", "Of the outline.", 0.4, 3, 1, 0.1);
    private static readonly CoatRole ToothCoat = new("tooth", "Teeth", Stage.BodyColour, Tool.Round5, 1, 92);
    private static readonly CoatRole LineCoat = Line("Outlines", Tool.Round1, goesRound: true);

    public override Companion? UsuallyWith { get; } = new([], ["lipOutline", "toothRow", "bigMouth", "stretchedMouth"], Landmark.MouthLine, CautionCode.FangsWithoutMouth);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var root = context.Number(Place) * context.At(Landmark.Cheilion) + (1 - context.Number(Place)) * context.At(Landmark.MouthLine);
        var lean = context.Word(Lean) switch { "inward" => -0.3, "outward" => 0.3, _ => 0 };
        var frame = new SkinFrame(context.Body, root, context.UnevenAngle(-Math.PI / 2 + lean));
        var (length, width) = (context.Uneven(context.Number(Length)), context.Number(Width));
        var outline = frame.Outline((-1, 0.5 * width), (0.4 * length, 0.42 * width), (length, 0), (0.4 * length, -0.36 * width), (-1, -0.5 * width));
        pen.Say("Length", length, "mm", "from the mouth line");
        pen.Fill(ToothCoat, outline);
        pen.Stroke(LineCoat, [.. outline, outline[0]], Profile.Even(context.Number(LineSetting)));
    }
}
