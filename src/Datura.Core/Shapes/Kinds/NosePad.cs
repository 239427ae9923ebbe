namespace Datura.Core.Shapes.Kinds;

/// <summary>An animal's nose on the tip of the wearer's, with a line down to the lip.</summary>
public sealed class NosePad() : DrawnKind("nosePad", "Nose pad", Family.Creature, ["nose"],
    [new("pad", "Pad", Stage.BodyColour, Tool.Round5, 1, 15), Line("Line to the lip", goesRound: true), new("light", "Wet light", Stage.Highlight, Tool.Round1, 1, 95, Optional: true)],
    [
        ParameterSpec.Length("width", "Width", "Across the tip.", 10, 46, b => 0.8 * b.TapeMm(b.Landmark("alare_left"), b.Landmark("pronasale"))),
        ParameterSpec.Length("height", "Height", "From the foot of the nose up over the tip.", 8, 34, 18),
        ParameterSpec.Length("line", "Line width", "Of the line to the lip.", 0.6, 4, 2, 0.2),
    ], sided: false)
{
    public override IReadOnlyList<RoleRelief> Relief { get; } = [new("pad", 2, 4)];

    public override bool NeedsOwnGround => true;

    public override IReadOnlyList<string> StandsIn => ["beak"];

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var foot = context.At("subnasale") + new Body.ChartPoint(0, 2);
        var frame = new SkinFrame(context.Body, foot, Math.PI / 2);
        var (w, h) = (context.Uneven(context.Number("width")), context.Number("height"));
        pen.Say("Width", w, "mm");
        pen.Say("Height", h, "mm");
        pen.Fill("pad", frame.Outline((0, 0), (0.25 * h, 0.3 * w), (0.7 * h, 0.5 * w), (h, 0.3 * w), (1.02 * h, 0), (h, -0.3 * w), (0.7 * h, -0.5 * w), (0.25 * h, -0.3 * w)));
        pen.Stroke("line", Curves.Through([foot, context.At("labiale_superius"), context.At("mouth_line")], closed: false), Profile.Even(context.Number("line")));
        pen.Stroke("light", frame.Curve((0.8 * h, 0.22 * w), (0.9 * h, 0.05 * w), (0.86 * h, -0.12 * w)), Profile.Swelling(1.6));
    }
}
