namespace Datura.Core.Order;

/// <summary>
/// A sound first order: among the steps that may come next, always the one that can start soonest, so that hands stay busy
/// while paint dries; ties go to the earlier stage, the lighter paint, the tool already in hand.
/// </summary>
public static class Sequencer
{
    public static IReadOnlyList<Step> Order(IReadOnlyList<CoatJob> jobs)
    {
        var groups = jobs.GroupBy(j => (j.Role.Stage, j.Load, j.Layer))
            .Select(g => new CoatGroup([.. g.OrderBy(j => j.PartIndex)])).ToArray();
        var overlap = Overlaps(groups);
        var rules = new string?[groups.Length, groups.Length];
        for (var a = 0; a < groups.Length; a++)
        {
            for (var b = 0; b < groups.Length; b++)
            {
                rules[a, b] = a == b ? null : Precedence.Rule(groups[a], groups[b], overlap[a, b]);
            }
        }

        var ends = new double?[groups.Length];
        var steps = new List<Step>();
        var now = 0.0;
        while (steps.Count < groups.Length)
        {
            var last = steps.Count > 0 ? steps[^1] : null;
            var next = Enumerable.Range(0, groups.Length)
                .Where(b => ends[b] is null && Enumerable.Range(0, groups.Length).All(a => rules[a, b] is null || ends[a] is not null))
                .Select(b => (Index: b, Ready: ReadyAt(groups, overlap, ends, b), SetUp: SetUp(last, groups[b])))
                .OrderBy(c => Math.Max(c.Ready.Seconds, now))
                .ThenBy(c => groups[c.Index].Stage)
                .ThenByDescending(c => Math.Round(groups[c.Index].Lightness))
                .ThenBy(c => c.SetUp)
                .ThenBy(c => groups[c.Index].FirstPart)
                .First();
            var group = groups[next.Index];
            var start = Math.Max(now, next.Ready.Seconds);
            var wait = start - now;
            var why = Enumerable.Range(0, groups.Length).Select(a => rules[a, next.Index]).OfType<string>().Distinct().ToArray();
            var step = new Step(
                group.Stage, group.Tool, group.Jobs, Poses.For(group.Zones), start, wait, next.SetUp, group.WorkSeconds,
                wait > 0 ? next.Ready.For : null, why);
            steps.Add(step);
            now = step.EndSeconds;
            ends[next.Index] = now;
        }

        return steps;
    }

    private static bool[,] Overlaps(CoatGroup[] groups)
    {
        var result = new bool[groups.Length, groups.Length];
        for (var a = 0; a < groups.Length; a++)
        {
            for (var b = 0; b < a; b++)
            {
                result[a, b] = result[b, a] = groups[a].Overlaps(groups[b]);
            }
        }

        return result;
    }

    // What lies on wet paint waits for it; marks elsewhere do not.
    private static (double Seconds, string? For) ReadyAt(CoatGroup[] groups, bool[,] overlap, double?[] ends, int b)
    {
        (double Seconds, string? For) latest = (0, null);
        for (var a = 0; a < groups.Length; a++)
        {
            // Wet into wet goes on before the coat below has dried.
            if (ends[a] is not { } end || !overlap[a, b] || groups[b].IntoWet)
            {
                continue;
            }

            var dry = end + groups[a].DryingSeconds;
            if (dry > latest.Seconds)
            {
                var job = groups[a].Jobs[0];
                latest = (dry, $"{job.PartLabel.ToLowerInvariant()}, {job.Role.Label.ToLowerInvariant()}");
            }
        }

        return latest;
    }

    private static double SetUp(Step? last, CoatGroup group)
    {
        var poses = Poses.For(group.Zones);
        var tool = last?.Tool == group.Tool && last.Jobs[0].Load == group.Load ? 0 : Rates.ToolChangeSeconds;
        var load = last?.Jobs[0].Load == group.Load ? 0
            : Rates.LoadSeconds + (group.Jobs[0].Mix.Shares.Count > 1 ? Rates.MixSeconds : 0);
        var changes = poses.Count - (last is not null && last.Poses[^1] == poses[0] ? 1 : 0);
        return tool + load + changes * Rates.PoseSeconds;
    }
}
