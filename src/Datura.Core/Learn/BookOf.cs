namespace Datura.Core.Learn;

/// <summary>What the book knows of one painter.</summary>
/// <param name="Painter">By name.</param>
/// <param name="Sessions">How many tell anything.</param>
/// <param name="Pace">Her own times.</param>
/// <param name="Reliability">Whether what plans said of her sessions held.</param>
/// <param name="Looks">How she gets quicker at each look, those painted most first.</param>
/// <param name="Techniques">The same for each technique, against what is usual.</param>
public sealed record BookOf(
    string Painter, int Sessions, LearnedPace Pace, IReadOnlyList<ReliabilityPoint> Reliability, IReadOnlyList<PracticeOf> Looks, IReadOnlyList<PracticeOf> Techniques)
{
    /// <param name="sessions">Of the studio.</param>
    /// <param name="now">What goes on tells nothing yet.</param>
    public static BookOf Of(string painter, IEnumerable<(string Id, Painting Painting, IReadOnlyList<ChairEvent> Events)> sessions, DateTimeOffset now) =>
        Of(painter, sessions.Select(s => (s.Id, s.Painting, SessionTimes.Of(s.Id, s.Painting, s.Events, now))));

    /// <param name="sessions">Of the studio, with their times.</param>
    public static BookOf Of(string painter, IEnumerable<(string Id, Painting Painting, SessionTimes Times)> sessions)
    {
        var hers = sessions.Select(s => (s.Id, s.Painting, s.Times, Lane: s.Painting.Painter == painter ? 1 : s.Painting.SecondPainter == painter ? 2 : 0)).Where(s => s.Lane > 0)
            .OrderBy(s => s.Painting.On).ThenBy(s => s.Id, StringComparer.Ordinal).ToArray();
        var works = hers.SelectMany(s => s.Times.Works.Where(w => w.Painter == s.Lane).Select(w => w.Work)).ToArray();
        var alone = hers.Where(s => s.Lane == 1 && s.Painting.SecondPainter is null && s.Times is { IsWhole: true, TakenSeconds: not null }).ToArray();
        return new(
            painter, hers.Count(s => s.Times.Works.Any(w => w.Painter == s.Lane) || s.Times.TakenSeconds is not null), LearnedPace.Of(works),
            Learn.Reliability.Of([.. alone.Select(s => s.Times.Kept(s.Painting)).OfType<Forecast>()]),
            [.. alone.GroupBy(s => s.Painting.Look).Select(g => PracticeOf.Of(g.Key, [.. g.Select(s => (s.Painting.On, s.Times.TakenSeconds!.Value))])).OrderByDescending(p => p.Points.Count).ThenBy(p => p.Name, StringComparer.Ordinal)],
            [.. works.GroupBy(TechniqueOf).Select(g => PracticeOf.Of(g.Key, Factors(hers.Select(s => (s.Painting.On, s.Times.Works.Where(w => w.Painter == s.Lane && TechniqueOf(w.Work) == g.Key).Select(w => w.Work))))))
                .OrderByDescending(p => p.Points.Count).ThenBy(p => p.Name, StringComparer.Ordinal)]);
    }

    /// <summary>Everybody who painted, in alphabetical order.</summary>
    public static IReadOnlyList<string> Painters(IEnumerable<Painting> paintings) =>
        [.. paintings.SelectMany(p => new[] { p.Painter, p.SecondPainter }).OfType<string>().Where(p => p.Length > 0).Distinct().Order(StringComparer.Ordinal)];

    private static string TechniqueOf(TimedWork work) => work.Hand[(work.Hand.LastIndexOf(' ') + 1)..];

    // A session's factor: the middle of what its pieces took against the usual.
    private static IReadOnlyList<(DateOnly On, double Value)> Factors(IEnumerable<(DateOnly On, IEnumerable<TimedWork> Works)> sessions) =>
    [
        .. sessions.Select(s => (s.On, Logs: s.Works.Select(w => w.LogRatio).Order().ToArray())).Where(s => s.Logs.Length > 0)
            .Select(s => (s.On, Math.Exp((s.Logs[(s.Logs.Length - 1) / 2] + s.Logs[s.Logs.Length / 2]) / 2))),
    ];
}
