using Datura.Core.Wording;

namespace Datura.Core.Shapes.Kinds;

/// <summary>The ribs of a gourd: curves from the crown of the forehead over the face to the chin, with a stem.</summary>
public sealed class GourdRibs() : DrawnKind("gourdRibs", "Gourd ribs", Family.Attached, ["forehead", "chin", "cheekbone"],
    [new("shade", "Grooves", Stage.Depth, Tool.Filbert, 1, 40), new("stem", "Stem", Stage.BodyColour, Tool.FlatBrush, 1, 35)],
    [
        ParameterSpec.Count("count", "Grooves a side", "Besides the one down the middle.", 1, 4, 2),
        ParameterSpec.Length("width", "Groove width", "In its middle.", 2, 14, 6),
        ParameterSpec.Length("stem", "Stem", "Height on the forehead.", 0, 40, 16),
        ParameterSpec.Length("edge", "Soft edge", "Of the grooves.", 1, 14, 6),
    ])
{
    public override Companion? UsuallyWith { get; } = new([], ["glowingOpening"], "glabella", CautionCode.RibsWithoutGlow);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (top, chin) = (context.At("trichion"), context.At("gnathion"));
        var count = (int)Math.Round(context.Number("count"));
        for (var k = 1; k <= count; k++)
        {
            var out_ = context.Uneven(context.At("zygion").XMm) * k / (count + 0.4);
            var spine = Curves.Through([top + new Body.ChartPoint(6 * k, -2), new(0.82 * out_, 0.55 * top.YMm), new(out_, 0.5 * chin.YMm + 10), new(0.72 * out_, 0.86 * chin.YMm), chin + new Body.ChartPoint(5 * k, 6)], closed: false);
            pen.Fill("shade", Curves.Band(spine, t => Math.Max(0.3, context.Number("width") / 2 * Math.Sin(Math.PI * t))), context.Number("edge"));
        }

        var stem = context.Number("stem");
        if (stem >= 2)
        {
            var frame = new SkinFrame(context.Body, top + new Body.ChartPoint(0, -stem), Math.PI / 2);
            pen.Fill("stem", frame.Path((0, -0.2), (0, 0.55 * stem), (0.35 * stem, 0.3 * stem), (stem, 0.38 * stem), (stem, -0.2)).Select(p => new Body.ChartPoint(Math.Abs(p.XMm), p.YMm)).ToList());
        }

        pen.Say("Grooves a side", count, "");
    }
}
