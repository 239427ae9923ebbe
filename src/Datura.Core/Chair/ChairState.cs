namespace Datura.Core.Chair;

/// <summary>How a session stands, told by its events alone: the same events give the same state, on every device.</summary>
/// <param name="BeganAt">Null while nobody began.</param>
/// <param name="EndedAt">Null while it goes on.</param>
/// <param name="StoppedAt">The stage at which it was stopped early; null for none.</param>
/// <param name="IsPaused">Whether the work rests; what dries goes on drying.</param>
/// <param name="Steps">In the order in which they are or were painted, lane by lane as planned.</param>
/// <param name="Notes">In the painter's words, in order.</param>
/// <param name="Ignored">Events that had nothing to say: a step that another device had done already.</param>
public sealed record ChairState(
    DateTimeOffset? BeganAt, DateTimeOffset? EndedAt, string? StoppedAt, bool IsPaused, IReadOnlyList<ChairStepState> Steps, IReadOnlyList<string> Notes, int Ignored)
{
    /// <summary>A session of which nothing was heard for so long is one that somebody forgot to end.</summary>
    public static readonly TimeSpan Forgotten = TimeSpan.FromHours(8);

    private IReadOnlyList<(DateTimeOffset From, DateTimeOffset? To)> pauses = [];
    private IReadOnlyDictionary<int, double> laneFrom = new Dictionary<int, double>();
    private DateTimeOffset lastHeard;

    public static ChairState Of(IReadOnlyList<ChairStep> planned, IEnumerable<ChairEvent> events)
    {
        var run = new ChairRun(planned);
        foreach (var one in ChairLog.InOrder(events))
        {
            run.Take(one);
        }

        return new(run.BeganAt, run.EndedAt, run.StoppedAt, run.IsPaused, run.Steps, run.Notes, run.Ignored)
        {
            pauses = run.Pauses,
            laneFrom = run.LaneFrom,
            lastHeard = run.LastHeard,
        };
    }

    /// <summary>The step that a painter is at; null when nothing is left.</summary>
    public ChairStepState? Current(int painter) => Steps.FirstOrDefault(s => s.Step.Painter == painter && s.Status == StepStatus.Open);

    /// <summary>Seconds of work up to a moment, without pauses; until the end once it has ended.</summary>
    public double WorkedSeconds(DateTimeOffset now) => BeganAt is null ? 0 : ChairRun.Worked(BeganAt.Value, pauses, EndedAt is { } ended && ended < now ? ended : now);

    /// <summary>What is still to be done by the slower painter, in planned seconds.</summary>
    public double RemainingSeconds(DateTimeOffset now) => EndedAt is not null ? 0 : Lanes(now).Select(l => l.Remaining).DefaultIfEmpty(0).Max();

    /// <summary>By how much the slower painter is behind the plan; negative for ahead. What was skipped or dropped is not waited for.</summary>
    public double BehindSeconds(DateTimeOffset now) => Lanes(now).Select(l => l.Behind).DefaultIfEmpty(0).Max();

    /// <summary>Whether somebody forgot to end it: it is taken to have ended when it was last heard of.</summary>
    public bool IsForgotten(DateTimeOffset now) => BeganAt is not null && EndedAt is null && now - lastHeard > Forgotten;

    private IEnumerable<(double Remaining, double Behind)> Lanes(DateTimeOffset now)
    {
        var worked = WorkedSeconds(now);
        foreach (var lane in Steps.GroupBy(s => s.Step.Painter))
        {
            var open = lane.Where(s => s.Status == StepStatus.Open).Sum(s => s.LeftSeconds + s.Step.WaitSeconds);
            var current = lane.FirstOrDefault(s => s.Status == StepStatus.Open);
            // A step that takes longer than planned has nothing left of its plan, but it is not over.
            var into = current is null ? 0 : Math.Clamp(worked - laneFrom.GetValueOrDefault(lane.Key), 0, current.LeftSeconds + current.Step.WaitSeconds);
            var done = lane.Where(s => s.Status == StepStatus.Done).Sum(s => s.LeftSeconds + s.Step.WaitSeconds);
            yield return (open - into, BeganAt is null || (current is null && EndedAt is null) ? 0 : worked - done - into);
        }
    }
}
