namespace Datura.Core.Drills;

/// <summary>A hand that is not there: paints strokes with faults that are known, for demo and tests. Invented.</summary>
/// <param name="OffMm">How far its strokes stray from where they should lie, as a standard deviation.</param>
/// <param name="UnevenPercent">How far their width strays, likewise.</param>
/// <param name="WidthPercent">How much wider they all come out.</param>
public sealed record SimulatedHand(double OffMm, double UnevenPercent, double WidthPercent = 0)
{
    // A hand strays slowly: so many swings a stroke.
    private const int Swings = 3;

    public IReadOnlyList<DrillStroke> Paints(IReadOnlyList<DrillStroke> strokes, Random random) => [.. strokes.Select(s => Paint(s, random))];

    private DrillStroke Paint(DrillStroke stroke, Random random)
    {
        var (across, wide) = (Swing(random), Swing(random));
        var count = Math.Max(stroke.Path.Count, 25);
        var even = stroke.Evenly(count);
        var path = even.Select((e, k) =>
        {
            var way = even[Math.Min(count - 1, k + 1)].At - even[Math.Max(0, k - 1)].At;
            var length = Math.Max(1e-9, way.Length());
            return e.At + OffMm * across(k / (count - 1.0)) * new ChartPoint(-way.YMm / length, way.XMm / length);
        });
        return stroke with { Path = [.. path], WidthsMm = [.. even.Select((e, k) => Math.Max(0, e.Width * (1 + WidthPercent / 100) * (1 + UnevenPercent / 100 * wide(k / (count - 1.0)))))] };
    }

    // A smooth curve whose values are spread like a normal law of deviation 1.
    private static Func<double, double> Swing(Random random)
    {
        var waves = Enumerable.Range(1, Swings).Select(n => (Rate: n, A: Normal(random), B: Normal(random))).ToArray();
        return t => waves.Sum(w => w.A * Math.Cos(Math.PI * w.Rate * t) + w.B * Math.Sin(Math.PI * w.Rate * t)) / Math.Sqrt(Swings);
    }

    private static double Normal(Random random) => MathNet.Numerics.Distributions.Normal.Sample(random, 0, 1);
}
