using NetTopologySuite.Geometries;

namespace Datura.Core.Shapes;

/// <summary>Collects the marks and sizes of one side of a part.</summary>
public sealed class MarkPen(PartContext context)
{
    private readonly List<Mark> marks = [];
    private readonly List<SizeLine> sizes = [];
    private double lineMm;
    private double areaMm2;

    public IReadOnlyList<Mark> Marks => marks;

    /// <summary>Sizes given by the kind, then total length and area.</summary>
    public IReadOnlyList<SizeLine> Sizes =>
    [
        .. sizes,
        .. lineMm > 0 ? [new SizeLine("Line length", lineMm, "mm", Each)] : Array.Empty<SizeLine>(),
        .. areaMm2 > 0 ? [new SizeLine("Area", areaMm2 / 100, "cm²", Each)] : Array.Empty<SizeLine>(),
    ];

    private string Each => context.Side == Side.Middle ? "" : "a side";

    public void Say(string label, double value, string unit, string against = "") => sizes.Add(new(label, value, unit, against));

    /// <summary>A filled figure from an outline.</summary>
    public void Fill(CoatRole role, IReadOnlyList<ChartPoint> outline, double edgeMm = 0.8) => Fill(role, Curves.Polygon(outline), edgeMm);

    public void Fill(CoatRole role, Geometry outline, double edgeMm = 0.8, Fade? fade = null, FadeAcross? across = null)
    {
        if (outline.IsEmpty)
        {
            return;
        }

        var mm2 = context.Body.Chart.AreaMm2(outline);
        marks.Add(new RegionMark(role.Id, context.Side, outline, edgeMm, fade) { OnSkin = mm2, Across = across });
        areaMm2 += mm2;
    }

    /// <summary>A line whose width follows a profile over its length, 0 to 1.</summary>
    public void Stroke(CoatRole role, IReadOnlyList<ChartPoint> path, Func<double, double> widthMm)
    {
        if (path.Count < 2)
        {
            return;
        }

        var mm = context.Body.LineMm(path);
        marks.Add(new StrokeMark(role.Id, context.Side, path, [.. path.Select((_, k) => Math.Max(0.3, widthMm((double)k / (path.Count - 1))))]) { OnSkin = mm });
        lineMm += mm;
    }

    public void Dot(CoatRole role, ChartPoint at, double diameterMm) => marks.Add(new DotMark(role.Id, context.Side, at, Math.Max(0.5, diameterMm)));
}
