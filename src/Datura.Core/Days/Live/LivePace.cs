namespace Datura.Core.Days.Live;

/// <summary>
/// How much longer faces take today than was planned, learned from those that are done: the logarithm of the ratio as a normal mean with a normal
/// prior (Gelman et al., Bayesian Data Analysis, 2.5; from memory), of the whole booth and then of each painter beside it.
/// </summary>
/// <param name="Log">Mean of the logarithm.</param>
/// <param name="Variance">Of that mean: how little is known.</param>
/// <param name="Faces">Learned from so many.</param>
public sealed record LivePace(double Log, double Variance, int Faces)
{
    // A day is a quarter quicker or slower than it was planned, a painter a fifth than her booth, one face a third than its painter (by judgement).
    private const double DaySpread = 0.25;
    private const double PainterSpread = 0.2;
    private const double FaceSpread = 0.33;

    // A tap that was forgotten, or came at once, says nothing.
    private const double LeastRatio = 0.2;
    private const double MostRatio = 5;

    /// <summary>By how much faces take longer, as a factor.</summary>
    public double Factor => Math.Exp(Log);

    /// <param name="usual">Minutes that a face was planned for, with its painter's hand; null for what is not on the menu.</param>
    public static IReadOnlyDictionary<string, LivePace> Of(BoothDay day, LiveQueue queue, Func<LiveTicket, double?> usual)
    {
        var seen = queue.Tickets.Select(t => (t.Painter, Log: Math.Log((t.PaintedMinutes ?? 0) / (usual(t) ?? 0)))).Where(s => s.Painter is not null && s.Log > Math.Log(LeastRatio) && s.Log < Math.Log(MostRatio)).ToArray();
        var booth = Learned(seen.Select(s => s.Log), DaySpread);
        return day.Painters.Select(p => p.Name).Distinct().ToDictionary(p => p, p =>
        {
            var own = Learned(seen.Where(s => s.Painter == p).Select(s => s.Log - booth.Log), PainterSpread);
            return new LivePace(booth.Log + own.Log, booth.Variance + own.Variance, own.Faces);
        });
    }

    /// <param name="spread">How far the mean may lie from none at all before anything was seen.</param>
    internal static LivePace Learned(IEnumerable<double> logs, double spread)
    {
        var all = logs.ToArray();
        double prior = 1 / (spread * spread), each = 1 / (FaceSpread * FaceSpread), sum = prior + all.Length * each;
        return new(each * all.Sum() / sum, 1 / sum, all.Length);
    }
}
