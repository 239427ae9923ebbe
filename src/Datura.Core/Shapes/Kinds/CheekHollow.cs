namespace Datura.Core.Shapes.Kinds;

/// <summary>The shade under the cheekbone: from the ear towards the corner of the mouth, widest at the ear.</summary>
public sealed class CheekHollow : PartKind
{
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "From the ear towards the corner of the mouth.", 25, 110, b =>
        0.76 * b.TapeMm(b.At(Landmark.Tragion.Left), b.At(Landmark.Cheilion.Left)));
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Width at the ear", "Across the widest place.", 8, 45, b => 0.32 * b.MeasuresMm["lowerFaceHeight"]);
    private static readonly NumberSpec Taper = ParameterSpec.Ratio("taper", "Taper", "0 keeps its width, 1 runs to a point.", 0, 1, 0.7);
    private static readonly NumberSpec Below = ParameterSpec.Length("below", "Below the bone", "How far under the cheekbone it starts.", 0, 30, 12);
    private static readonly NumberSpec Sag = ParameterSpec.Length("sag", "Bend", "Positive bends down in the middle.", -12, 18, 5);
    private static readonly NumberSpec Edge = ParameterSpec.Length("edge", "Upper edge", "How soft the edge at the bone is; below it fades over its width.", 0.5, 30, 3, 0.5);
    private static readonly CoatRole ShadeCoat = new("shade", "Shade", Stage.Depth, Tool.SoftBrush, 1, 22);
    private static readonly CoatRole DeepCoat = new("deep", "Deepest line", Stage.Depth, Tool.Filbert, 1, 22, Optional: true);

    public override string Id => "cheekHollow";

    public override string Label => "Cheek hollow";

    public override Family Family => Family.Bone;

    public override IReadOnlyList<Zone> HangsOn => [Zone.CheekHollow, Zone.Cheekbone];

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new(ShadeCoat, -4.5, 16)];

    public override IReadOnlyList<ParameterSpec> Parameters { get; } = [Length, Width, Taper, Below, Sag, Edge];

    public override IReadOnlyList<CoatRole> Roles { get; } = [ShadeCoat, DeepCoat];

    protected override (IEnumerable<Mark> Marks, IEnumerable<SizeLine> Sizes) OneSide(PartContext context)
    {
        var body = context.Body;
        var ear = body.Go(context.At(Landmark.Tragion), Math.PI, 20);
        var start = body.Go(ear, -Math.PI / 2, context.Number(Below));
        var mouth = context.At(Landmark.Cheilion) + new ChartPoint(4, 3);
        var toMouth = mouth - start;
        var direction = context.UnevenAngle(Math.Atan2(toMouth.YMm, toMouth.XMm));
        var end = body.Go(start, direction, context.Uneven(context.Number(Length)));
        var across = 1 / Math.Max((end - start).Length(), 1e-9) * new ChartPoint(-(end - start).YMm, (end - start).XMm);
        var down = across.YMm > 0 ? -1.0 : 1.0;
        var middle = 0.5 * (start + end) + down * context.Number(Sag) * across;
        var spine = Curves.Through([start, middle, end], closed: false);
        var width = context.Uneven(context.Number(Width));
        var taper = context.Number(Taper);
        // The upper edge is the bone's; from there it fades down, and towards the mouth it runs out flat, never round.
        // At the ear it begins thin, or a hard end would stand before it.
        double Deep(double t) => width * (1 - taper * Math.Pow(t, 1.3)) * Math.Min(0.02 + 0.98 * SmoothStep.Rise(0, 0.34, t), Math.Sqrt(Math.Clamp((1 - t) / 0.45, 0.01, 1)));
        List<ChartPoint> upper = [.. spine.Select(p => p - 0.5 * width * down * across)];
        List<ChartPoint> lower = [.. upper.Select((p, k) => p + Deep((double)k / (upper.Count - 1)) * down * across)];
        List<ChartPoint> within = [.. upper.Select((p, k) => p + 0.4 * Deep((double)k / (upper.Count - 1)) * down * across)];
        var outline = Curves.Polygon([.. upper, .. lower.AsEnumerable().Reverse()]);
        var deep = Curves.Polygon([.. upper.Take(upper.Count * 2 / 3), .. within.Take(upper.Count * 2 / 3).Reverse()]);
        var edge = context.Number(Edge);
        var fade = new FadeAcross(upper[0] + 0.25 * width * down * across, upper[0] + 1.05 * width * down * across);
        return (
            [new RegionMark(ShadeCoat.Id, context.Side, outline, edge) { Across = fade }, new RegionMark(DeepCoat.Id, context.Side, deep, 1.5 * edge) { Across = fade }],
            [
                new("Length", body.LineMm(spine), "mm"),
                new("Width at the ear", width, "mm"),
                new("Stops", body.TapeMm(end, context.At(Landmark.Cheilion)), "mm", "short of the corner of the mouth"),
                new("Area a side", body.Chart.AreaMm2(outline) / 100, "cm²"),
            ]);
    }
}
