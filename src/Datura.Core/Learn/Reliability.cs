namespace Datura.Core.Learn;

/// <summary>Whether forecasts keep their word: of those that said 80 %, did four in five hold.</summary>
public static class Reliability
{
    private static readonly double[] Levels = [0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 0.95];
    private const double Near95 = 1.959964;

    /// <returns>A point for every surety; none without sessions.</returns>
    public static IReadOnlyList<ReliabilityPoint> Of(IReadOnlyList<Forecast> forecasts) => forecasts.Count == 0 ? []
        : [.. Levels.Select(level => Point(level, forecasts.Count(f => f.TakenSeconds <= f.Promised.At(level)), forecasts.Count))];

    /// <summary>With the interval of Wilson (1927; from memory), which stays within 0 and 1 and holds for few sessions too.</summary>
    public static ReliabilityPoint Point(double promised, int held, int count)
    {
        var (share, z2) = ((double)held / count, Near95 * Near95);
        var (centre, half) = ((share + z2 / (2 * count)) / (1 + z2 / count), Near95 * Math.Sqrt(share * (1 - share) / count + z2 / (4.0 * count * count)) / (1 + z2 / count));
        return new(promised, share, Math.Max(0, centre - half), Math.Min(1, centre + half));
    }
}
