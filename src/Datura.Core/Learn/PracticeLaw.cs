using MathNet.Numerics.Distributions;

namespace Datura.Core.Learn;

/// <summary>
/// How a look gets quicker with practice: T(n) = A · n^−b, a straight line between the logarithms of minutes and of sessions (the power law of
/// practice, Newell and Rosenbloom 1981; from memory), fitted by least squares.
/// </summary>
/// <param name="FirstSeconds">A: of the first session, as the line has it.</param>
/// <param name="Exponent">b: 0 for no change, 0.15 for a tenth less with every doubling.</param>
/// <param name="ExponentSd">Its standard error.</param>
/// <param name="Sd">How far single sessions lie off the line, of the logarithm.</param>
/// <param name="Count">Sessions so far.</param>
public sealed record PracticeLaw(double FirstSeconds, double Exponent, double ExponentSd, double Sd, int Count)
{
    /// <summary>With fewer sessions nothing is said.</summary>
    public const int LeastSessions = 5;

    // Farther ahead than this nobody plans.
    private const double MostSessions = 1000;

    private const double Confidence = 0.8;

    /// <param name="seconds">Of the sessions in their order.</param>
    /// <returns>Null for too few.</returns>
    public static PracticeLaw? Of(IReadOnlyList<double> seconds)
    {
        if (seconds.Count < LeastSessions || seconds.Any(s => !(s > 0) || !double.IsFinite(s)))
        {
            return null;
        }

        var n = seconds.Count;
        var (x, y) = (Enumerable.Range(1, n).Select(k => Math.Log(k)).ToArray(), seconds.Select(s => Math.Log(s)).ToArray());
        var (meanX, meanY) = (x.Average(), y.Average());
        var spreadX = x.Sum(v => (v - meanX) * (v - meanX));
        var slope = x.Zip(y, (a, b) => (a - meanX) * (b - meanY)).Sum() / spreadX;
        var at0 = meanY - slope * meanX;
        var sd = Math.Sqrt(x.Zip(y, (a, b) => b - at0 - slope * a).Sum(r => r * r) / (n - 2));
        return new(Math.Exp(at0), -slope, sd / Math.Sqrt(spreadX), sd, n);
    }

    /// <summary>Of the n-th session, from 1.</summary>
    public double SecondsAt(double n) => FirstSeconds * Math.Pow(n, -Exponent);

    /// <summary>Between these the n-th session lies with a chance: of the line, which is not known well, and of a single session about it (Student's t).</summary>
    public (double Low, double High) Band(double n, double chance)
    {
        var logs = Enumerable.Range(1, Count).Select(k => Math.Log(k)).ToArray();
        var mean = logs.Average();
        var off = Math.Log(n) - mean;
        var half = StudentT.InvCDF(0, 1, Count - 2, 0.5 + chance / 2) * Sd * Math.Sqrt(1 + 1.0 / Count + off * off / logs.Sum(l => (l - mean) * (l - mean)));
        return (SecondsAt(n) * Math.Exp(-half), SecondsAt(n) * Math.Exp(half));
    }

    /// <summary>Whether it gets quicker at all, as far as can be told.</summary>
    public bool Improves => Exponent - StudentT.InvCDF(0, 1, Count - 2, 1 - (1 - Confidence) / 2) * ExponentSd > 0;

    /// <summary>How many more sessions until it takes so long; null when it does not get quicker, or not within a thousand. 0 when it does already.</summary>
    public int? MoreUntil(double seconds)
    {
        if (!(seconds > 0))
        {
            return null;
        }

        if (SecondsAt(Count) <= seconds)
        {
            return 0;
        }

        var needed = Exponent > 0 ? Math.Pow(FirstSeconds / seconds, 1 / Exponent) : double.PositiveInfinity;
        return Improves && needed <= MostSessions ? (int)Math.Ceiling(needed - 1e-9) - Count : null;
    }
}
