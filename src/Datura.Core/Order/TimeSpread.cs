namespace Datura.Core.Order;

/// <summary>A time that is not certain: likely value and standard deviation, seconds.</summary>
public readonly record struct TimeSpread(double LikelySeconds, double SdSeconds)
{
    // Brush work differs by a quarter from one time to the next, moving about by a third (from memory, unverified).
    private const double WorkShare = 0.25;
    private const double SetUpShare = 0.35;

    // A good or a bad day shifts everything together (from memory, unverified).
    private const double DayShare = 0.08;

    /// <summary>Of a step: work and moving about differ each for itself.</summary>
    public static TimeSpread OfStep(double workSeconds, double setUpSeconds) =>
        new(workSeconds + setUpSeconds, Math.Sqrt(Square(WorkShare * workSeconds) + Square(SetUpShare * setUpSeconds)));

    /// <summary>Of a sitting whose likely length is known: steps add up by their squares, the day by itself.</summary>
    public static TimeSpread OfSitting(double likelySeconds, IEnumerable<TimeSpread> steps) =>
        new(likelySeconds, Math.Sqrt(steps.Sum(s => Square(s.SdSeconds)) + Square(DayShare * likelySeconds)));

    /// <summary>What a step adds to the squares of a sitting's spread, s².</summary>
    public double Squares => Square(SdSeconds);

    /// <summary>The longest likely sitting that keeps within a time at a confidence.</summary>
    /// <param name="seconds">Time that is not to be exceeded.</param>
    /// <param name="confidence">0.5 or more, below 1.</param>
    /// <param name="squares">Of the steps' spreads, s².</param>
    public static double LikelyWithin(double seconds, double confidence, double squares)
    {
        // l + z √(q + d² l²) = t, solved for l.
        var z = MathNet.Numerics.Distributions.Normal.InvCDF(0, 1, confidence);
        var day = 1 - Square(z * DayShare);
        return Math.Max(0, (seconds - Math.Sqrt(Math.Max(0, Square(seconds) - day * (Square(seconds) - Square(z) * squares)))) / day);
    }

    /// <summary>Time that is not exceeded with this probability, for a normal spread.</summary>
    /// <param name="confidence">Between 0 and 1, both left out.</param>
    public double At(double confidence) => Math.Max(0, MathNet.Numerics.Distributions.Normal.InvCDF(LikelySeconds, Math.Max(SdSeconds, 1e-9), confidence));

    /// <summary>From the time that one in ten is faster than to the one that one in ten exceeds.</summary>
    public (double Low, double High) Range => (At(0.1), At(0.9));

    private static double Square(double v) => v * v;
}
