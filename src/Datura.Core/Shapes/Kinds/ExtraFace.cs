namespace Datura.Core.Shapes.Kinds;

/// <summary>A second, smaller face beside the wearer's own: two eyes, a nose and a mouth that share its slant.</summary>
public sealed class ExtraFace() : DrawnKind("extraFace", "Extra face", Family.Attached, [Zone.CheekHollow, Zone.NeckSide, Zone.NeckFront, Zone.Forehead, Zone.Chest, Zone.Jaw],
    [SkinCoat, DarkCoat, LineCoat, LightCoat], [At, Height, Narrow, Slant, Mouth])
{
    private static readonly ChoiceSpec At = ParameterSpec.Choice("at", "Sits at", "Where it looks out.", 0, "cheek", "neck", "forehead", "chest");
    private static readonly NumberSpec Height = ParameterSpec.Length("height", "Height", "Of the extra face.", 22, 110, Of(0.34, "faceHeight"));
    private static readonly NumberSpec Narrow = ParameterSpec.Ratio("narrow", "Width to height", "", 0.5, 1.1, 0.72);
    private static readonly NumberSpec Slant = ParameterSpec.Angle("slant", "Slant", "Of the whole face.", -60, 60, 14);
    private static readonly ChoiceSpec Mouth = ParameterSpec.Choice("mouth", "Mouth", "What it does.", 0, "open", "closed", "grin");
    private static readonly CoatRole SkinCoat = new("skin", "Skin", Stage.BodyColour, Tool.HalfRoundSponge, 1, 70);
    private static readonly CoatRole DarkCoat = new("dark", "Eyes and mouth", Stage.BodyColour, Tool.Filbert, 1, 12);
    private static readonly CoatRole LineCoat = Line("Features");
    private static readonly CoatRole LightCoat = new("light", "Lights", Stage.Highlight, Tool.Round3, 1, 95, Optional: true);

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(SkinCoat, 5, 12)];

    public override bool ThrowsShadow => true;

    public override bool NeedsOwnGround => true;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var middle = context.Word(At) switch
        {
            "neck" => 0.5 * (context.At(Landmark.Gonion) + context.At(Landmark.ClavicleInner)),
            "forehead" => context.At(Landmark.BrowPeak) + new ChartPoint(-4, 30),
            "chest" => context.At(Landmark.ClavicleInner) + new ChartPoint(34, -48),
            _ => 0.5 * (context.At(Landmark.Cheekbone) + context.At(Landmark.Gonion)) + new ChartPoint(2, -2),
        };
        var h = context.Uneven(context.Number(Height));
        var w = h * context.Number(Narrow);
        // Along the frame is up the little face.
        var frame = new SkinFrame(context.Body, middle, context.UnevenAngle(Math.PI / 2 - context.Number(Slant) * Math.PI / 180));
        pen.Say("Height", h, "mm", $"at the {context.Word(At)}");
        pen.Say("Width", w, "mm");
        pen.Fill(SkinCoat, frame.Outline((0.5 * h, 0), (0.36 * h, 0.42 * w), (0.02 * h, 0.5 * w), (-0.32 * h, 0.3 * w), (-0.5 * h, 0), (-0.32 * h, -0.3 * w), (0.02 * h, -0.5 * w),
            (0.36 * h, -0.42 * w)), 4);
        foreach (var side in new[] { 1, -1 })
        {
            pen.Fill(DarkCoat, frame.Ellipse(0.13 * h, 0.26 * w, 0.1 * h, side * 0.22 * w), 1);
            pen.Dot(LightCoat, frame.At(0.12 * h, side * 0.2 * w), 0.05 * h);
            pen.Stroke(LineCoat, frame.Curve((0.24 * h, side * 0.08 * w), (0.27 * h, side * 0.22 * w), (0.2 * h, side * 0.38 * w)), Profile.Swelling(0.03 * h));
            pen.Dot(DarkCoat, frame.At(-0.11 * h, side * 0.05 * w), 0.035 * h);
        }

        pen.Stroke(LineCoat, frame.Curve((0.14 * h, 0.05 * w), (-0.04 * h, 0.07 * w), (-0.1 * h, 0.1 * w)), Profile.ThickToThin(0.022 * h));
        switch (context.Word(Mouth))
        {
            case "open":
                pen.Fill(DarkCoat, frame.Ellipse(0.17 * h, 0.26 * w, -0.28 * h), 1);
                break;
            case "grin":
                pen.Fill(DarkCoat, frame.Outline((-0.22 * h, 0.3 * w), (-0.29 * h, 0.12 * w), (-0.3 * h, 0), (-0.29 * h, -0.12 * w), (-0.22 * h, -0.3 * w), (-0.36 * h, -0.12 * w),
                    (-0.37 * h, 0), (-0.36 * h, 0.12 * w)), 1);
                break;
            default:
                pen.Stroke(LineCoat, frame.Curve((-0.28 * h, 0.22 * w), (-0.27 * h, 0), (-0.28 * h, -0.22 * w)), Profile.Swelling(0.03 * h));
                break;
        }

        pen.Stroke(LightCoat, frame.Curve((0.06 * h, 0), (-0.06 * h, 0)), Profile.Swelling(0.04 * h));
    }
}
