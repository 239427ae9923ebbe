namespace Datura.Core.Shapes.Kinds;

/// <summary>
/// Breastbone and ribs on the chest: arcs that leave a breastbone with a ragged edge, thinner and lost outwards, each with the shade it
/// throws beneath (common practice).
/// </summary>
public sealed class Ribs() : DrawnKind("ribs", "Breastbone and ribs", Family.Bone, [Zone.Sternum, Zone.Chest],
    [ShadeCoat, BoneCoat, LineCoat], [Count, Length, Width, Bend])
{
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Ribs a side", "From the collar bone down.", 1, 6, 3);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the longest rib.", 30, 160, Of(0.27, "shoulderWidth"));
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width", "Of a rib at the breastbone.", 4, 24, 10);
    private static readonly NumberSpec Bend = ParameterSpec.Length("bend", "Bend", "How far the outer end hangs.", 0, 60, 22);
    private static readonly CoatRole ShadeCoat = new("shade", "Shade between", Stage.Depth, Tool.SoftBrush, 1, 22);
    private static readonly CoatRole BoneCoat = new("bone", "Bone", Stage.BodyColour, Tool.FlatBrush, 1, 85);
    private static readonly CoatRole LineCoat = new("line", "Outlines", Stage.Line, Tool.Round3, 1, 12, Optional: true, GoesRound: true);

    private const double ApartMm = 13;

    public override Companion? UsuallyWith { get; } = new([], ["collarBones"], Landmark.Suprasternale, CautionCode.RibsWithoutCollarBones);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var body = context.Body;
        var notch = context.At(Landmark.Suprasternale);
        var (width, bend, count) = (context.Number(Width), context.Number(Bend), context.Count(Count));
        for (var k = 0; k < count; k++)
        {
            var frame = new SkinFrame(body, new ChartPoint(8, notch.YMm - 30 - k * (width + ApartMm)), 0);
            var length = context.Uneven(context.Number(Length)) * (0.72 + 0.28 * (k + 1) / count);
            // Up a little where it leaves the breastbone, over its crest, and down.
            var spine = frame.Curve((0, 0), (0.3 * length, 0.26 * bend), (0.68 * length, 0), (length, -bend));
            double Half(double t) => width / 2 * (1 - 0.55 * t) * Math.Sqrt(Math.Clamp((1 - t) / 0.3, 0.03, 1));
            pen.Fill(BoneCoat, Curves.Band(spine, Half), 1.5, across: new(frame.At(0.6 * length, 0), frame.At(1.25 * length, 0)));
            List<ChartPoint> under = [.. spine.Select((p, n) => p - new ChartPoint(0, Half((double)n / (spine.Count - 1)) + 0.18 * ApartMm))];
            pen.Fill(ShadeCoat, Curves.Band(under, t => 0.32 * ApartMm * Math.Sin(Math.PI * (0.12 + 0.84 * t))), 0.4 * ApartMm);
            pen.Stroke(LineCoat, [.. spine.Select((p, n) => p - new ChartPoint(0, Half((double)n / (spine.Count - 1))))], Profile.ThickToThin(1.5));
        }

        pen.Say("Longest rib", context.Number(Length), "mm");
        var bone = new SkinFrame(body, new(0, notch.YMm - 14), -Math.PI / 2);
        var tall = 24 + count * (width + ApartMm);
        var half = bone.Path((0, 0), (0, 9), (0.14 * tall, 11), (0.26 * tall, 7.5), (0.62 * tall, 8.5), (0.86 * tall, 6), (tall, 0));
        pen.Fill(BoneCoat, Curves.Polygon([.. Curves.Ragged(half, 0.9, context.Design).Select(p => p with { XMm = Math.Max(0, p.XMm) })]), 1.5);
    }
}
