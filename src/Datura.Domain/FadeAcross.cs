namespace Datura.Domain;

/// <summary>The film is whole on the near side of one place and gone beyond another: one edge of a figure stays crisp while the other fades.</summary>
/// <param name="WholeAt">On the chart, mm.</param>
/// <param name="GoneAt">On the chart, mm.</param>
public sealed record FadeAcross(ChartPoint WholeAt, ChartPoint GoneAt)
{
    /// <summary>Share of the film at a place of the chart, 0 to 1; it thins by the square, since a thin film hides more than its share.</summary>
    public double At(ChartPoint at)
    {
        var (way, here) = (GoneAt - WholeAt, at - WholeAt);
        var left = Math.Clamp(1 - (here.XMm * way.XMm + here.YMm * way.YMm) / Math.Max(1e-9, way.XMm * way.XMm + way.YMm * way.YMm), 0, 1);
        return left * left;
    }
}
