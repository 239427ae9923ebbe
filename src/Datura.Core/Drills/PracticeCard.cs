namespace Datura.Core.Drills;

/// <summary>What is to be painted on a practice card of 148 × 105 mm (A6, ISO 216), a stroke at a time. Sizes as on a face (common practice).</summary>
public static class PracticeCard
{
    public const double WidthMm = 148;
    public const double HeightMm = 105;

    /// <summary>A frame is printed so far inside its edge: what a photo is measured against.</summary>
    public const double FrameMm = 4;

    /// <summary>A square in its upper left corner tells what is up: from here, and so long.</summary>
    public const double UpMarkMm = 6.5;
    public const double UpMarkSideMm = 4;

    private const int Points = 25;

    public static IReadOnlyList<DrillStroke> Of(DrillKind kind) => kind switch
    {
        DrillKind.ThickToThin => [.. Enumerable.Range(0, 5).Select(k => Stroke(t => new(20 + 108 * t, 18 + 17 * k + 4 * Math.Sin(2 * Math.PI * t)), t => 5 * (1 - t) + 0.4 * t))],
        DrillKind.EqualDrops => [.. Enumerable.Range(0, 8).Select(k => Stroke(t => new(18 + 16 * k, 40 + 11 * t), t => 5 * Math.Sin(Math.PI / 2 * t) * Math.Sqrt(1 - 0.6 * t * t)))],
        DrillKind.WebThreads =>
        [
            .. Enumerable.Range(0, 5).Select(k => Stroke(t => From(20, 15, 0.05 + 0.35 * k, 80 * t), _ => 0.8)),
            .. from ring in Enumerable.Range(1, 3) from k in Enumerable.Range(0, 4) select Stroke(t => From(20, 15, 0.05 + 0.35 * (k + t), 25 * ring * (1 - 0.5 * t * (1 - t))), _ => 0.6),
        ],
        DrillKind.Petals => [.. Enumerable.Range(0, 6).Select(k => Stroke(t => From(74, 52, Math.PI / 3 * k + 0.25 * t, 32 - 26 * t), t => 9 * Math.Sin(Math.PI * (0.1 + 0.9 * t)) + 0.3))],
        DrillKind.SymmetricPair =>
        [
            Stroke(t => new(68 - 45 * t, 75 - 50 * t + 14 * Math.Sin(Math.PI * t)), Curl) with { Mirrors = 1 },
            Stroke(t => new(80 + 45 * t, 75 - 50 * t + 14 * Math.Sin(Math.PI * t)), Curl) with { Mirrors = 0 },
        ],
        DrillKind.SplitLoad => [.. Enumerable.Range(0, 3).Select(k => Stroke(t => new(18 + 112 * t, 24 + 28 * k + 7 * Math.Sin(4 * Math.PI * t)), _ => 10))],
        DrillKind.EvenSponge => [Stroke(t => new(44 + 60 * t, 52), _ => 40)],
        _ => throw new ArgumentOutOfRangeException(nameof(kind)),
    };

    private static double Curl(double t) => 4 * Math.Sin(Math.PI * (0.15 + 0.85 * t)) + 0.4;

    private static ChartPoint From(double x, double y, double angle, double away) => new(x + away * Math.Cos(angle), y + away * Math.Sin(angle));

    private static DrillStroke Stroke(Func<double, ChartPoint> at, Func<double, double> width)
    {
        double[] shares = [.. Enumerable.Range(0, Points).Select(k => k / (Points - 1.0))];
        return new([.. shares.Select(at)], [.. shares.Select(width)]);
    }
}
