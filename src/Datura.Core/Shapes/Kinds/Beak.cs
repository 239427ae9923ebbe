namespace Datura.Core.Shapes.Kinds;

/// <summary>A beak that takes in the nose and comes to a point below it.</summary>
public sealed class Beak() : DrawnKind("beak", "Beak", Family.Creature, [Zone.Nose],
    [BeakCoat, LineCoat], [Width, Tip, Hook], sided: false)
{
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width at the eyes", "Across the root.", 10, 50, Of(0.28, "outerEyeDistance"));
    private static readonly NumberSpec Tip = ParameterSpec.Length("tip", "Tip below the nose", "Negative ends above the foot of the nose.", -8, 30, 4);
    private static readonly NumberSpec Hook = ParameterSpec.Length("hook", "Hook", "How far the point swings to one side.", -12, 12, 0);
    private static readonly CoatRole BeakCoat = new("beak", "Beak", Stage.BodyColour, Tool.FlatBrush, 1, 70);
    private static readonly CoatRole LineCoat = Line("Ridge and edge", Tool.Round3, goesRound: true);

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(BeakCoat, 6, 8)];

    public override bool NeedsOwnGround => true;

    public override Companion? UsuallyWith { get; } = new([], ["featherRows", "furStrokes"], Landmark.Cheekbone.Left, CautionCode.BeakOnBareSkin);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (root, foot) = (context.At(Landmark.Sellion), context.At(Landmark.Subnasale));
        var half = context.Uneven(context.Number(Width)) / 2;
        var tip = new ChartPoint(context.Number(Hook), foot.YMm - context.Number(Tip));
        var wing = context.At(Landmark.Alare);
        var outline = Curves.Through([root + new ChartPoint(0, 9), root + new ChartPoint(half, 3), new(wing.XMm + 3, 0.45 * root.YMm + 0.55 * wing.YMm), wing + new ChartPoint(2, -1),
            0.5 * (wing + tip) + new ChartPoint(1, -1), tip, 0.5 * (wing.Mirrored() + tip) + new ChartPoint(-1, -1), wing.Mirrored() + new ChartPoint(-2, -1),
                new(-wing.XMm - 3, 0.45 * root.YMm + 0.55 * wing.YMm), root + new ChartPoint(-half, 3)], closed: true);
        pen.Say("Length", context.Body.LineMm([root, tip]), "mm", "from the nose root to the tip");
        pen.Fill(BeakCoat, outline, 1.2);
        pen.Stroke(LineCoat, [.. outline, outline[0]], Profile.Even(1.4));
        pen.Stroke(LineCoat, Curves.Through([root + new ChartPoint(0, 3), context.At(Landmark.Pronasale), tip], closed: false), Profile.ThickToThin(2));
    }
}
