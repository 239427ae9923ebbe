namespace Datura.Core.Shapes.Kinds;

/// <summary>A small gourd with its lobes, stem and a tendril.</summary>
public sealed class SmallGourd() : DrawnKind("smallGourd", "Small gourd", Family.Ornament, [Zone.Cheekbone, Zone.Temple, Zone.Forehead, Zone.CheekHollow, Zone.Collar, Zone.Chest],
    [BodyCoat, GrooveCoat, StemCoat, LightCoat], [At, Size, Lobes, Flat])
{
    private static readonly ChoiceSpec At = ParameterSpec.Choice("at", "Sits at", "Where its middle lies.", 0, "cheekbone", "temple", "collar bone");
    private static readonly NumberSpec Size = ParameterSpec.Length("size", "Size", "Across.", 10, 70, Of(0.24, "faceWidth"));
    private static readonly CountSpec Lobes = ParameterSpec.Count("lobes", "Lobes", "Seen from the front.", 3, 7, 5);
    private static readonly NumberSpec Flat = ParameterSpec.Ratio("flat", "Height", "To its width.", 0.5, 1.4, 0.8);
    private static readonly CoatRole BodyCoat = new("body", "Body", Stage.BodyColour, Tool.Filbert, 1, 55);
    private static readonly CoatRole GrooveCoat = new("groove", "Grooves", Stage.Line, Tool.Round2, 1, 30);
    private static readonly CoatRole StemCoat = new("stem", "Stem and tendril", Stage.Line, Tool.Round2, 1, 28);
    private static readonly CoatRole LightCoat = new("light", "Lights", Stage.Highlight, Tool.Round2, 1, 85, Optional: true);

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(BodyCoat, 3, 6)];

    public override bool NeedsOwnGround => true;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var middle = context.Word(At) switch
        {
            "temple" => 0.5 * (context.At(Landmark.Frontotemporale) + context.At(Landmark.BrowOuter)) + new ChartPoint(6, 0),
            "collar bone" => 0.6 * context.At(Landmark.ClavicleInner) + 0.4 * context.At(Landmark.ClavicleOuter) + new ChartPoint(0, -22),
            _ => context.At(Landmark.Cheekbone) + new ChartPoint(8, -6),
        };
        var half = context.Uneven(context.Number(Size)) / 2;
        var tall = half * context.Number(Flat);
        var frame = new SkinFrame(context.Body, middle, context.UnevenAngle(0));
        var lobes = context.Count(Lobes);
        // The outline swells at every lobe and dips at the stem.
        var outline = Enumerable.Range(0, 72).Select(k => 2 * Math.PI * k / 72).Select(a =>
        {
            var swell = 1 + 0.05 * Math.Abs(Math.Sin(lobes * Math.Acos(Math.Clamp(Math.Cos(a), -1, 1)) / 2)) - 0.16 * Math.Exp(-Math.Pow((a - Math.PI / 2) / 0.34, 2));
            return frame.At(half * swell * Math.Cos(a), tall * swell * Math.Sin(a));
        }).ToList();
        pen.Fill(BodyCoat, outline);
        for (var k = 1; k < lobes; k++)
        {
            var x = half * Math.Sin(Math.PI * ((double)k / lobes - 0.5)) * 0.98;
            pen.Stroke(GrooveCoat, frame.Curve((0.18 * x, 0.8 * tall), (0.85 * x, 0.4 * tall), (x, -0.1 * tall), (0.8 * x, -0.6 * tall), (0.35 * x, -0.94 * tall)), Profile.Swelling(Math.Clamp(0.09 * half, 0.7, 2.4)));
            pen.Stroke(LightCoat, frame.Curve((0.95 * x - 0.12 * half, 0.5 * tall), (x - 0.14 * half, 0.1 * tall)), Profile.Swelling(Math.Clamp(0.08 * half, 0.6, 2)));
        }

        pen.Stroke(StemCoat, frame.Curve((0, 0.78 * tall), (0.06 * half, 1.1 * tall), (0.26 * half, 1.34 * tall)), t => Math.Clamp((0.16 + 0.1 * t) * half, 1, 7));
        pen.Stroke(StemCoat, frame.Curve((0.05 * half, 1.0 * tall), (0.5 * half, 1.12 * tall), (0.78 * half, 0.95 * tall), (0.7 * half, 1.25 * tall), (0.95 * half, 1.3 * tall)), Profile.ThickToThin(1.2));
        pen.Say("Across", 2 * half, "mm");
    }
}
