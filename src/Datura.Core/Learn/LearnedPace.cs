namespace Datura.Core.Learn;

/// <summary>
/// A painter's own times from her log. Every piece of work differs from plan by a factor; its logarithm is that of the hand, which lies about
/// the painter's overall pace, which lies about what is usual: a normal hierarchy (Gelman et al., Bayesian Data Analysis, ch. 5; from memory),
/// so that a hand seldom used leans on the others. Interrupted work is weighed down by a Student-t likelihood, by its EM weights (Lange, Little and
/// Taylor 1989; from memory). Formulas: docs/learning.md.
/// </summary>
/// <param name="Hands">By hand.</param>
/// <param name="Overall">Of a hand that was never timed.</param>
/// <param name="Spread">How far a single piece of work is off, as a standard deviation of the logarithm.</param>
public sealed record LearnedPace(IReadOnlyDictionary<string, HandPace> Hands, HandPace Overall, double Spread)
{
    // How far painters, and a painter's hands, differ, and a single time from the next: by judgement, about a third, a quarter, a third.
    internal const double PaintersSd = 0.35;
    internal const double HandsSd = 0.25;
    internal const double WorkSd = 0.3;

    // The usual spread counts like so many pieces of work.
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
        var hands = works.Where(w => w.Tells).GroupBy(w => w.Hand).OrderBy(g => g.Key, StringComparer.Ordinal).Select(g => (Hand: g.Key, Logs: g.Select(w => w.LogRatio).ToArray())).ToArray();
        var count = hands.Sum(h => h.Logs.Length);
        var mean = hands.Select(h => Middle(h.Logs)).ToArray();
        var (variance, state) = (WorkSd * WorkSd, default(Fit));
        for (var round = 0; round < Rounds; round++)
        {
            state = Fitted(hands, mean, variance);
            var squares = hands.Select((h, g) => h.Logs.Sum(y => Weight(y - state.Mean[g], variance) * Square(y - state.Mean[g]))).Sum();
            var next = (SpreadCount * WorkSd * WorkSd + squares) / (SpreadCount + count);
            var moved = Math.Abs(next - variance) + mean.Zip(state.Mean, (a, b) => Math.Abs(a - b)).Sum();
            (mean, variance) = (state.Mean, next);
            if (moved < 1e-10)
            {
                break;
            }
        }

        return new(
            hands.Select((h, g) => Believed(h.Hand, state.Mean[g], state.Variance[g], h.Logs.Length, state.PriorShare[g])).ToDictionary(h => h.Hand),
            Believed("", state.Overall, state.OverallVariance + HandsSd * HandsSd, count, 1), Math.Sqrt(variance));
    }

    /// <summary>Of a hand, timed or not.</summary>
    public HandPace For(string hand) => Hands.TryGetValue(hand, out var own) ? own : Overall with { Hand = hand };

    // Given the weights, all of it is normal: the overall pace from the hands' means, each hand from its own mean and the overall pace.
    private static Fit Fitted((string Hand, double[] Logs)[] hands, double[] around, double variance)
    {
        var (own, sum, between) = (new double[hands.Length], new double[hands.Length], HandsSd * HandsSd);
        var (precision, weighted) = (1 / Square(PaintersSd), 0.0);
        for (var g = 0; g < hands.Length; g++)
        {
            var (weights, logs) = (0.0, 0.0);
            foreach (var y in hands[g].Logs)
            {
                var weight = Weight(y - around[g], variance);
                weights += weight;
                logs += weight * y;
            }

            own[g] = Tells * weights / variance;
            sum[g] = logs / weights;
            var seen = 1 / (between + 1 / own[g]);
            precision += seen;
            weighted += seen * sum[g];
        }

        var (overall, overallVariance) = (weighted / precision, 1 / precision);
        var share = own.Select(p => 1 / between / (p + 1 / between)).ToArray();
        return new(
            [.. own.Select((_, g) => (1 - share[g]) * sum[g] + share[g] * overall)],
            [.. own.Select((p, g) => 1 / (p + 1 / between) + share[g] * share[g] * overallVariance)], share, overall, overallVariance);
    }

    private static HandPace Believed(string hand, double mean, double variance, int count, double priorShare)
    {
        var off = Near95 * Math.Sqrt(variance);
        return new(hand, Math.Exp(mean), Math.Exp(mean - off), Math.Exp(mean + off), count, priorShare);
    }

    private static double Weight(double off, double variance) => (Nu + 1) / (Nu + off * off / variance);

    private static double Middle(double[] values)
    {
        var sorted = values.Order().ToArray();
        return (sorted[(sorted.Length - 1) / 2] + sorted[sorted.Length / 2]) / 2;
    }

    private static double Square(double v) => v * v;

    private readonly record struct Fit(double[] Mean, double[] Variance, double[] PriorShare, double Overall, double OverallVariance);
}
