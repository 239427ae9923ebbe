namespace Datura.Core.Drills;

/// <summary>One stroke on a practice card, as it should be or as it was made: mm from the upper left of the card, y down.</summary>
/// <param name="Path">Along its middle, at least two points.</param>
/// <param name="WidthsMm">At each of them.</param>
public sealed record DrillStroke(IReadOnlyList<ChartPoint> Path, IReadOnlyList<double> WidthsMm)
{
    /// <summary>Number of the stroke of the card that mirrors it about the card's middle; null for none.</summary>
    public int? Mirrors { get; init; }

    /// <summary>Round its edge, closed, without the first point again.</summary>
    public IReadOnlyList<ChartPoint> Edge()
    {
        ChartPoint Side(int k, double sign)
        {
            var way = Path[Math.Min(Path.Count - 1, k + 1)] - Path[Math.Max(0, k - 1)];
            var length = Math.Max(1e-9, way.Length());
            return Path[k] + sign * WidthsMm[k] / 2 * new ChartPoint(-way.YMm / length, way.XMm / length);
        }

        return [.. Enumerable.Range(0, Path.Count).Select(k => Side(k, 1)), .. Enumerable.Range(0, Path.Count).Reverse().Select(k => Side(k, -1))];
    }

    /// <summary>At even shares of its length, however its points were set.</summary>
    /// <param name="count">At least two.</param>
    internal (ChartPoint At, double Width)[] Evenly(int count)
    {
        var along = new double[Path.Count];
        for (var k = 1; k < along.Length; k++)
        {
            along[k] = along[k - 1] + (Path[k] - Path[k - 1]).Length();
        }

        var next = 1;
        return [.. Enumerable.Range(0, count).Select(n =>
        {
            var at = along[^1] * n / (count - 1);
            while (next < along.Length - 1 && along[next] < at)
            {
                next++;
            }

            var share = along[next] > along[next - 1] ? Math.Clamp((at - along[next - 1]) / (along[next] - along[next - 1]), 0, 1) : 0;
            return (Path[next - 1] + share * (Path[next] - Path[next - 1]), WidthsMm[next - 1] + share * (WidthsMm[next] - WidthsMm[next - 1]));
        })];
    }
}
