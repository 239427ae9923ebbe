namespace Datura.Core.Shapes.Kinds;

/// <summary>Curved slits on the side of the neck or the cheek, dark within and light on one edge.</summary>
public sealed class Gills() : DrawnKind("gills", "Gills", Family.Creature, [Zone.NeckSide, Zone.CheekHollow],
    [SlitCoat, LightCoat], [On, Count, Length, Apart, Width])
{
    private static readonly ChoiceSpec On = ParameterSpec.Choice("on", "Sits on", "The place they open.", 0, "neck", "cheek");
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Slits a side", "One behind the other.", 2, 6, 4);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the longest.", 10, 70, Of(0.1, "neckGirth"));
    private static readonly NumberSpec Apart = ParameterSpec.Length("apart", "Apart", "From slit to slit.", 5, 20, 10);
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "Of a slit.", 1, 10, 4, 0.5);
    private static readonly CoatRole SlitCoat = new("slit", "Slits", Stage.BodyColour, Tool.Round5, 1, 20);
    private static readonly CoatRole LightCoat = new("light", "Light edge", Stage.Highlight, Tool.Round3, 1, 92);

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(SlitCoat, -2, 2)];

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var middle = context.Word(On) == "cheek"
            ? context.Body.Go(context.At(Landmark.Tragion), Math.PI + 0.35, 34)
            : context.At(Landmark.ThyroidNotch) + new ChartPoint(52, 8);
        var count = context.Count(Count);
        for (var k = 0; k < count; k++)
        {
            var frame = new SkinFrame(context.Body, middle + new ChartPoint((k - (count - 1) / 2.0) * context.Number(Apart), 0), context.UnevenAngle(-Math.PI / 2 + 0.1));
            var length = context.Uneven(context.Number(Length)) * (1 - 0.12 * Math.Abs(k - (count - 1) / 2.0));
            var spine = frame.Curve((-length / 2, -2), (0, 4), (length / 2, -2));
            var width = context.Number(Width);
            pen.Fill(SlitCoat, Curves.Band(spine, t => Math.Max(0.2, width / 2 * Math.Sin(Math.PI * t))), 0.8);
            pen.Stroke(LightCoat, [.. spine.Select((p, n) => p + new ChartPoint(0.5 * width * Math.Sin(Math.PI * n / (spine.Count - 1.0)) + 0.7, 0))], Profile.Swelling(1.5));
        }

        pen.Say("Longest", context.Number(Length), "mm");
    }
}
