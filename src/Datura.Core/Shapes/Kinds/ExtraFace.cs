using Datura.Core.Body;

namespace Datura.Core.Shapes.Kinds;

/// <summary>A second, smaller face beside the wearer's own: two eyes, a nose and a mouth that share its slant.</summary>
public sealed class ExtraFace() : DrawnKind("extraFace", "Extra face", Family.Attached, ["cheek hollow", "neck side", "neck front", "forehead", "chest", "jaw"],
    [
        new("skin", "Skin", Stage.BodyColour, Tool.HalfRoundSponge, 1, 70), new("dark", "Eyes and mouth", Stage.BodyColour, Tool.Filbert, 1, 12),
        Line("Features"), new("light", "Lights", Stage.Highlight, Tool.Round3, 1, 95, Optional: true),
    ],
    [
        ParameterSpec.Choice("at", "Sits at", "Where it looks out.", 0, "cheek", "neck", "forehead", "chest"),
        ParameterSpec.Length("height", "Height", "Of the extra face.", 22, 110, Of(0.34, "faceHeight")),
        ParameterSpec.Ratio("narrow", "Width to height", "", 0.5, 1.1, 0.72),
        ParameterSpec.Angle("slant", "Slant", "Of the whole face.", -60, 60, 14),
        ParameterSpec.Choice("mouth", "Mouth", "What it does.", 0, "open", "closed", "grin"),
    ])
{
    public override IReadOnlyList<RoleRelief> Relief { get; } = [new("skin", 5, 12)];

    public override bool ThrowsShadow => true;

    public override bool NeedsOwnGround => true;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var middle = context.Word("at") switch
        {
            "neck" => 0.5 * (context.At("gonion") + context.At("clavicle_inner")),
            "forehead" => context.At("brow_peak") + new ChartPoint(-4, 30),
            "chest" => context.At("clavicle_inner") + new ChartPoint(34, -48),
            _ => 0.5 * (context.At("cheekbone") + context.At("gonion")) + new ChartPoint(2, -2),
        };
        var h = context.Uneven(context.Number("height"));
        var w = h * context.Number("narrow");
        // Along the frame is up the little face.
        var frame = new SkinFrame(context.Body, middle, context.UnevenAngle(Math.PI / 2 - context.Number("slant") * Math.PI / 180));
        pen.Say("Height", h, "mm", $"at the {context.Word("at")}");
        pen.Say("Width", w, "mm");
        pen.Fill("skin", frame.Outline((0.5 * h, 0), (0.36 * h, 0.42 * w), (0.02 * h, 0.5 * w), (-0.32 * h, 0.3 * w), (-0.5 * h, 0), (-0.32 * h, -0.3 * w), (0.02 * h, -0.5 * w), (0.36 * h, -0.42 * w)), 4);
        foreach (var side in new[] { 1, -1 })
        {
            pen.Fill("dark", frame.Ellipse(0.13 * h, 0.26 * w, 0.1 * h, side * 0.22 * w), 1);
            pen.Dot("light", frame.At(0.12 * h, side * 0.2 * w), 0.05 * h);
            pen.Stroke("line", frame.Curve((0.24 * h, side * 0.08 * w), (0.27 * h, side * 0.22 * w), (0.2 * h, side * 0.38 * w)), Profile.Swelling(0.03 * h));
            pen.Dot("dark", frame.At(-0.11 * h, side * 0.05 * w), 0.035 * h);
        }

        pen.Stroke("line", frame.Curve((0.14 * h, 0.05 * w), (-0.04 * h, 0.07 * w), (-0.1 * h, 0.1 * w)), Profile.ThickToThin(0.022 * h));
        switch (context.Word("mouth"))
        {
            case "open":
                pen.Fill("dark", frame.Ellipse(0.17 * h, 0.26 * w, -0.28 * h), 1);
                break;
            case "grin":
                pen.Fill("dark", frame.Outline((-0.22 * h, 0.3 * w), (-0.29 * h, 0.12 * w), (-0.3 * h, 0), (-0.29 * h, -0.12 * w), (-0.22 * h, -0.3 * w), (-0.36 * h, -0.12 * w), (-0.37 * h, 0), (-0.36 * h, 0.12 * w)), 1);
                break;
            default:
                pen.Stroke("line", frame.Curve((-0.28 * h, 0.22 * w), (-0.27 * h, 0), (-0.28 * h, -0.22 * w)), Profile.Swelling(0.03 * h));
                break;
        }

        pen.Stroke("light", frame.Curve((0.06 * h, 0), (-0.06 * h, 0)), Profile.Swelling(0.04 * h));
    }
}
