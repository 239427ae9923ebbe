using Datura.Core.Body;
using NetTopologySuite.Geometries;

namespace Datura.Core.Shapes.Kinds;

/// <summary>
/// A beak that begins between the brows, takes in the nose and hooks over the upper lip; its lower half lies on lower lip and chin,
/// and its gape runs from under the nostril wing back across the cheek (common practice).
/// </summary>
public sealed class Beak() : DrawnKind("beak", "Beak", Family.Creature, [Zone.Nose, Zone.UpperLip, Zone.Lips],
    [LowerCoat, BeakCoat, ShadeCoat, LineCoat, LightCoat], [Width, Tip, Hook, Gape, Lower], sided: false)
{
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width at the eyes", "Across the root.", 10, 50, Of(0.26, "outerEyeDistance"));
    private static readonly NumberSpec Tip = ParameterSpec.Length("tip", "Tip below the nose", "Negative ends above the foot of the nose.", -8, 45, body => ToTheMouth(body) + 3);
    private static readonly NumberSpec Hook = ParameterSpec.Length("hook", "Hook", "How far the point swings to one side.", -12, 12, 0);
    private static readonly NumberSpec Gape = ParameterSpec.Length("gape", "Gape", "How far its line runs back across the cheek; 0 for none.", 0, 70, Of(0.24, "faceWidth"));
    private static readonly NumberSpec Lower = ParameterSpec.Length("lower", "Lower half", "How far it reaches below the mouth.", 6, 45, Of(0.22, "faceHeight"));
    private static readonly CoatRole LowerCoat = new("lower", "Lower half", Stage.BodyColour, Tool.FlatBrush12, 1, 50);
    private static readonly CoatRole BeakCoat = new("beak", "Beak", Stage.BodyColour, Tool.FlatBrush, 1, 70);
    // Shaded over the beak's colour, not under it.
    private static readonly CoatRole ShadeCoat = new("shade", "Side planes", Stage.Highlight, Tool.Filbert, 1, 30);
    private static readonly CoatRole LineCoat = Line("Gape, nostrils and edge", Tool.Round3, goesRound: true);
    private static readonly CoatRole LightCoat = new("light", "Ridge light", Stage.Highlight, Tool.Round3, 1, 90);

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(BeakCoat, 6, 8)];

    public override bool NeedsOwnGround => true;

    public override Companion? UsuallyWith { get; } = new([], ["featherRows", "furStrokes"], Landmark.Cheekbone.Left, CautionCode.BeakOnBareSkin);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (root, foot, wing, mouth) = (context.At(Landmark.Sellion), context.At(Landmark.Subnasale), context.At(Landmark.Alare), context.At(Landmark.MouthLine));
        var half = context.Uneven(context.Number(Width)) / 2;
        var tip = new ChartPoint(context.Number(Hook), foot.YMm - context.Number(Tip));
        var top = new ChartPoint(0, context.At(Landmark.BrowInner).YMm + 2);
        var shoulder = new ChartPoint(wing.XMm + 4, wing.YMm + 1);
        // From the wing it narrows to a blunt end that turns down into the hook.
        var end = new ChartPoint(0.3 * wing.XMm + 0.6 * tip.XMm, Math.Min(foot.YMm - 2, 0.35 * foot.YMm + 0.65 * tip.YMm));
        ChartPoint[] side =
        [
            new(0.42 * half, top.YMm - 5), new(half, root.YMm - 2), new(0.5 * (half + shoulder.XMm), 0.5 * (root.YMm + shoulder.YMm)), shoulder,
            new(0.85 * shoulder.XMm, foot.YMm + 0.25 * (end.YMm - foot.YMm)), end,
        ];
        var outline = Curves.Through([top, .. side, tip, .. side.Reverse().Select(p => Other(p, tip))], closed: true);
        var upper = Curves.Polygon(outline);
        pen.Say("Length", context.Body.LineMm([top, tip]), "mm", "from between the brows to the tip");

        var chin = mouth.YMm - context.Number(Lower);
        var corner = context.At(Landmark.Cheilion);
        var jaw = Curves.Polygon(Curves.Through(
            [new(0, mouth.YMm + 1), new(0.55 * corner.XMm, mouth.YMm), new(0.72 * corner.XMm, mouth.YMm - 4), new(0.5 * corner.XMm, 0.45 * mouth.YMm + 0.55 * chin), new(0, chin),
                new(-0.5 * corner.XMm, 0.45 * mouth.YMm + 0.55 * chin), new(-0.72 * corner.XMm, mouth.YMm - 4), new(-0.55 * corner.XMm, mouth.YMm)], closed: true)).Difference(upper.Buffer(1));
        pen.Fill(LowerCoat, jaw, 1.2);
        pen.Fill(BeakCoat, outline, 1.2);

        ChartPoint[] ridge = [.. Curves.Through([new(0, top.YMm - 6), root, context.At(Landmark.Pronasale), new(0.5 * tip.XMm, 0.5 * (foot.YMm + tip.YMm)), tip], closed: false)];
        pen.Fill(ShadeCoat, upper.Buffer(-0.5).Difference(Ridge(ridge, 0.42 * half)), 0.5 * half);
        pen.Stroke(LineCoat, [.. outline, outline[0]], Profile.Even(1.4));
        if (!jaw.IsEmpty)
        {
            pen.Stroke(LineCoat, Curves.Through([new(-0.72 * corner.XMm, mouth.YMm - 4), new(-0.5 * corner.XMm, 0.45 * mouth.YMm + 0.55 * chin), new(0, chin),
                new(0.5 * corner.XMm, 0.45 * mouth.YMm + 0.55 * chin), new(0.72 * corner.XMm, mouth.YMm - 4)], closed: false), Profile.Swelling(1.6));
        }

        var gape = context.Number(Gape);
        foreach (var sign in new[] { 1, -1 })
        {
            ChartPoint At(double x, double y) => new(sign * x, y);
            pen.Stroke(LineCoat, Curves.Through([At(0.36 * wing.XMm, wing.YMm + 12), At(0.62 * wing.XMm, wing.YMm + 7), At(0.66 * wing.XMm, wing.YMm + 3)], closed: false), Profile.Swelling(2.2));
            if (gape > 2)
            {
                var from = At(0.86 * shoulder.XMm, foot.YMm - 1);
                pen.Stroke(LineCoat, Curves.Through([from, from + new ChartPoint(sign * 0.5 * gape, -0.06 * gape), from + new ChartPoint(sign * gape, 0.1 * gape)], closed: false),
                    Profile.ThickToThin(2.6));
            }
        }

        // The light runs down the ridge and stops before the hook.
        pen.Stroke(LightCoat, [.. ridge.Take(Math.Max(2, ridge.Length * 4 / 5))], Profile.Swelling(Math.Clamp(0.4 * half, 1.2, 4)));
    }

    // The other side's point; near the tip both sides swing with the hook.
    private static ChartPoint Other(ChartPoint at, ChartPoint tip)
    {
        var near = Math.Clamp((at.XMm - 0.6 * tip.XMm) / 12, 0, 1);
        return new(near * -at.XMm + (1 - near) * (1.2 * tip.XMm - at.XMm), at.YMm);
    }

    private static Geometry Ridge(ChartPoint[] ridge, double halfMm) => Curves.Band(ridge, _ => halfMm);

    private static double ToTheMouth(FittedBody body) => body.At(Landmark.Subnasale).YMm - body.At(Landmark.MouthLine).YMm;
}
