using Datura.Core.Order;

namespace Datura.Core.Chair;

/// <summary>The steps of a plan as a session takes them along.</summary>
public static class ChairPlan
{
    /// <param name="only">Ids of the parts that are painted; null for all.</param>
    public static IReadOnlyList<ChairStep> Of(PlannedLook planned, IReadOnlyCollection<string>? only = null)
    {
        var (network, usual) = (planned.Network!, Usual(planned));
        var last = new Dictionary<int, int>();
        var steps = new List<ChairStep>();
        foreach (var (step, k) in planned.Steps.Select((s, k) => (s, k)))
        {
            CoatJob[] jobs = [.. step.Jobs.Where(j => only is null || only.Contains(j.PartId))];
            if (jobs.Length == 0)
            {
                continue;
            }

            var at = network.IndexOf(step.Key);
            var share = jobs.Sum(j => j.WorkSeconds) / Math.Max(1e-9, step.Jobs.Sum(j => j.WorkSeconds));
            var setUp = usual == network ? step.SetUpSeconds : usual.SetUp(last.TryGetValue(step.Painter, out var before) ? before : -1, at);
            last[step.Painter] = at;
            steps.Add(new(
                step.Key, Short(planned.Plan.Steps[k].Title), step.Painter, Hand(step), Math.Round(step.SetUpSeconds + share * step.WorkSeconds, 1), only is null ? Math.Round(step.WaitSeconds, 1) : 0,
                Math.Round(step.DryingSeconds, 1))
            {
                Parts = [.. jobs.Select(j => j.PartId).Distinct()],
                Coats = [.. jobs.Select(j => new ChairCoat(j.Key, Math.Round(j.WorkSeconds, 1)))],
                After = After(network, at),
                SetUpSeconds = Math.Round(step.SetUpSeconds, 1),
                SdSeconds = Math.Round(step.Spread.SdSeconds, 1),
                UsualWorkSeconds = Math.Round(share * usual.Groups[at].WorkSeconds, 1),
                UsualSetUpSeconds = Math.Round(setUp, 1),
            });
        }

        var keys = steps.Select(s => s.Key).ToHashSet();
        return only is null ? steps : [.. steps.Select(s => s with { After = [.. s.After.Where(a => keys.Contains(a.Step))] })];
    }

    /// <summary>How learned times name what a step is done with.</summary>
    public static string Hand(Step step) => step.Jobs[0].HandKey;

    // What must dry beneath it, and what must come just before; what comes before that again is said there.
    private static IReadOnlyList<ChairGround> After(StepNetwork network, int b)
    {
        int[] before = [.. Enumerable.Range(0, network.Count).Where(a => network.Before(a, b))];
        return [.. before.Where(a => network.Lag(a, b) > 0 || !before.Any(c => network.Before(a, c))).Select(a => new ChairGround(network.Groups[a].Key, Math.Round(network.Lag(a, b), 1)))];
    }

    private static StepNetwork Usual(PlannedLook planned) => planned.Jobs.All(j => j.Pace.IsUsual) ? planned.Network!
        : StepNetwork.Of([.. planned.Jobs.Select(j => j with { Pace = Pace.Usual })], planned.Network!.Wish, planned.Network.Crew);

    private static string Short(string title) => title.Length <= Limits.LongestWords ? title : title[..Limits.LongestWords];
}
