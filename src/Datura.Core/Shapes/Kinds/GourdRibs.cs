namespace Datura.Core.Shapes.Kinds;

/// <summary>The ribs of a gourd: curves from the crown of the forehead over the face to the chin, with a stem.</summary>
public sealed class GourdRibs() : DrawnKind("gourdRibs", "Gourd ribs", Family.Attached, [Zone.Forehead, Zone.Chin, Zone.Cheekbone],
    [ShadeCoat, StemCoat], [Count, Width, Stem, Edge])
{
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Grooves a side", "Besides the one down the middle.", 1, 4, 2);
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Groove width", "In its middle.", 2, 14, 6);
    private static readonly NumberSpec Stem = ParameterSpec.Length("stem", "Stem", "Height on the forehead.", 0, 40, 16);
    private static readonly NumberSpec Edge = ParameterSpec.Length("edge", "Soft edge", "Of the grooves.", 1, 14, 6);
    private static readonly CoatRole ShadeCoat = new("shade", "Grooves", Stage.Depth, Tool.Filbert, 1, 40);
    private static readonly CoatRole StemCoat = new("stem", "Stem", Stage.BodyColour, Tool.FlatBrush, 1, 35);

    public override Companion? UsuallyWith { get; } = new([], ["glowingOpening"], Landmark.Glabella, CautionCode.RibsWithoutGlow);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (top, chin) = (context.At(Landmark.Trichion), context.At(Landmark.Gnathion));
        var count = context.Count(Count);
        for (var k = 1; k <= count; k++)
        {
            var out_ = context.Uneven(context.At(Landmark.Zygion).XMm) * k / (count + 0.4);
            var spine = Curves.Through([top + new ChartPoint(6 * k, -2), new(0.82 * out_, 0.55 * top.YMm), new(out_, 0.5 * chin.YMm + 10), new(0.72 * out_, 0.86 * chin.YMm),
                chin + new ChartPoint(5 * k, 6)], closed: false);
            pen.Fill(ShadeCoat, Curves.Band(spine, t => Math.Max(0.3, context.Number(Width) / 2 * Math.Sin(Math.PI * t))), context.Number(Edge));
        }

        var stem = context.Number(Stem);
        if (stem >= 2)
        {
            var frame = new SkinFrame(context.Body, top + new ChartPoint(0, -stem), Math.PI / 2);
            pen.Fill(StemCoat, frame.Path((0, -0.2), (0, 0.55 * stem), (0.35 * stem, 0.3 * stem), (stem, 0.38 * stem), (stem, -0.2)).Select(p => new ChartPoint(Math.Abs(p.XMm), p.YMm)).ToList());
        }

        pen.Say("Grooves a side", count, "");
    }
}
