using Datura.Core.Wording;

namespace Datura.Core.Shapes.Kinds;

/// <summary>Whiskers that spring from the muzzle and droop; left and right must match (common practice).</summary>
public sealed class Whiskers() : DrawnKind("whiskers", "Whiskers", Family.Creature, ["upper lip", "cheek hollow", "cheekbone"],
    [Line("Whiskers", Tool.Round1)],
    [
        ParameterSpec.Count("count", "Whiskers a side", "One above the other.", 2, 7, 3),
        ParameterSpec.Length("length", "Length", "Of the longest.", 15, 110, Of(0.42, "faceWidth")),
        ParameterSpec.Length("droop", "Droop", "How far the tips hang.", -20, 40, 9),
        ParameterSpec.Length("width", "Width at the root", "Press at the root, lift to a hair.", 0.6, 4, 1.8, 0.2),
    ])
{
    public override Companion? UsuallyWith { get; } = new([], ["whiskerDots"], "subnasale", CautionCode.WhiskersWithoutDots);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var count = (int)Math.Round(context.Number("count"));
        for (var k = 0; k < count; k++)
        {
            var spread = k - (count - 1) / 2.0;
            var start = context.At("cheilion") + new Body.ChartPoint(-6 + Math.Abs(spread), 12 - 5 * spread);
            var frame = new SkinFrame(context.Body, start, context.UnevenAngle(0.28 - 0.2 * spread));
            var length = context.Uneven(context.Number("length")) * (1 - 0.1 * Math.Abs(spread));
            pen.Stroke("line", frame.Curve((0, 0), (0.45 * length, 2), (length, -context.Number("droop"))), Profile.ThickToThin(context.Number("width")));
        }

        pen.Say("Longest", context.Number("length"), "mm");
    }
}
