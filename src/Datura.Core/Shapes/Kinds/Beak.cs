using Datura.Core.Wording;

namespace Datura.Core.Shapes.Kinds;

/// <summary>A beak that takes in the nose and comes to a point below it.</summary>
public sealed class Beak() : DrawnKind("beak", "Beak", Family.Creature, ["nose"],
    [new("beak", "Beak", Stage.BodyColour, Tool.FlatBrush, 1, 70), Line("Ridge and edge", Tool.Round3, goesRound: true)],
    [
        ParameterSpec.Length("width", "Width at the eyes", "Across the root.", 10, 50, Of(0.28, "outerEyeDistance")),
        ParameterSpec.Length("tip", "Tip below the nose", "Negative ends above the foot of the nose.", -8, 30, 4),
        ParameterSpec.Length("hook", "Hook", "How far the point swings to one side.", -12, 12, 0),
    ], sided: false)
{
    public override IReadOnlyList<RoleRelief> Relief { get; } = [new("beak", 6, 8)];

    public override bool NeedsOwnGround => true;

    public override Companion? UsuallyWith { get; } = new([], ["featherRows", "furStrokes"], "cheekbone_left", CautionCode.BeakOnBareSkin);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (root, foot) = (context.At("sellion"), context.At("subnasale"));
        var half = context.Uneven(context.Number("width")) / 2;
        var tip = new Body.ChartPoint(context.Number("hook"), foot.YMm - context.Number("tip"));
        var wing = context.At("alare");
        var outline = Curves.Through([root + new Body.ChartPoint(0, 9), root + new Body.ChartPoint(half, 3), new(wing.XMm + 3, 0.45 * root.YMm + 0.55 * wing.YMm), wing + new Body.ChartPoint(2, -1), 0.5 * (wing + tip) + new Body.ChartPoint(1, -1), tip, 0.5 * (wing.Mirrored() + tip) + new Body.ChartPoint(-1, -1), wing.Mirrored() + new Body.ChartPoint(-2, -1), new(-wing.XMm - 3, 0.45 * root.YMm + 0.55 * wing.YMm), root + new Body.ChartPoint(-half, 3)], closed: true);
        pen.Say("Length", context.Body.LineMm([root, tip]), "mm", "from the nose root to the tip");
        pen.Fill("beak", outline, 1.2);
        pen.Stroke("line", [.. outline, outline[0]], Profile.Even(1.4));
        pen.Stroke("line", Curves.Through([root + new Body.ChartPoint(0, 3), context.At("pronasale"), tip], closed: false), Profile.ThickToThin(2));
    }
}
