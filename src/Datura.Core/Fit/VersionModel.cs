using Datura.Core.Order;
using Google.OrTools.Sat;

namespace Datura.Core.Fit;

/// <summary>The choice of a version for every part, for the constraint solver: each part in full or in one lesser way, what rests on another going with it.</summary>
internal sealed class VersionModel
{
    /// <summary>Whole units of the solver in a second of work.</summary>
    public const int Units = 10;

    /// <summary>Whole units of the solver in a share of 1 that is lost.</summary>
    public const double CostUnits = 1_000_000;

    // So small that it only keeps a part in full when that costs nothing.
    private const double Nothing = 1e-6;

    private readonly IReadOnlyList<PartChoice> choices;
    private readonly BoolVar[] fulls;
    private readonly BoolVar[][] lessers;

    public VersionModel(IReadOnlyList<PartChoice> choices, int[] restsOn)
    {
        this.choices = choices;
        fulls = [.. choices.Select((_, k) => Model.NewBoolVar($"part {k} full"))];
        lessers = [.. choices.Select((c, k) => c.Lesser.Select((_, m) => Model.NewBoolVar($"part {k} lesser {m}")).ToArray())];
        var cost = new List<LinearExpr>();
        for (var k = 0; k < choices.Count; k++)
        {
            Model.AddExactlyOne(lessers[k].Append(fulls[k]).Cast<ILiteral>());
            cost.AddRange(lessers[k].Select((l, m) => l * (long)Math.Round(CostUnits * (choices[k].Cost(choices[k].Lesser[m]) + Nothing))));
            if (restsOn[k] >= 0 && Out(restsOn[k]) is { } ground)
            {
                if (Out(k) is { } self)
                {
                    Model.AddImplication(ground, self);
                }
                else
                {
                    Model.Add(ground == 0);
                }
            }
        }

        Cost = LinearExpr.Sum(cost);
    }

    public CpModel Model { get; } = new();

    /// <summary>What is lost, in cost units.</summary>
    public LinearExpr Cost { get; }

    /// <summary>Every way of every part, with the coats it leaves.</summary>
    public IEnumerable<(BoolVar Taken, IReadOnlyList<CoatJob> Jobs)> Ways() =>
        choices.SelectMany((c, k) => c.Lesser.Select((l, m) => (lessers[k][m], l.Jobs)).Prepend((fulls[k], c.Full)));

    /// <summary>Brush on skin, in solver units.</summary>
    public LinearExpr Work() => LinearExpr.Sum(Ways().Select(w => w.Taken * (long)Math.Round(Units * w.Jobs.Sum(j => j.WorkSeconds))));

    /// <summary>Seconds for each thing that counts once however many coats need it: a load, a change of tool.</summary>
    /// <param name="of">What a coat needs; null for nothing.</param>
    public LinearExpr Once<T>(Func<CoatJob, T?> of, Func<T, double> seconds)
        where T : struct
    {
        var needed = Ways().SelectMany(w => w.Jobs).Select(of).OfType<T>().Distinct().ToDictionary(t => t, t => Model.NewBoolVar($"needs {t}"));
        foreach (var (taken, jobs) in Ways())
        {
            foreach (var thing in jobs.Select(of).OfType<T>().Distinct())
            {
                Model.AddImplication(taken, needed[thing]);
            }
        }

        return LinearExpr.Sum(needed.Select(n => n.Value * (long)Math.Floor(Units * seconds(n.Key))));
    }

    /// <returns>The best choice, a null entry for a part in full; null when there is none.</returns>
    public LesserPart?[]? Solve(double effort)
    {
        var solver = new CpSolver { StringParameters = FormattableString.Invariant($"max_deterministic_time:{effort} num_workers:1 random_seed:7") };
        var status = solver.Solve(Model);
        return status is CpSolverStatus.Optimal or CpSolverStatus.Feasible
            ? [.. choices.Select((c, k) => Enumerable.Range(0, c.Lesser.Count).Where(m => solver.BooleanValue(lessers[k][m])).Select(m => c.Lesser[m]).FirstOrDefault())]
            : null;
    }

    private BoolVar? Out(int k) => Enumerable.Range(0, choices[k].Lesser.Count).Where(m => choices[k].Lesser[m].Version == PartVersion.Out).Select(m => lessers[k][m]).FirstOrDefault();
}
