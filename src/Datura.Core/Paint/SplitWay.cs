namespace Datura.Core.Paint;

/// <summary>Where a place lies along the colours of a split load that was pressed on one mark, 0 to 1.</summary>
internal sealed class SplitWay
{
    private readonly double dx;
    private readonly double dy;
    private readonly double start;
    private readonly double length;

    private SplitWay(SplitLoad load, IReadOnlyList<ChartPoint> points, Side side)
    {
        FromMiddle = load.FromMiddle;
        var angle = load.AxisDeg * Math.PI / 180;
        (dy, dx) = Math.SinCos(angle);
        // Turned over for the other side the load runs the other way across, and the same way up.
        dx = side == Side.Right && load.Flipped ? -dx : dx;
        var along = points.Select(p => p.XMm * dx + p.YMm * dy).ToArray();
        start = along.Min();
        length = Math.Max(along.Max() - start, 1e-6);
    }

    public bool FromMiddle { get; }

    public float At(double xMm, double yMm) => (float)Math.Clamp((xMm * dx + yMm * dy - start) / length, 0, 1);

    public static SplitWay Of(SplitLoad load, Mark mark) => new(load, mark switch
    {
        RegionMark { Outline.IsEmpty: false } r => [.. r.Outline.Coordinates.Select(c => new ChartPoint(c.X, c.Y))],
        StrokeMark s => s.Path,
        DotMark d => [new(d.At.XMm - d.DiameterMm / 2, d.At.YMm - d.DiameterMm / 2), new(d.At.XMm + d.DiameterMm / 2, d.At.YMm + d.DiameterMm / 2)],
        _ => [default],
    }, mark.Side);
}
