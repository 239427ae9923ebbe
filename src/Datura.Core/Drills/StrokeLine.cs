namespace Datura.Core.Drills;

/// <summary>A stroke at even steps, and a little beyond both ends.</summary>
internal sealed class StrokeLine
{
    private const int Fewest = 9;
    private const int Most = 160;

    public StrokeLine(DrillStroke stroke, double stepMm, double beyondMm)
    {
        var length = DrillFigure.LengthOf(stroke.Path);
        var count = Math.Clamp((int)Math.Ceiling(length / stepMm), Fewest, Most);
        var even = stroke.Evenly(count);
        var points = new List<StrokePoint>();
        ChartPoint Way(int k)
        {
            var way = even[Math.Min(count - 1, k + 1)].At - even[Math.Max(0, k - 1)].At;
            return way.Length() > 1e-9 ? 1 / way.Length() * way : new(1, 0);
        }

        StrokePoint Point(ChartPoint at, ChartPoint way, double width, bool beyond) => new(at, new(-way.YMm, way.XMm), width, beyond);
        var steps = (int)(beyondMm / stepMm);
        for (var k = steps; k >= 1; k--)
        {
            points.Add(Point(even[0].At - k * stepMm * Way(0), Way(0), even[0].Width, true));
        }

        points.AddRange(even.Select((e, k) => Point(e.At, Way(k), e.Width, false)));
        for (var k = 1; k <= steps; k++)
        {
            points.Add(Point(even[^1].At + k * stepMm * Way(count - 1), Way(count - 1), even[^1].Width, true));
        }

        Points = points;
    }

    public IReadOnlyList<StrokePoint> Points { get; }
}
