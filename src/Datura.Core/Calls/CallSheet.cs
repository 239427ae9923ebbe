namespace Datura.Core.Calls;

/// <summary>A call sheet: when everybody sits down, so that all are ready by the bell and nobody is in paint longer than needed.</summary>
/// <param name="Entries">By the minute at which they sit down.</param>
/// <param name="Chance">Of all being ready by the bell.</param>
/// <param name="Gap">Share by which another sheet could be better at most.</param>
/// <param name="ReserveSpreads">Every face is given so many standard deviations more than its usual minutes.</param>
/// <param name="NotCalled">Wearers for whom there is no time or nobody to paint them.</param>
public sealed record CallSheet(IReadOnlyList<CallEntry> Entries, double Chance, double Gap, double ReserveSpreads, IReadOnlyList<string> NotCalled)
{
    // Reserves that are tried, in standard deviations of a face (by judgement); the first that keeps the chance is enough.
    private static readonly double[] Reserves = [0, 0.25, 0.5, 0.8, 1.1, 1.5, 2, 2.6];

    /// <param name="before">The sheet that is out already: as little as can be is changed.</param>
    /// <param name="effort">Of the solver for each reserve, in its own seconds.</param>
    public static CallSheet Of(CallProblem problem, IReadOnlyList<KeptCall>? before = null, double effort = 2)
    {
        string[] nobody = [.. problem.Tasks.Where(t => t.Able.Count == 0).Select(t => t.Wearer)];
        var able = problem with { Tasks = [.. problem.Tasks.Where(t => t.Able.Count > 0)] };
        CallSheet? best = null;
        foreach (var reserve in Reserves)
        {
            if (CallModel.Solve(able, reserve, before, effort) is not { } found)
            {
                break;
            }

            var (each, all) = CallChance.Of(able, found.Calls);
            CallEntry[] entries = [.. able.Tasks.Select((t, k) => Entry(able, t, found.Calls[k], each[k], before)).OrderBy(e => e.FromMinute).ThenBy(e => e.Wearer, StringComparer.Ordinal)];
            best = new(entries, all, found.Gap, reserve, nobody);
            if (entries.All(e => e.Chance >= problem.ReadyChance))
            {
                return best;
            }
        }

        // Where not even the usual minutes go into the evening, those are left out whose painting takes longest, one after the other.
        if (best is null && able.Tasks.Count > 1)
        {
            var longest = able.Tasks.MaxBy(t => t.Minutes)!;
            var fewer = Of(able with { Tasks = [.. able.Tasks.Where(t => t != longest)] }, before, effort);
            return fewer with { NotCalled = [.. nobody, longest.Wearer, .. fewer.NotCalled] };
        }

        return best ?? new([], able.Tasks.Count == 0 ? 1 : 0, 0, 0, [.. nobody, .. able.Tasks.Select(t => t.Wearer)]);
    }

    private static CallEntry Entry(CallProblem problem, CallTask task, PlacedCall call, double chance, IReadOnlyList<KeptCall>? before)
    {
        var painter = problem.Hands[call.Hand].Name;
        return new(task.Wearer, painter, call.Start, call.Start + call.Minutes, call.Start + call.Minutes + task.AfterMinutes, chance)
        {
            Changed = before is not null && (before.FirstOrDefault(b => b.Wearer == task.Wearer) is not { } old || old.Painter != painter || old.FromMinute != call.Start),
        };
    }
}
