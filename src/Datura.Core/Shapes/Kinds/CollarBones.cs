namespace Datura.Core.Shapes.Kinds;

/// <summary>The collar bone lifted with light, the hollow above it deepened.</summary>
public sealed class CollarBones() : DrawnKind("collarBones", "Collar bones", Family.Bone, [Zone.Collar],
    [ShadeCoat, LightCoat], [Length, Width, Hollow])
{
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "From the notch towards the shoulder.", 40, 180, Of(0.3, "shoulderWidth"));
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Bone width", "Of the light band.", 3, 20, 8);
    private static readonly NumberSpec Hollow = ParameterSpec.Length("hollow", "Hollow width", "Of the shade above it.", 6, 40, 20);
    private static readonly CoatRole ShadeCoat = new("shade", "Hollow above", Stage.Depth, Tool.SoftBrush, 1, 29);
    private static readonly CoatRole LightCoat = new("light", "Bone", Stage.Highlight, Tool.Filbert, 1, 90);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var body = context.Body;
        var start = context.At(Landmark.ClavicleInner);
        var to = context.At(Landmark.ClavicleOuter) - start;
        var end = body.Go(start, Math.Atan2(to.YMm, to.XMm), context.Uneven(context.Number(Length)));
        var spine = Curves.Through([start, 0.35 * end + 0.65 * start + new ChartPoint(0, -3), 0.7 * end + 0.3 * start + new ChartPoint(0, 2), end], closed: false);
        var (bone, hollow) = (context.Number(Width), context.Number(Hollow));
        pen.Say("Length", body.LineMm(spine), "mm", "from the notch");
        pen.Fill(LightCoat, Curves.Band(spine, t => bone / 2 * (1 - 0.6 * t)), 1.4 * bone);
        pen.Fill(ShadeCoat, Curves.Band([.. spine.Select(p => p + new ChartPoint(0, bone / 2 + hollow / 2))], t => hollow / 2 * Math.Sin(Math.PI * (0.15 + 0.7 * t))), 0.9 * hollow);
    }
}
