namespace Datura.Core.Shapes.Kinds;

/// <summary>Curved slits on the side of the neck or the cheek, dark within and light on one edge.</summary>
public sealed class Gills() : DrawnKind("gills", "Gills", Family.Creature, ["neck side", "cheek hollow"],
    [new("slit", "Slits", Stage.BodyColour, Tool.Round5, 1, 20), new("light", "Light edge", Stage.Highlight, Tool.Round3, 1, 92)],
    [
        ParameterSpec.Choice("on", "Sits on", "The place they open.", 0, "neck", "cheek"),
        ParameterSpec.Count("count", "Slits a side", "One behind the other.", 2, 6, 4),
        ParameterSpec.Length("length", "Length", "Of the longest.", 10, 70, Of(0.1, "neckGirth")),
        ParameterSpec.Length("apart", "Apart", "From slit to slit.", 5, 20, 10),
        ParameterSpec.Length("width", "Width", "Of a slit.", 1, 10, 4, 0.5),
    ])
{
    public override IReadOnlyList<RoleRelief> Relief { get; } = [new("slit", -2, 2)];

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var middle = context.Word("on") == "cheek"
            ? context.Body.Go(context.At("tragion"), Math.PI + 0.35, 34)
            : context.At("thyroid_notch") + new Body.ChartPoint(52, 8);
        var count = (int)Math.Round(context.Number("count"));
        for (var k = 0; k < count; k++)
        {
            var frame = new SkinFrame(context.Body, middle + new Body.ChartPoint((k - (count - 1) / 2.0) * context.Number("apart"), 0), context.UnevenAngle(-Math.PI / 2 + 0.1));
            var length = context.Uneven(context.Number("length")) * (1 - 0.12 * Math.Abs(k - (count - 1) / 2.0));
            var spine = frame.Curve((-length / 2, -2), (0, 4), (length / 2, -2));
            var width = context.Number("width");
            pen.Fill("slit", Curves.Band(spine, t => Math.Max(0.2, width / 2 * Math.Sin(Math.PI * t))), 0.8);
            pen.Stroke("light", [.. spine.Select((p, n) => p + new Body.ChartPoint(0.5 * width * Math.Sin(Math.PI * n / (spine.Count - 1.0)) + 0.7, 0))], Profile.Swelling(1.5));
        }

        pen.Say("Longest", context.Number("length"), "mm");
    }
}
