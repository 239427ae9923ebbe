using Datura.Core.Body;

namespace Datura.Core.Shapes.Kinds;

/// <summary>The shade under the cheekbone: from the ear towards the corner of the mouth, widest at the ear.</summary>
public sealed class CheekHollow : PartKind
{
    public override string Id => "cheekHollow";

    public override string Label => "Cheek hollow";

    public override Family Family => Family.Bone;

    public override IReadOnlyList<string> HangsOn => ["cheek hollow", "cheekbone"];

    public override IReadOnlyList<RoleRelief> Relief { get; } = [new("shade", -4.5, 16)];

    public override IReadOnlyList<ParameterSpec> Parameters { get; } =
    [
        ParameterSpec.Length("length", "Length", "From the ear towards the corner of the mouth.", 25, 110, b => 0.76 * b.TapeMm(b.Landmark("tragion_left"), b.Landmark("cheilion_left"))),
        ParameterSpec.Length("width", "Width at the ear", "Across the widest place.", 8, 45, b => 0.25 * b.MeasuresMm["lowerFaceHeight"]),
        ParameterSpec.Ratio("taper", "Taper", "0 keeps its width, 1 runs to a point.", 0, 1, 0.7),
        ParameterSpec.Length("below", "Below the bone", "How far under the cheekbone it starts.", 0, 30, 12),
        ParameterSpec.Length("sag", "Bend", "Positive bends down in the middle.", -12, 18, 5),
        ParameterSpec.Length("edge", "Soft edge", "Width over which the shade thins out.", 2, 30, 12),
    ];

    public override IReadOnlyList<CoatRole> Roles { get; } =
    [
        new("shade", "Shade", Stage.Depth, Tool.SoftBrush, 1, 29),
        new("deep", "Deepest line", Stage.Depth, Tool.Filbert, 1, 22, Optional: true),
    ];

    protected override (IEnumerable<Mark> Marks, IEnumerable<SizeLine> Sizes) OneSide(PartContext context)
    {
        var body = context.Body;
        var ear = body.Go(context.At("tragion"), Math.PI, 20);
        var start = body.Go(ear, -Math.PI / 2, context.Number("below"));
        var mouth = context.At("cheilion") + new ChartPoint(4, 3);
        var toMouth = mouth - start;
        var direction = context.UnevenAngle(Math.Atan2(toMouth.YMm, toMouth.XMm));
        var end = body.Go(start, direction, context.Uneven(context.Number("length")));
        var across = 1 / Math.Max((end - start).Length(), 1e-9) * new ChartPoint(-(end - start).YMm, (end - start).XMm);
        var down = across.YMm > 0 ? -1.0 : 1.0;
        var middle = 0.5 * (start + end) + down * context.Number("sag") * across;
        var spine = Curves.Through([start, middle, end], closed: false);
        var width = context.Uneven(context.Number("width"));
        var taper = context.Number("taper");
        double Half(double t) => width / 2 * (1 - taper * t) * Math.Sqrt(Math.Clamp(Math.Min(t / 0.12, (1 - t) / 0.2), 0.02, 1));
        var outline = Curves.Band(spine, Half);
        var deep = Curves.Band([.. spine.Take(spine.Count * 3 / 4)], t => 0.35 * Half(0.05 + 0.9 * t));
        var edge = context.Number("edge");
        return (
            [new RegionMark("shade", context.Side, outline, edge), new RegionMark("deep", context.Side, deep, 0.7 * edge)],
            [
                new("Length", body.LineMm(spine), "mm"),
                new("Width at the ear", width, "mm"),
                new("Stops", body.TapeMm(end, context.At("cheilion")), "mm", "short of the corner of the mouth"),
                new("Area a side", body.Chart.AreaMm2(outline) / 100, "cm²"),
            ]);
    }
}
