namespace Datura.Core.Shapes.Kinds;

/// <summary>The collar bone lifted with light, the hollow above it deepened.</summary>
public sealed class CollarBones() : DrawnKind("collarBones", "Collar bones", Family.Bone, ["collar"],
    [new("shade", "Hollow above", Stage.Depth, Tool.SoftBrush, 1, 29), new("light", "Bone", Stage.Highlight, Tool.Filbert, 1, 90)],
    [
        ParameterSpec.Length("length", "Length", "From the notch towards the shoulder.", 40, 180, Of(0.3, "shoulderWidth")),
        ParameterSpec.Length("width", "Bone width", "Of the light band.", 3, 20, 8),
        ParameterSpec.Length("hollow", "Hollow width", "Of the shade above it.", 6, 40, 20),
    ])
{
    protected override void Draw(PartContext context, MarkPen pen)
    {
        var body = context.Body;
        var start = context.At("clavicle_inner");
        var to = context.At("clavicle_outer") - start;
        var end = body.Go(start, Math.Atan2(to.YMm, to.XMm), context.Uneven(context.Number("length")));
        var spine = Curves.Through([start, 0.35 * end + 0.65 * start + new Body.ChartPoint(0, -3), 0.7 * end + 0.3 * start + new Body.ChartPoint(0, 2), end], closed: false);
        var (bone, hollow) = (context.Number("width"), context.Number("hollow"));
        pen.Say("Length", body.LineMm(spine), "mm", "from the notch");
        pen.Fill("light", Curves.Band(spine, t => bone / 2 * (1 - 0.6 * t)), 1.4 * bone);
        pen.Fill("shade", Curves.Band([.. spine.Select(p => p + new Body.ChartPoint(0, bone / 2 + hollow / 2))], t => hollow / 2 * Math.Sin(Math.PI * (0.15 + 0.7 * t))), 0.9 * hollow);
    }
}
