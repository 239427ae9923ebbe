namespace Datura.Core.Shapes.Kinds;

/// <summary>Scattered bumps: a dark ring of shade and a light on each.</summary>
public sealed class Warts() : DrawnKind("warts", "Warts", Family.Flesh, [Zone.Cheekbone, Zone.CheekHollow, Zone.Forehead, Zone.Chin, Zone.Nose, Zone.NeckSide],
    [BodyCoat, LightCoat], [On, Count, Size, Spread])
{
    private static readonly ChoiceSpec On = ParameterSpec.Choice("on", "Sits on", "The place they gather.", 0, "cheekbone", "chin", "forehead", "neck");
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Warts", "How many.", 1, 16, 5);
    private static readonly NumberSpec Size = ParameterSpec.Length("size", "Size", "Of the largest.", 2, 14, 6, 0.5);
    private static readonly NumberSpec Spread = ParameterSpec.Length("spread", "Spread", "How far apart they scatter.", 6, 60, 22);
    private static readonly CoatRole BodyCoat = new("body", "Bump", Stage.BodyColour, Tool.Round3, 1, 40);
    private static readonly CoatRole LightCoat = new("light", "Light", Stage.Highlight, Tool.Round1, 1, 95);

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(BodyCoat, 2.5, 2)];

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var middle = context.Word(On) switch
        {
            "chin" => context.At(Landmark.Gnathion) + new ChartPoint(12, 14),
            "forehead" => context.At(Landmark.BrowPeak) + new ChartPoint(0, 16),
            "neck" => context.At(Landmark.ThyroidNotch) + new ChartPoint(34, -4),
            _ => context.At(Landmark.Cheekbone) + new ChartPoint(4, -6),
        };
        var frame = new SkinFrame(context.Body, middle, 0);
        for (var k = 0; k < context.Count(Count); k++)
        {
            // The golden angle spreads any number of spots evenly without a pattern.
            var (sin, cos) = Math.SinCos(2.39996 * k + context.Design.Unit());
            var away = context.Number(Spread) * Math.Sqrt((k + 0.2) / 16);
            var size = context.Uneven(context.Number(Size)) * (k == 0 ? 1 : 0.45 + 0.45 * context.Design.Unit());
            var at = frame.At(away * cos * 1.6, away * sin * 1.6);
            pen.Dot(BodyCoat, at, size);
            pen.Dot(LightCoat, at + new ChartPoint(-0.18 * size, 0.2 * size), 0.34 * size);
        }

        pen.Say("Largest", context.Number(Size), "mm", "across");
        pen.Say("Warts a side", Math.Round(context.Number(Count)), "");
    }
}
