namespace Datura.Core.Shapes.Kinds;

/// <summary>Whiskers that spring from the muzzle and droop; left and right must match (common practice).</summary>
public sealed class Whiskers() : DrawnKind("whiskers", "Whiskers", Family.Creature, [Zone.UpperLip, Zone.CheekHollow, Zone.Cheekbone],
    [LineCoat], [Count, Length, Droop, Width])
{
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Whiskers a side", "One above the other.", 2, 7, 3);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the longest.", 15, 110, Of(0.42, "faceWidth"));
    private static readonly NumberSpec Droop = ParameterSpec.Length("droop", "Droop", "How far the tips hang.", -20, 40, 9);
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width at the root", "Press at the root, lift to a hair.", 0.6, 4, 1.8, 0.2);
    private static readonly CoatRole LineCoat = Line("Whiskers", Tool.Round1);

    public override Companion? UsuallyWith { get; } = new([], ["whiskerDots"], Landmark.Subnasale, CautionCode.WhiskersWithoutDots);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var count = context.Count(Count);
        for (var k = 0; k < count; k++)
        {
            var spread = k - (count - 1) / 2.0;
            var start = context.At(Landmark.Cheilion) + new ChartPoint(-6 + Math.Abs(spread), 12 - 5 * spread);
            var frame = new SkinFrame(context.Body, start, context.UnevenAngle(0.28 - 0.2 * spread));
            var length = context.Uneven(context.Number(Length)) * (1 - 0.1 * Math.Abs(spread));
            pen.Stroke(LineCoat, frame.Curve((0, 0), (0.45 * length, 2), (length, -context.Number(Droop))), Profile.ThickToThin(context.Number(Width)));
        }

        pen.Say("Longest", context.Number(Length), "mm");
    }
}
