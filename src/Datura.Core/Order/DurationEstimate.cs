namespace Datura.Core.Order;

/// <summary>A time that is not certain: likely value and standard deviation, seconds.</summary>
public readonly record struct DurationEstimate(double LikelySeconds, double SdSeconds)
{
    /// <summary>Of a step: work and moving about differ each for itself.</summary>
    /// <param name="spread">Null for the usual.</param>
    public static DurationEstimate OfStep(double workSeconds, double setUpSeconds, WorkSpread? spread = null)
    {
        var off = spread ?? WorkSpread.Usual;
        return new(workSeconds + setUpSeconds, Math.Sqrt(Square(off.Work * workSeconds) + Square(off.SetUp * setUpSeconds)));
    }

    /// <summary>Of a session whose likely length is known: steps add up by their squares, the day by itself.</summary>
    /// <param name="spread">Null for the usual.</param>
    public static DurationEstimate OfSession(double likelySeconds, IEnumerable<DurationEstimate> steps, WorkSpread? spread = null) =>
        new(likelySeconds, Math.Sqrt(steps.Sum(s => Square(s.SdSeconds)) + Square((spread ?? WorkSpread.Usual).Day * likelySeconds)));

    /// <summary>No longer than this is likely a session that keeps within a time at a confidence: the day alone, without its steps, makes it longer.</summary>
    /// <param name="confidence">0.5 or more, below 1.</param>
    /// <param name="spread">Null for the usual.</param>
    public static double MostLikelyWithin(double seconds, double confidence, WorkSpread? spread = null) => seconds / (1 + (spread ?? WorkSpread.Usual).Day * MathNet.Numerics.Distributions.Normal.InvCDF(0, 1, confidence));

    /// <summary>Time that is not exceeded with this probability, for a normal spread.</summary>
    /// <param name="confidence">Between 0 and 1, both left out.</param>
    public double At(double confidence) => Math.Max(0, MathNet.Numerics.Distributions.Normal.InvCDF(LikelySeconds, Math.Max(SdSeconds, 1e-9), confidence));

    /// <summary>From the time that one in ten is faster than to the one that one in ten exceeds.</summary>
    public (double Low, double High) Range => (At(0.1), At(0.9));

    private static double Square(double v) => v * v;
}
