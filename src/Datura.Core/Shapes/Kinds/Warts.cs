using Datura.Core.Body;

namespace Datura.Core.Shapes.Kinds;

/// <summary>Scattered bumps: a dark ring of shade and a light on each.</summary>
public sealed class Warts() : DrawnKind("warts", "Warts", Family.Flesh, ["cheekbone", "cheek hollow", "forehead", "chin", "nose", "neck side"],
    [new("body", "Bump", Stage.BodyColour, Tool.Round3, 1, 40), new("light", "Light", Stage.Highlight, Tool.Round1, 1, 95)],
    [
        ParameterSpec.Choice("on", "Sits on", "The place they gather.", 0, "cheekbone", "chin", "forehead", "neck"),
        ParameterSpec.Count("count", "Warts", "How many.", 1, 16, 5),
        ParameterSpec.Length("size", "Size", "Of the largest.", 2, 14, 6, 0.5),
        ParameterSpec.Length("spread", "Spread", "How far apart they scatter.", 6, 60, 22),
    ])
{
    public override IReadOnlyList<RoleRelief> Relief { get; } = [new("body", 2.5, 2)];

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var middle = context.Word("on") switch
        {
            "chin" => context.At("gnathion") + new ChartPoint(12, 14),
            "forehead" => context.At("brow_peak") + new ChartPoint(0, 16),
            "neck" => context.At("thyroid_notch") + new ChartPoint(34, -4),
            _ => context.At("cheekbone") + new ChartPoint(4, -6),
        };
        var frame = new SkinFrame(context.Body, middle, 0);
        for (var k = 0; k < (int)Math.Round(context.Number("count")); k++)
        {
            // The golden angle spreads any number of spots evenly without a pattern.
            var (sin, cos) = Math.SinCos(2.39996 * k + context.Design.Unit());
            var away = context.Number("spread") * Math.Sqrt((k + 0.2) / 16);
            var size = context.Uneven(context.Number("size")) * (k == 0 ? 1 : 0.45 + 0.45 * context.Design.Unit());
            var at = frame.At(away * cos * 1.6, away * sin * 1.6);
            pen.Dot("body", at, size);
            pen.Dot("light", at + new ChartPoint(-0.18 * size, 0.2 * size), 0.34 * size);
        }

        pen.Say("Largest", context.Number("size"), "mm", "across");
        pen.Say("Warts a side", Math.Round(context.Number("count")), "");
    }
}
