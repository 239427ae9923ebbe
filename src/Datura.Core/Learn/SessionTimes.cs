using Datura.Core.Chair;

namespace Datura.Core.Learn;

/// <summary>How a session went, as far as anything can be learned from it.</summary>
/// <param name="TakenSeconds">The whole of it; null when nobody knows.</param>
/// <param name="IsWhole">Whether all of the look was painted: nothing skipped, left out or stopped.</param>
/// <param name="Works">Its timed steps, by painter: 1 or 2.</param>
public sealed record SessionTimes(double? TakenSeconds, bool IsWhole, IReadOnlyList<(int Painter, string Step, TimedWork Work)> Works)
{
    /// <param name="id">Names the session, whose day its steps share.</param>
    /// <param name="events">From the chair; none when it was only noted.</param>
    /// <param name="now">A session that goes on tells nothing yet, unless somebody forgot to end it.</param>
    public static SessionTimes Of(string id, Painting painting, IReadOnlyList<ChairEvent> events, DateTimeOffset now)
    {
        var state = ChairState.Of(painting.Steps, events);
        var over = state.EndedAt is not null || state.IsForgotten(now);
        var typed = painting.Typed.GroupBy(t => t.Step).ToDictionary(g => g.Key, g => g.Last().Seconds);
        var works = new List<(int, string, TimedWork)>();
        foreach (var one in over || state.BeganAt is null ? state.Steps : [])
        {
            // What was wiped and laid again, or only laid in part, is no step as it was planned.
            var taken = typed.TryGetValue(one.Step.Key, out var written) ? written
                : one is { Status: StepStatus.Done, Redone: 0 } && one.LeftSeconds >= one.Step.Seconds - 1e-6 ? one.TakenSeconds : double.NaN;
            var step = one.Step;
            var work = step.UsualWorkSeconds > 0 ? new TimedWork(step.Hand, step.UsualWorkSeconds, taken) { SetUpSeconds = step.UsualSetUpSeconds } : new TimedWork(step.Hand, step.Seconds, taken);
            work = work with { WaitSeconds = written > 0 ? 0 : step.WaitSeconds, OnOneself = painting.OnOneself, Session = id };
            if (work.Tells)
            {
                works.Add((step.Painter, step.Key, work));
            }
        }

        var whole = painting.Only.Count == 0 && state.StoppedAt is null
            && (state.BeganAt is null ? painting.TakenMinutes is not null || (painting.Steps.Count > 0 && painting.Steps.All(s => typed.ContainsKey(s.Key))) : over && state.Steps.All(s => s.Status == StepStatus.Done));
        double? seconds = painting.TakenMinutes is { } minutes ? 60 * minutes
            : state.BeganAt is null ? typed.Count > 0 ? typed.Values.Sum() : null : !over ? null : state.EndedAt is not null ? state.WorkedSeconds(now) : LastDone(state);
        return new(seconds, whole, works);
    }

    /// <summary>What the plan said of it; null when it was not planned, or not painted whole.</summary>
    public Forecast? Kept(Painting painting) =>
        IsWhole && TakenSeconds is { } taken && painting is { LikelySeconds: > 0, SdSeconds: { } sd } ? new(new(painting.LikelySeconds.Value, sd), taken) : null;

    // Of a session that nobody ended: until the last step was done.
    private static double? LastDone(ChairState state) => state.Steps.Max(s => s.DoneAt) is { } last ? state.WorkedSeconds(last) : null;
}
