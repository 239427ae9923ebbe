namespace Datura.Core.Shapes.Kinds;

/// <summary>An animal's nose on the tip of the wearer's, with a line down to the lip.</summary>
public sealed class NosePad() : DrawnKind("nosePad", "Nose pad", Family.Creature, [Zone.Nose],
    [PadCoat, LineCoat, LightCoat], [Width, Height, LineSetting], sided: false)
{
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "Across the tip.", 10, 46, b => 0.8 * b.TapeMm(b.At(Landmark.Alare.Left), b.At(Landmark.Pronasale)));
    private static readonly NumberSpec Height = ParameterSpec.Length("height", "Height", "From the foot of the nose up over the tip.", 8, 34, 18);
    private static readonly NumberSpec LineSetting = ParameterSpec.Length("line", "Line width", "Of the line to the lip.", 0.6, 4, 2, 0.2);
    private static readonly CoatRole PadCoat = new("pad", "Pad", Stage.BodyColour, Tool.Round5, 1, 15);
    private static readonly CoatRole LineCoat = Line("Line to the lip", goesRound: true);
    private static readonly CoatRole LightCoat = new("light", "Wet light", Stage.Highlight, Tool.Round1, 1, 95, Optional: true);

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(PadCoat, 2, 4)];

    public override bool NeedsOwnGround => true;

    public override IReadOnlyList<string> StandsIn => ["beak"];

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var foot = context.At(Landmark.Subnasale) + new ChartPoint(0, 2);
        var frame = new SkinFrame(context.Body, foot, Math.PI / 2);
        var (w, h) = (context.Uneven(context.Number(Width)), context.Number(Height));
        pen.Say("Width", w, "mm");
        pen.Say("Height", h, "mm");
        pen.Fill(PadCoat, frame.Outline((0, 0), (0.25 * h, 0.3 * w), (0.7 * h, 0.5 * w), (h, 0.3 * w), (1.02 * h, 0), (h, -0.3 * w), (0.7 * h, -0.5 * w), (0.25 * h, -0.3 * w)));
        pen.Stroke(LineCoat, Curves.Through([foot, context.At(Landmark.LabialeSuperius), context.At(Landmark.MouthLine)], closed: false), Profile.Even(context.Number(LineSetting)));
        pen.Stroke(LightCoat, frame.Curve((0.8 * h, 0.22 * w), (0.9 * h, 0.05 * w), (0.86 * h, -0.12 * w)), Profile.Swelling(1.6));
    }
}
