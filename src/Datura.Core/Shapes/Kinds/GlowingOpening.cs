namespace Datura.Core.Shapes.Kinds;

/// <summary>An opening lit from within: white in the middle, then yellow, then orange, and dark outside (common practice).</summary>
public sealed class GlowingOpening() : DrawnKind("glowingOpening", "Glowing opening", Family.Attached, ["orbit", "cheekbone", "forehead", "chin", "lid"],
    [
        new("outside", "Dark outside", Stage.Depth, Tool.Filbert, 1, 20), new("outer", "Outer glow", Stage.BodyColour, Tool.HalfRoundSponge, 1, 55),
        new("middle", "Middle glow", Stage.BodyColour, Tool.Filbert, 1, 78, Optional: true), new("core", "Core", Stage.Highlight, Tool.Round5, 1, 96),
    ],
    [
        ParameterSpec.Choice("at", "Opens at", "Where it glows.", 0, "eye", "cheek", "forehead"),
        ParameterSpec.Length("width", "Width", "Of the opening.", 10, 70, Of(0.42, "outerEyeDistance")),
        ParameterSpec.Length("height", "Height", "Of the opening.", 8, 50, Of(0.3, "outerEyeDistance")),
        ParameterSpec.Choice("shape", "Shape", "Of the opening.", 0, "triangle", "round", "crescent"),
        ParameterSpec.Length("rim", "Dark rim", "Width of the dark round it.", 1, 14, 5),
    ])
{
    public override IReadOnlyList<RoleRelief> Relief { get; } = [new("outer", -6, 4)];

    public override bool NeedsOwnGround => true;

    public override IReadOnlyList<string> StandsIn => ["socket"];

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var middle = context.Word("at") switch
        {
            "cheek" => context.At("cheekbone") + new Body.ChartPoint(2, -14),
            "forehead" => context.At("brow_peak") + new Body.ChartPoint(-8, 22),
            _ => 0.5 * (context.At("endocanthion") + context.At("exocanthion")),
        };
        var frame = new SkinFrame(context.Body, middle, context.UnevenAngle(0));
        var (w, h) = (context.Uneven(context.Number("width")) / 2, context.Number("height") / 2);
        var outline = context.Word("shape") switch
        {
            "round" => frame.Ellipse(2 * w, 2 * h),
            "crescent" => frame.Outline((-w, 0.5 * h), (-0.5 * w, -0.7 * h), (0, -h), (0.5 * w, -0.7 * h), (w, 0.5 * h), (0.4 * w, -0.1 * h), (0, -0.3 * h), (-0.4 * w, -0.1 * h)),
            _ => frame.Path((-w, -h), (0, 1.1 * h), (w, -h), (0, -0.82 * h)),
        };
        var opening = Curves.Polygon(outline);
        var rim = context.Number("rim");
        pen.Say("Width", 2 * w, "mm");
        pen.Say("Height", 2 * h, "mm");
        pen.Fill("outside", opening.Buffer(rim).Difference(opening.Buffer(-1)), rim);
        pen.Fill("outer", opening, 1.5);
        pen.Fill("middle", opening.Buffer(-0.22 * Math.Min(w, h)), 0.3 * Math.Min(w, h));
        pen.Fill("core", opening.Buffer(-0.5 * Math.Min(w, h)), 0.4 * Math.Min(w, h));
    }
}
