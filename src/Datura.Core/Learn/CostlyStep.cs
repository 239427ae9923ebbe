using Datura.Core.Chair;

namespace Datura.Core.Learn;

/// <summary>A step that costs more than it was planned to.</summary>
/// <param name="Key">As the plan names it.</param>
/// <param name="PlannedSeconds">Mean over the sessions, as they were planned.</param>
/// <param name="TakenSeconds">Mean over the sessions.</param>
/// <param name="Count">Sessions in which it was timed.</param>
public sealed record CostlyStep(string Key, string Title, double PlannedSeconds, double TakenSeconds, int Count)
{
    public double OverSeconds => TakenSeconds - PlannedSeconds;

    /// <summary>Every step that was timed, those that cost most over plan first.</summary>
    /// <param name="sessions">Of one look.</param>
    public static IReadOnlyList<CostlyStep> Of(IEnumerable<(Painting Painting, IReadOnlyList<ChairEvent> Events)> sessions) =>
    [
        .. sessions.SelectMany(s => ChairState.Of(s.Painting.Steps, s.Events).Steps).Where(s => s.Status == StepStatus.Done)
            .GroupBy(s => s.Step.Key).Select(g => new CostlyStep(g.Key, g.Last().Step.Title, g.Average(s => s.Step.Seconds + s.Step.WaitSeconds), g.Average(s => s.TakenSeconds), g.Count()))
            .OrderByDescending(s => s.OverSeconds).ThenBy(s => s.Key, StringComparer.Ordinal),
    ];
}
