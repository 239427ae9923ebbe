namespace Datura.Core.Shapes.Kinds;

/// <summary>
/// A nose pressed narrow or pulled broad by shade at its sides and light on its ridge, the wings smudged, a curve from the inner corner
/// of the eye that widens it (common practice).
/// </summary>
public sealed class NoseShading() : DrawnKind("noseShading", "Nose shading", Family.Bone, [Zone.Nose],
    [ShadeCoat, SmudgeCoat, LightCoat], [Form, Ridge, Width, Smudge])
{
    private const string Narrow = "pressed narrow", Broad = "pulled broad", Curve = "curve from the eye";

    private static readonly ChoiceSpec Form = ParameterSpec.Choice("form", "Makes it", "What the shade does to the nose.", 0, Narrow, Broad, Curve);
    private static readonly NumberSpec Ridge = ParameterSpec.Length("ridge", "Ridge", "Width that stays between the shades.", 3, 24, 9);
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "Of the shade at each side.", 3, 18, 8);
    private static readonly NumberSpec Smudge = ParameterSpec.Length("smudge", "Smudge at the wings", "How far it goes round the nostril; 0 for none.", 0, 16, 7);
    private static readonly CoatRole ShadeCoat = new("shade", "Shade", Stage.Depth, Tool.Filbert, 1, 28);
    private static readonly CoatRole SmudgeCoat = new("smudge", "Smudge", Stage.Depth, Tool.Filbert, 1, 20);
    private static readonly CoatRole LightCoat = new("light", "Light on the ridge", Stage.Highlight, Tool.Filbert, 1, 90, Optional: true);

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(ShadeCoat, -2, 5)];

    public override RemarkCode? Cue => RemarkCode.CueTickles;

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (ridge, width) = (context.Number(Ridge), context.Uneven(context.Number(Width)));
        var (root, tip, wing, eye) = (context.At(Landmark.Sellion), context.At(Landmark.Pronasale), context.At(Landmark.Alare), context.At(Landmark.Endocanthion));
        ChartPoint[] way = context.Word(Form) switch
        {
            // Out along the wing's fold: the side of the nose reads as its front.
            Broad => [new(0.5 * ridge + 6, root.YMm - 4), new(0.5 * ridge + 9, 0.55 * tip.YMm), wing + new ChartPoint(1, 6)],
            Curve => [eye + new ChartPoint(-3, 5), eye + new ChartPoint(-5, -8), wing + new ChartPoint(0, 12), wing + new ChartPoint(5, 2)],
            _ => [new(0.5 * (ridge + width), root.YMm + 6), new(0.5 * (ridge + width) + 0.5, 0.5 * tip.YMm), new(0.5 * (ridge + width), tip.YMm + 5)],
        };
        var line = Curves.Through(way, closed: false);
        pen.Say("Length", context.Body.LineMm(line), "mm", "a side");
        pen.Fill(ShadeCoat, Curves.Band(line, t => width / 2 * (0.35 + 0.4 * Math.Sin(Math.PI * (0.1 + 0.8 * t)))), 0.6 * width);
        if (context.Number(Smudge) is > 0 and var smudge)
        {
            var frame = new SkinFrame(context.Body, wing + new ChartPoint(-2, 0), 0);
            pen.Fill(SmudgeCoat, Curves.Band(frame.Curve((-0.9 * smudge, -0.7 * smudge), (0.1 * smudge, -0.75 * smudge), (0.55 * smudge, 0), (0.2 * smudge, 0.8 * smudge)),
                t => 0.2 * smudge * Math.Sin(Math.PI * (0.15 + 0.75 * t))), 0.35 * smudge);
        }

        // The ridge is one light; each side draws its half of it.
        pen.Fill(LightCoat, Curves.Polygon([new(0, root.YMm - 2), new(0.2 * ridge, root.YMm - 4), new(0.24 * ridge, 0.5 * tip.YMm), new(0.2 * ridge, tip.YMm + 4), new(0, tip.YMm + 2)]), 0.35 * ridge);
    }
}
