namespace Datura.Core.Shapes.Kinds;

/// <summary>A collar bone: a thin light along the top of its S, the shade beneath it, the notch dark, the outer end lost (common practice).</summary>
public sealed class CollarBones() : DrawnKind("collarBones", "Collar bones", Family.Bone, [Zone.Collar],
    [ShadeCoat, LightCoat], [Length, Width, Hollow])
{
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "From the notch towards the shoulder.", 40, 180, Of(0.3, "shoulderWidth"));
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Light", "Width of the light along its top.", 2, 12, 3.5, 0.5);
    private static readonly NumberSpec Hollow = ParameterSpec.Length("hollow", "Shade", "How far the shade reaches down.", 6, 40, 14);
    private static readonly CoatRole ShadeCoat = new("shade", "Shade beneath", Stage.Depth, Tool.SoftBrush, 1, 29);
    private static readonly CoatRole LightCoat = new("light", "Light on the bone", Stage.Highlight, Tool.Filbert, 1, 90);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var body = context.Body;
        var start = context.At(Landmark.ClavicleInner);
        var to = context.At(Landmark.ClavicleOuter) - start;
        var end = body.Go(start, Math.Atan2(to.YMm, to.XMm), context.Uneven(context.Number(Length)));
        // Out and down over the inner third, up again over the outer one.
        var spine = Curves.Through([start, start + 0.3 * (end - start) + new ChartPoint(0, -4), start + 0.68 * (end - start) + new ChartPoint(0, 4), end], closed: false);
        var (light, shade) = (context.Number(Width), context.Uneven(context.Number(Hollow)));
        pen.Say("Length", body.LineMm(spine), "mm", "from the notch");
        pen.Fill(LightCoat, Curves.Band(spine, t => light / 2 * (0.35 + 0.65 * Math.Sin(Math.PI * (0.08 + 0.6 * t))) * Math.Pow(1 - t, 0.4) + 0.2), 0.9 * light);
        // Deepest beside the notch and lost towards the shoulder; its upper edge is the bone's.
        List<ChartPoint> lower = [.. spine.Select((p, k) => (double)k / (spine.Count - 1) is var t ? p + new ChartPoint(0, -light - shade * Math.Sin(Math.PI * (0.2 + 0.8 * t))) : p)];
        List<ChartPoint> upper = [.. spine.Select(p => p + new ChartPoint(0, -0.6 * light))];
        pen.Fill(ShadeCoat, Curves.Polygon([.. upper, .. lower.AsEnumerable().Reverse()]), 0.8 * shade);
        pen.Fill(ShadeCoat, new SkinFrame(body, start + new ChartPoint(-10, 8), -1.2).Ellipse(1.1 * shade, 0.6 * shade), 0.5 * shade);
    }
}
