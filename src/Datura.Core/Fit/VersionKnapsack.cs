using Datura.Core.Order;
using Datura.Core.Shapes;
using Google.OrTools.Sat;

namespace Datura.Core.Fit;

/// <summary>
/// For a budget of working time the choice of parts that loses least: work is counted by coat, and the change of tool and paint
/// once for all coats that share a load, since leaving out one of them saves only its strokes. Solved exactly by CP-SAT.
/// </summary>
internal sealed class VersionKnapsack(IReadOnlyList<PartChoice> choices, int[] restsOn, StepNetwork full)
{
    private const int Units = 10;
    private const double CostUnits = 1_000_000;
    private const double SecondsEach = 0.12;

    // Shares of the full work below this leave nothing to read.
    private const double LeastShare = 0.02;

    /// <summary>Versions for budgets from the least possible to all of it; a null entry is a part in full.</summary>
    public IEnumerable<LesserPart?[]> ForBudgets(int count)
    {
        var most = Seconds(new LesserPart?[choices.Count]);
        // The least of all comes last: whatever takes the least time. Each stands for itself, so both cores share them (measured).
        return Enumerable.Range(0, count).Select(k => (double?)((LeastShare + (1 - LeastShare) * k / count) * most)).Append(null)
            .AsParallel().AsOrdered().Select(Best).OfType<LesserPart?[]>();
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
        var model = new CpModel();
        var literals = choices.Select((c, k) => c.Lesser.Select((_, m) => model.NewBoolVar($"part {k} lesser {m}")).ToArray()).ToArray();
        var fulls = choices.Select((_, k) => model.NewBoolVar($"part {k} full")).ToArray();
        var loads = choices.SelectMany(c => c.Full.Concat(c.Lesser.SelectMany(l => l.Jobs))).Select(j => j.Load).Distinct().ToDictionary(l => l, l => model.NewBoolVar($"load {l}"));
        var (seconds, cost) = (new List<LinearExpr>(), new List<LinearExpr>());
        for (var k = 0; k < choices.Count; k++)
        {
            model.AddExactlyOne(literals[k].Append(fulls[k]).Cast<ILiteral>());
            Take(fulls[k], choices[k].Full);
            for (var m = 0; m < literals[k].Length; m++)
            {
                var lesser = choices[k].Lesser[m];
                Take(literals[k][m], lesser.Jobs);
                cost.Add(literals[k][m] * (long)Math.Round(CostUnits * (choices[k].Cost(lesser) + 1e-6)));
            }

            // What rests on a part that is left out goes with it.
            if (restsOn[k] >= 0 && Out(restsOn[k]) is { } ground)
            {
                if (Out(k) is { } self)
                {
                    model.AddImplication(ground, self);
                }
                else
                {
                    model.Add(ground == 0);
                }
            }
        }

        void Take(BoolVar literal, IReadOnlyList<CoatJob> jobs)
        {
            seconds.Add(literal * (long)Math.Round(Units * jobs.Sum(j => j.WorkSeconds)));
            foreach (var load in jobs.Select(j => j.Load).Distinct())
            {
                model.AddImplication(literal, loads[load]);
            }
        }

        BoolVar? Out(int k) => Enumerable.Range(0, choices[k].Lesser.Count).Where(m => choices[k].Lesser[m].Version == PartVersion.Out).Select(m => literals[k][m]).FirstOrDefault();

        var all = LinearExpr.Sum(seconds.Concat(loads.Values.Select(l => l * (long)Math.Round(Units * ChangeSeconds))));
        if (budget is { } most)
        {
            model.Add(all <= (long)(Units * most));
            model.Minimize(LinearExpr.Sum(cost));
        }
        else
        {
            model.Minimize(all);
        }

        var solver = new CpSolver { StringParameters = FormattableString.Invariant($"max_deterministic_time:{SecondsEach} num_workers:1 random_seed:7") };
        return solver.Solve(model) is CpSolverStatus.Optimal or CpSolverStatus.Feasible
            ? [.. choices.Select((c, k) => Enumerable.Range(0, c.Lesser.Count).Where(m => solver.BooleanValue(literals[k][m])).Select(m => c.Lesser[m]).FirstOrDefault())]
            : null;
    }
}
