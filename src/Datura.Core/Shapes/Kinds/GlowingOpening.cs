namespace Datura.Core.Shapes.Kinds;

/// <summary>An opening lit from within: white in the middle, then yellow, then orange, and dark outside (common practice).</summary>
public sealed class GlowingOpening() : DrawnKind("glowingOpening", "Glowing opening", Family.Attached, [Zone.Orbit, Zone.Cheekbone, Zone.Forehead, Zone.Chin, Zone.Lid],
    [OutsideCoat, OuterCoat, MiddleCoat, CoreCoat], [At, Width, Height, Shape, Rim])
{
    private static readonly ChoiceSpec At = ParameterSpec.Choice("at", "Opens at", "Where it glows.", 0, "eye", "cheek", "forehead");
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "Of the opening.", 10, 70, Of(0.42, "outerEyeDistance"));
    private static readonly NumberSpec Height = ParameterSpec.Length("height", "Height", "Of the opening.", 8, 50, Of(0.3, "outerEyeDistance"));
    private static readonly ChoiceSpec Shape = ParameterSpec.Choice("shape", "Shape", "Of the opening.", 0, "triangle", "round", "crescent");
    private static readonly NumberSpec Rim = ParameterSpec.Length("rim", "Dark rim", "Width of the dark round it.", 1, 14, 5);
    private static readonly CoatRole OutsideCoat = new("outside", "Dark outside", Stage.Depth, Tool.Filbert, 1, 20);
    private static readonly CoatRole OuterCoat = new("outer", "Outer glow", Stage.BodyColour, Tool.HalfRoundSponge, 1, 55);
    private static readonly CoatRole MiddleCoat = new("middle", "Middle glow", Stage.BodyColour, Tool.Filbert, 1, 78, Optional: true);
    private static readonly CoatRole CoreCoat = new("core", "Core", Stage.Highlight, Tool.Round5, 1, 96);

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(OuterCoat, -6, 4)];

    public override bool NeedsOwnGround => true;

    public override IReadOnlyList<string> StandsIn => ["socket"];

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var middle = context.Word(At) switch
        {
            "cheek" => context.At(Landmark.Cheekbone) + new ChartPoint(2, -14),
            "forehead" => context.At(Landmark.BrowPeak) + new ChartPoint(-8, 22),
            _ => 0.5 * (context.At(Landmark.Endocanthion) + context.At(Landmark.Exocanthion)),
        };
        var frame = new SkinFrame(context.Body, middle, context.UnevenAngle(0));
        var (w, h) = (context.Uneven(context.Number(Width)) / 2, context.Number(Height) / 2);
        var outline = context.Word(Shape) switch
        {
            "round" => frame.Ellipse(2 * w, 2 * h),
            "crescent" => frame.Outline((-w, 0.5 * h), (-0.5 * w, -0.7 * h), (0, -h), (0.5 * w, -0.7 * h), (w, 0.5 * h), (0.4 * w, -0.1 * h), (0, -0.3 * h), (-0.4 * w, -0.1 * h)),
            _ => frame.Path((-w, -h), (0, 1.1 * h), (w, -h), (0, -0.82 * h)),
        };
        var opening = Curves.Polygon(outline);
        var rim = context.Number(Rim);
        pen.Say("Width", 2 * w, "mm");
        pen.Say("Height", 2 * h, "mm");
        pen.Fill(OutsideCoat, opening.Buffer(rim).Difference(opening.Buffer(-1)), rim);
        pen.Fill(OuterCoat, opening, 1.5);
        pen.Fill(MiddleCoat, opening.Buffer(-0.22 * Math.Min(w, h)), 0.3 * Math.Min(w, h));
        pen.Fill(CoreCoat, opening.Buffer(-0.5 * Math.Min(w, h)), 0.4 * Math.Min(w, h));
    }
}
