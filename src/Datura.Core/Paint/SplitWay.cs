using Datura.Core.Body;
using Datura.Core.Shapes;

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

/// <summary>How deep within a figure every pixel lies, as a share of the deepest.</summary>
internal static class FromOutline
{
    /// <summary>Two sweeps of a 3–4 chamfer, within a tenth of the true distance (Borgefors 1986; from memory).</summary>
    public static float[] Depth(float[] share, int width, int height)
    {
        const float straight = 3, slanting = 4;
        var depth = new float[share.Length];
        float At(int x, int y) => x < 0 || y < 0 || x >= width || y >= height ? 0 : depth[y * width + x];
        for (var y = 0; y < height; y++)
        {
            for (var x = 0; x < width; x++)
            {
                depth[y * width + x] = share[y * width + x] < 0.5f ? 0 : Math.Min(
                    Math.Min(At(x - 1, y), At(x, y - 1)) + straight, Math.Min(At(x - 1, y - 1), At(x + 1, y - 1)) + slanting);
            }
        }

        var most = 1f;
        for (var y = height - 1; y >= 0; y--)
        {
            for (var x = width - 1; x >= 0; x--)
            {
                ref var here = ref depth[y * width + x];
                here = Math.Min(here, Math.Min(Math.Min(At(x + 1, y), At(x, y + 1)) + straight, Math.Min(At(x + 1, y + 1), At(x - 1, y + 1)) + slanting));
                most = Math.Max(most, here);
            }
        }

        for (var n = 0; n < depth.Length; n++)
        {
            depth[n] /= most;
        }

        return depth;
    }
}
