namespace Datura.Core.Order;

/// <summary>A time that is not certain: likely value and standard deviation, seconds.</summary>
public readonly record struct DurationEstimate(double LikelySeconds, double SdSeconds)
{
    // Brush work differs by a quarter from one time to the next, moving about by a third (from memory, unverified).
    private const double WorkShare = 0.25;
    private const double SetUpShare = 0.35;

    // A good or a bad day shifts everything together (from memory, unverified).
    private const double DayShare = 0.08;

    /// <summary>Of a step: work and moving about differ each for itself.</summary>
    public static DurationEstimate OfStep(double workSeconds, double setUpSeconds) =>
        new(workSeconds + setUpSeconds, Math.Sqrt(Square(WorkShare * workSeconds) + Square(SetUpShare * setUpSeconds)));

    /// <summary>Of a session whose likely length is known: steps add up by their squares, the day by itself.</summary>
    public static DurationEstimate OfSession(double likelySeconds, IEnumerable<DurationEstimate> steps) =>
        new(likelySeconds, Math.Sqrt(steps.Sum(s => Square(s.SdSeconds)) + Square(DayShare * likelySeconds)));

    /// <summary>No longer than this is likely a session that keeps within a time at a confidence: the day alone, without its steps, makes it longer.</summary>
    /// <param name="confidence">0.5 or more, below 1.</param>
    public static double MostLikelyWithin(double seconds, double confidence) => seconds / (1 + DayShare * MathNet.Numerics.Distributions.Normal.InvCDF(0, 1, confidence));

    /// <summary>Time that is not exceeded with this probability, for a normal spread.</summary>
    /// <param name="confidence">Between 0 and 1, both left out.</param>
    public double At(double confidence) => Math.Max(0, MathNet.Numerics.Distributions.Normal.InvCDF(LikelySeconds, Math.Max(SdSeconds, 1e-9), confidence));

    /// <summary>From the time that one in ten is faster than to the one that one in ten exceeds.</summary>
    public (double Low, double High) Range => (At(0.1), At(0.9));

    private static double Square(double v) => v * v;
}
