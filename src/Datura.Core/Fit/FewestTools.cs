using Datura.Core.Form;
using Datura.Core.Hands;
using Datura.Core.Order;

namespace Datura.Core.Fit;

/// <summary>With how few tools of the kit a look can be painted: for one, two, three … the set that takes least time.</summary>
public static class FewestTools
{
    // Every set of so many tools is tried; of more, and out of larger kits, the best smaller set gets the tool that helps most.
    private const int MostTried = 3;
    private const int SmallKit = 30;

    // One more tool that saves less than this is none to pack, share of the work (by judgement).
    private const double LeastSaved = 0.02;

    /// <param name="most">Most tools of a set.</param>
    /// <returns>Sets that can do all of it, the smallest first, each quicker than the one before; none when a coat fits no tool.</returns>
    public static IReadOnlyList<ToolPlan> Of(PlannedLook planned, Kit kit, int most = 5, CancellationToken cancel = default)
    {
        var kinds = planned.Parts.ToDictionary(p => p.Part.Id, p => p.Kind);
        var jobs = planned.Jobs.Where(j => j.Role.Stage != Stage.Map && j.PartId != FormKind.PartId && kinds.ContainsKey(j.PartId)
            && HandChoice.UsualToolOf(j.Role, j.Mix, kit) != Tool.PencilLiner).ToArray();
        var tools = KitTools.Owned(kit).Where(t => ToolForms.Paints(t.Form) && t.Form != ToolForm.Pencil).ToArray();
        var seconds = new double[tools.Length, jobs.Length];
        for (var t = 0; t < tools.Length; t++)
        {
            for (var j = 0; j < jobs.Length; j++)
            {
                seconds[t, j] = ToolFit.With(jobs[j], tools[t], kit, kinds[jobs[j].PartId].StencilRoles.Contains(jobs[j].Role))?.WorkSeconds ?? double.PositiveInfinity;
            }
        }

        var (found, before, last) = (new List<ToolPlan>(), double.PositiveInfinity, Array.Empty<int>());
        for (var size = 1; size <= Math.Min(most, tools.Length) && jobs.Length > 0; size++)
        {
            cancel.ThrowIfCancellationRequested();
            last = size <= MostTried || (tools.Length <= SmallKit && size == MostTried + 1) ? CheapestSets.Best(seconds, size) : CheapestSets.Grown(seconds, last);
            var work = CheapestSets.Work(seconds, last);
            if (work < (1 - LeastSaved) * before)
            {
                found.Add(Written(jobs, tools, seconds, last, kit, work));
                before = work;
            }
        }

        return found;
    }

    private static ToolPlan Written(CoatJob[] jobs, ToolDescription[] tools, double[,] seconds, int[] set, Kit kit, double work)
    {
        var chosen = jobs.Select((job, j) => (Job: job, Tool: tools[set.MinBy(t => seconds[t, j])])).ToArray();
        return new(
            [.. chosen.GroupBy(c => c.Tool).OrderByDescending(g => g.Count()).ThenBy(g => g.Key.Id, StringComparer.Ordinal).Select(g => g.Key)],
            chosen.Where(c => c.Tool.Id != HandChoice.UsualToolOf(c.Job.Role, c.Job.Mix, kit)).GroupBy(c => c.Job.PartId)
                .ToDictionary(g => g.Key, g => (IReadOnlyDictionary<string, string>)g.ToDictionary(c => c.Job.Role.Id, c => c.Tool.Id)),
            work);
    }

    /// <summary>The look with these tools in hand: the tool of every coat is the plan's, or the usual one.</summary>
    public static Look With(Look look, ToolPlan plan) => look with
    {
        Parts = [.. look.Parts.Select(p => p with { Laid = Laid(p, plan.Laid.GetValueOrDefault(p.Id)) })],
    };

    private static Dictionary<string, CoatLay>? Laid(Part part, IReadOnlyDictionary<string, string>? tools)
    {
        var laid = part.Paints.Keys.ToDictionary(r => r, r => part.LayOf(r) with { Tool = tools?.GetValueOrDefault(r) });
        var kept = laid.Where(l => l.Value != CoatLay.Usual).ToDictionary(l => l.Key, l => l.Value);
        return kept.Count > 0 ? kept : null;
    }
}
