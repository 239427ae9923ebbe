using Datura.Core.Order;

namespace Datura.Core.Fit;

/// <summary>
/// For a budget of working time the choice of parts that loses least: work is counted by coat, and the change of tool and paint
/// once for all coats that share a load, since leaving out one of them saves only its strokes. Solved exactly by CP-SAT.
/// </summary>
internal sealed class VersionKnapsack(IReadOnlyList<PartChoice> choices, int[] restsOn, StepNetwork full)
{
    private const double Effort = 0.12;

    // Shares of the full work below this leave nothing to read.
    private const double LeastShare = 0.02;

    /// <summary>Versions for budgets from the least possible to all of it; a null entry is a part in full.</summary>
    public IEnumerable<LesserPart?[]> ForBudgets(int count, CancellationToken cancel)
    {
        var most = Seconds(new LesserPart?[choices.Count]);
        // The least of all comes last: whatever takes the least time. Each stands for itself, so both cores share them (measured).
        return Enumerable.Range(0, count).Select(k => (double?)((LeastShare + (1 - LeastShare) * k / count) * most)).Append(null)
            .AsParallel().AsOrdered().WithCancellation(cancel).Select(Best).OfType<LesserPart?[]>();
    }

    /// <summary>Work and changes of a choice, seconds.</summary>
    public double Seconds(IReadOnlyList<LesserPart?> chosen)
    {
        var jobs = choices.SelectMany((c, k) => chosen[k]?.Jobs ?? c.Full).ToArray();
        return jobs.Sum(j => j.WorkSeconds) + jobs.Select(j => j.Load).Distinct().Count() * ChangeSeconds;
    }

    private double ChangeSeconds { get; } = Enumerable.Range(0, full.Count).Select(g => full.SetUp(-1, g)).DefaultIfEmpty(0).Average();

    private LesserPart?[]? Best(double? budget)
    {
        var model = new VersionModel(choices, restsOn);
        var loads = choices.SelectMany(c => c.Full.Concat(c.Lesser.SelectMany(l => l.Jobs))).Select(j => j.Load).Distinct().Select((load, k) => (load, k)).ToDictionary(l => l.load, l => l.k);
        var all = model.Work() + model.Once(j => (int?)loads[j.Load], _ => ChangeSeconds);
        if (budget is { } most)
        {
            model.Model.Add(all <= (long)(VersionModel.Units * most));
            model.Model.Minimize(model.Cost);
        }
        else
        {
            model.Model.Minimize(all);
        }

        return model.Solve(Effort);
    }
}
