namespace Datura.Core.Paint;

/// <summary>Where a place lies along the colours of a split load that was pressed on one mark, 0 to 1.</summary>
internal sealed class SplitWay
{
    private readonly double dx;
    private readonly double dy;
    private readonly double start;
    private readonly double length;

    private readonly MarkWidth? width;
    private readonly bool turned;
    private readonly bool outerIsLeft;

    private SplitWay(SplitLoad load, IReadOnlyList<ChartPoint> points, Mark mark)
    {
        var side = mark.Side;
        FromMiddle = load.FromMiddle;
        AcrossMark = load.AcrossMark && !load.FromMiddle;
        // Not turned over, the brush has its last colour on the inner side of the other half of the face.
        turned = AcrossMark && side == Side.Right && !load.Flipped;
        width = AcrossMark && mark is RegionMark { Outline.IsEmpty: false } region ? new(region.Outline) : null;
        if (AcrossMark && mark is StrokeMark { Path.Count: > 1 } stroke)
        {
            var (a, b, m) = (stroke.Path[0], stroke.Path[^1], stroke.Path[stroke.Path.Count / 2]);
            outerIsLeft = MarkWidth.Outward(m.XMm, m.YMm, -(b.YMm - a.YMm), b.XMm - a.XMm);
        }

        var angle = load.AxisDeg * Math.PI / 180;
        (dy, dx) = Math.SinCos(angle);
        // Turned over for the other side the load runs the other way across, and the same way up.
        dx = side == Side.Right && load.Flipped ? -dx : dx;
        var along = points.Select(p => p.XMm * dx + p.YMm * dy).ToArray();
        start = along.Min();
        length = Math.Max(along.Max() - start, 1e-6);
    }

    public bool FromMiddle { get; }

    /// <summary>Whether the colours lie across each mark.</summary>
    public bool AcrossMark { get; }

    public float At(double xMm, double yMm)
    {
        var at = width is not null ? width.At(xMm, yMm) : Math.Clamp((xMm * dx + yMm * dy - start) / length, 0, 1);
        return (float)(turned ? 1 - at : at);
    }

    /// <summary>The same beside a line.</summary>
    /// <param name="left">How far to the left of its way, −1 at its right edge and 1 at its left, seen on the chart.</param>
    public float Beside(double left)
    {
        var at = (1 + Math.Clamp(outerIsLeft ? left : -left, -1, 1)) / 2;
        return (float)(turned ? 1 - at : at);
    }

    public static SplitWay Of(SplitLoad load, Mark mark) => new(load, mark switch
    {
        RegionMark { Outline.IsEmpty: false } r => [.. r.Outline.Coordinates.Select(c => new ChartPoint(c.X, c.Y))],
        StrokeMark s => s.Path,
        DotMark d => [new(d.At.XMm - d.DiameterMm / 2, d.At.YMm - d.DiameterMm / 2), new(d.At.XMm + d.DiameterMm / 2, d.At.YMm + d.DiameterMm / 2)],
        _ => [default],
    }, mark);
}
