using MathNet.Numerics.LinearAlgebra;

namespace Datura.Core.Learn;

/// <summary>Timed work laid out for the fit: factors by number, rows by session.</summary>
internal sealed class PaceLog
{
    private readonly double[] priorMean;
    private readonly double[] priorSd;

    private PaceLog(IReadOnlyList<string> names, IReadOnlyList<Row> rows, int sessions)
    {
        (Names, Rows, Sessions) = (names, rows, sessions);
        Counts = new int[names.Count];
        foreach (var term in rows.SelectMany(r => r.Terms))
        {
            Counts[term]++;
        }

        InSessions = rows.Count(r => r.Session < sessions);
        (priorMean, priorSd) = (new double[names.Count], new double[names.Count]);
        for (var k = 1; k < names.Count; k++)
        {
            (priorMean[k], priorSd[k]) = names[k] == LearnedPace.OnOneself ? (Math.Log(Order.Rates.OnOneself), LearnedPace.OneselfSd) : (0, LearnedPace.HandsSd);
        }
    }

    /// <summary>Names of the factors; the first is the painter's overall pace.</summary>
    public IReadOnlyList<string> Names { get; }

    /// <summary>By session; what is in none comes last.</summary>
    public IReadOnlyList<Row> Rows { get; }

    public int Sessions { get; }

    /// <summary>How many rows are in a session.</summary>
    public int InSessions { get; }

    /// <summary>Pieces of work by factor.</summary>
    public int[] Counts { get; }

    public static PaceLog Of(IEnumerable<TimedWork> works)
    {
        // In one order whatever order they came in, so that the same log gives the same times to the last digit.
        TimedWork[] told = [.. works.Where(w => w.Tells).OrderBy(w => w.Session is null).ThenBy(w => w.Session, StringComparer.Ordinal).ThenBy(w => w.Hand, StringComparer.Ordinal)
            .ThenBy(w => w.LogRatio).ThenBy(w => w.UsualSeconds)];
        string[] names = ["", LearnedPace.SetUp, LearnedPace.Waiting, LearnedPace.OnOneself, .. told.Select(w => w.Hand).Distinct().Order(StringComparer.Ordinal)];
        var at = names.Select((n, k) => (n, k)).ToDictionary(n => n.n, n => n.k);
        var sessions = told.Where(w => w.Session is not null).Select(w => w.Session!).Distinct().Select((s, k) => (s, k)).ToDictionary(s => s.s, s => s.k);
        return new(names, [.. told.Select(w => Row.Of(w, at, w.Session is null ? sessions.Count : sessions[w.Session]))], sessions.Count);
    }

    /// <summary>Where the fit begins: each hand's own middle, so that what was interrupted does not lead it astray.</summary>
    public double[] Start()
    {
        var at = (double[])priorMean.Clone();
        var all = Middle([.. Rows.Select(r => r.LogRatio)]);
        foreach (var hand in Rows.GroupBy(r => r.Terms[0]))
        {
            at[hand.Key] = Middle([.. hand.Select(r => r.LogRatio)]);
        }

        (at[0], at[1]) = (all, all);
        return at;
    }

    public double PriorPrecision(int factor) => 1 / (priorSd[factor] * priorSd[factor]);

    /// <summary>What is believed before anything was timed: hands and setting up about the painter, waits and painting oneself about what is usual.</summary>
    public void AddPrior(Matrix<double> a, double[] b)
    {
        a[0, 0] += 1 / (LearnedPace.PaintersSd * LearnedPace.PaintersSd);
        for (var k = 1; k < Names.Count; k++)
        {
            var precision = PriorPrecision(k);
            a[k, k] += precision;
            b[k] += precision * priorMean[k];
            if (Names[k] is not (LearnedPace.Waiting or LearnedPace.OnOneself))
            {
                a[0, 0] += precision;
                a[0, k] -= precision;
                a[k, 0] -= precision;
            }
        }
    }

    private static double Middle(double[] values)
    {
        if (values.Length == 0)
        {
            return 0;
        }

        Array.Sort(values);
        return (values[(values.Length - 1) / 2] + values[values.Length / 2]) / 2;
    }

    /// <summary>One piece of work.</summary>
    /// <param name="Terms">Its factors: the hand first.</param>
    /// <param name="Seconds">Usual seconds that each factor stretches; negative for painting oneself, which stretches strokes and setting up.</param>
    /// <param name="Session">Its number; the number of sessions for none.</param>
    internal sealed record Row(int[] Terms, double[] Seconds, double LogRatio, int Session)
    {
        public static Row Of(TimedWork work, Dictionary<string, int> at, int session)
        {
            (int Term, double Seconds)[] terms =
            [
                (at[work.Hand], work.PlannedSeconds), (at[LearnedPace.SetUp], work.SetUpSeconds), (at[LearnedPace.Waiting], work.WaitSeconds),
                (at[LearnedPace.OnOneself], work.OnOneself ? -1 : 0),
            ];
            var held = terms.Where(t => t.Seconds != 0).ToArray();
            return new([.. held.Select(t => t.Term)], [.. held.Select(t => t.Seconds)], work.LogRatio, session);
        }

        /// <summary>The logarithm of how much longer than usual it takes with these factors, and how that changes with each.</summary>
        public double Predicted(double[] at, Span<double> slope)
        {
            var oneself = Seconds[^1] < 0 ? Math.Exp(at[Terms[^1]]) : 1;
            var (usual, taken, stretched) = (0.0, 0.0, 0.0);
            for (var i = 0; i < Terms.Length; i++)
            {
                if (Seconds[i] < 0)
                {
                    continue;
                }

                var waits = Terms[i] == 2;
                slope[i] = Seconds[i] * Math.Exp(at[Terms[i]]) * (waits ? 1 : oneself);
                (usual, taken, stretched) = (usual + Seconds[i], taken + slope[i], stretched + (waits ? 0 : slope[i]));
            }

            for (var i = 0; i < Terms.Length; i++)
            {
                slope[i] = (Seconds[i] < 0 ? stretched : slope[i]) / taken;
            }

            return Math.Log(taken / usual);
        }
    }
}
