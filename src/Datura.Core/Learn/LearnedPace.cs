using MathNet.Numerics.LinearAlgebra;

namespace Datura.Core.Learn;

/// <summary>
/// A painter's own times from her log. Every piece of work takes setting up, strokes and waiting, each longer than usual by a factor of its own; the
/// logarithms of these factors lie about the painter's overall pace, which lies about what is usual: a normal hierarchy (Gelman et al., Bayesian Data
/// Analysis, ch. 5; from memory), so that a hand seldom used leans on the others. All that a session holds shares its good or bad day. Interrupted
/// work is weighed down by a Student-t likelihood, by its EM weights (Lange, Little and Taylor 1989; from memory). Formulas: docs/learning.md.
/// </summary>
/// <param name="Hands">By hand; setting up, waiting and painting oneself among them, where they were timed.</param>
/// <param name="Overall">Of a hand that was never timed.</param>
/// <param name="Spread">How far a single piece of work is off, as a standard deviation of the logarithm.</param>
/// <param name="DaySpread">How far a whole session is off, likewise.</param>
public sealed record LearnedPace(IReadOnlyDictionary<string, HandPace> Hands, HandPace Overall, double Spread, double DaySpread)
{
    /// <summary>How hands are named that are none.</summary>
    public const string SetUp = "setUp";
    public const string Waiting = "waiting";
    public const string OnOneself = "onOneself";

    // How far painters, a painter's hands, waits and painting oneself differ, a single time from the next and days from each other: by judgement.
    internal const double PaintersSd = 0.35;
    internal const double HandsSd = 0.25;
    internal const double OneselfSd = 0.2;
    internal const double WorkSd = 0.3;
    internal const double DaySd = 0.08;

    // The usual spreads count like so many pieces of work, or sessions.
    private const double SpreadCount = 6;

    // Degrees of freedom of the t-distribution, and what one piece of work tells under it beside a normal one (Fisher information).
    private const double Nu = 4;
    private const double Tells = (Nu + 1) / (Nu + 3);

    private const int Rounds = 60;
    private const double Near95 = 1.959964;

    /// <summary>Nothing was timed yet: what is usual, and how far it may be off.</summary>
    public static LearnedPace Nothing { get; } = Of([]);

    public static LearnedPace Of(IEnumerable<TimedWork> works)
    {
        var log = PaceLog.Of(works);
        var (at, days, variance, day, state) = (log.Start(), new double[log.Sessions], WorkSd * WorkSd, DaySd * DaySd, default(Fit));
        for (var round = 0; round < Rounds; round++)
        {
            state = Fitted(log, at, days, variance, day);
            var next = (SpreadCount * WorkSd * WorkSd + state.Squares) / (SpreadCount + log.Rows.Count);
            var nextDay = (SpreadCount * DaySd * DaySd + state.DaySquares) / (SpreadCount + log.Sessions);
            var moved = Math.Abs(next - variance) + Math.Abs(nextDay - day) + at.Zip(state.Mean, (a, b) => Math.Abs(a - b)).Sum();
            (at, days, variance, day) = (state.Mean, state.Days, next, nextDay);
            if (moved < 1e-9)
            {
                break;
            }
        }

        var hands = Enumerable.Range(1, log.Names.Count - 1).Where(k => log.Counts[k] > 0);
        return new(
            hands.ToDictionary(k => log.Names[k], k => Believed(log.Names[k], state.Mean[k], state.Covariance[k, k], log.Counts[k], state.PriorShare[k])),
            Believed("", state.Mean[0], state.Covariance[0, 0] + HandsSd * HandsSd, log.Rows.Count, 1), Math.Sqrt(variance), Math.Sqrt(day));
    }

    /// <summary>Of a hand, timed or not.</summary>
    public HandPace For(string hand) => Hands.TryGetValue(hand, out var own) ? own : Overall with { Hand = hand };

    /// <summary>As plans reckon with it.</summary>
    public LearnedTimes Times => new(
        Hands.Values.Where(h => h.Hand is not (SetUp or Waiting or OnOneself)).ToDictionary(h => h.Hand, h => h.Factor), Overall.Factor, For(SetUp).Factor,
        Hands.TryGetValue(OnOneself, out var own) ? own.Factor : Order.Rates.OnOneself, new(Spread, Spread, DaySpread));

    // Given the weights and where the factors are now all of it is normal: least squares about there, sessions' days solved for one by one (the Schur
    // complement of a diagonal block), so that two thousand of them cost no more than their work.
    private static Fit Fitted(PaceLog log, double[] at, double[] daysBefore, double variance, double dayVariance)
    {
        var n = log.Names.Count;
        var (a, b) = (Matrix<double>.Build.Dense(n, n), new double[n]);
        var works = new (double Weight, double Off, double Seen, double Unsure)[log.Rows.Count];
        Span<double> slope = stackalloc double[4];
        var (c, days) = (new double[n], new (int From, int To, double D)[log.Sessions]);
        var row = 0;
        for (var s = 0; s <= log.Sessions; s++)
        {
            // Work outside any session comes last, and shares no day.
            var (d, e, from) = (0.0, 0.0, row);
            Array.Clear(c);
            for (; row < log.Rows.Count && log.Rows[row].Session == s; row++)
            {
                var work = log.Rows[row];
                var off = work.LogRatio - work.Predicted(at, slope);
                // How odd it is, beside a day that was odd as a whole.
                var day = s < log.Sessions ? daysBefore[s] : 0;
                var odd = off - day;
                var weight = (Nu + 1) / (Nu + odd * odd / variance);
                var precision = Tells * weight / variance;
                // What would have been seen, counted from factors of one; its pull is that of t, its weight what it tells (Fisher scoring).
                var seen = day + odd / Tells;
                for (var i = 0; i < work.Terms.Length; i++)
                {
                    seen += slope[i] * at[work.Terms[i]];
                }

                for (var i = 0; i < work.Terms.Length; i++)
                {
                    b[work.Terms[i]] += precision * slope[i] * seen;
                    c[work.Terms[i]] += precision * slope[i];
                    for (var j = 0; j < work.Terms.Length; j++)
                    {
                        a[work.Terms[i], work.Terms[j]] += precision * slope[i] * slope[j];
                    }
                }

                works[row] = (weight, off, seen, 0);
                (d, e) = (d + precision, e + precision * seen);
            }

            if (s == log.Sessions)
            {
                break;
            }

            d += 1 / dayVariance;
            days[s] = (from, row, d);
            var touched = Enumerable.Range(0, n).Where(k => c[k] != 0).ToArray();
            foreach (var i in touched)
            {
                b[i] -= c[i] * e / d;
                foreach (var j in touched)
                {
                    a[i, j] -= c[i] * c[j] / d;
                }
            }
        }

        var share = Enumerable.Range(0, n).Select(k => k == 0 ? 1 : log.PriorPrecision(k) / (Math.Max(0, a[k, k]) + log.PriorPrecision(k))).ToArray();
        log.AddPrior(a, b);
        var covariance = a.Inverse();
        var mean = covariance.Multiply(Vector<double>.Build.DenseOfArray(b)).ToArray();
        var (squares, daySquares) = (0.0, 0.0);
        var shifts = new double[log.Sessions];
        foreach (var (s, (from, to, d)) in days.Append((log.InSessions, log.Rows.Count, 0)).Select((day, s) => (s, day)))
        {
            // The day, from what its work is off beside the new factors.
            var shift = 0.0;
            for (var k = from; k < to; k++)
            {
                var work = log.Rows[k];
                var (off, seen) = (works[k].Off, works[k].Seen);
                _ = work.Predicted(at, slope);
                for (var i = 0; i < work.Terms.Length; i++)
                {
                    off -= slope[i] * (mean[work.Terms[i]] - at[work.Terms[i]]);
                    seen -= slope[i] * mean[work.Terms[i]];
                }

                (works[k].Off, works[k].Unsure) = (off, Unsure(work, slope, covariance));
                shift += d > 0 ? Tells * works[k].Weight / variance * seen / d : 0;
            }

            if (s < log.Sessions)
            {
                shifts[s] = shift;
            }

            for (var k = from; k < to; k++)
            {
                squares += works[k].Weight * ((works[k].Off - shift) * (works[k].Off - shift) + works[k].Unsure + (d > 0 ? 1 / d : 0));
            }

            daySquares += d > 0 ? shift * shift + 1 / d : 0;
        }

        return new(mean, shifts, covariance, share, squares, daySquares);
    }

    // What is not known of the factors is no spread of the work: it counts beside what is left over (the E-step's second moment).
    private static double Unsure(PaceLog.Row work, ReadOnlySpan<double> slope, Matrix<double> covariance)
    {
        var sum = 0.0;
        for (var i = 0; i < work.Terms.Length; i++)
        {
            for (var j = 0; j < work.Terms.Length; j++)
            {
                sum += slope[i] * slope[j] * covariance[work.Terms[i], work.Terms[j]];
            }
        }

        return sum;
    }

    private static HandPace Believed(string hand, double mean, double variance, int count, double priorShare)
    {
        var off = Near95 * Math.Sqrt(variance);
        return new(hand, Math.Exp(mean), Math.Exp(mean - off), Math.Exp(mean + off), count, priorShare);
    }

    private readonly record struct Fit(double[] Mean, double[] Days, Matrix<double> Covariance, double[] PriorShare, double Squares, double DaySquares);
}
