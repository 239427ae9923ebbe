using Google.OrTools.Sat;

namespace Datura.Core.Order;

/// <summary>
/// Places for steps of which some are pinned: found by constraint programming (CP-SAT), since pins, ties and rules together can
/// leave only a few orders, which no step-by-step choice finds for sure.
/// </summary>
internal static class PinnedOrder
{
    // Solver's own measure of effort, so that the same look gives the same order on every machine (by judgement).
    private const double MostEffort = 4;

    /// <summary>The wished order, or the sound one nearest to it.</summary>
    /// <returns>Null when no order keeps every rule, tie and pin.</returns>
    public static int[]? Nearest(StepNetwork network, int[] wished) => IsSound(network, wished) ? wished : Solved(network, wished);

    /// <summary>Whether an order keeps every rule, tie and pin.</summary>
    public static bool IsSound(StepNetwork network, IReadOnlyList<int> order)
    {
        if (order.Count != network.Count)
        {
            return false;
        }

        for (var k = 0; k < order.Count; k++)
        {
            var next = network.FollowsAt[order[k]];
            if ((next >= 0 && (k + 1 >= order.Count || order[k + 1] != next)) || (network.PinPlace[order[k]] is > 0 and var pin && pin != k + 1))
            {
                return false;
            }

            for (var later = k + 1; later < order.Count; later++)
            {
                if (network.Before(order[later], order[k]))
                {
                    return false;
                }
            }
        }

        return true;
    }

    private static int[]? Solved(StepNetwork network, int[] wished)
    {
        var (model, n) = (new CpModel(), network.Count);
        var place = Enumerable.Range(0, n).Select(g => network.PinPlace[g] is > 0 and var pin ? model.NewIntVar(pin, pin, $"place {g}") : model.NewIntVar(1, n, $"place {g}")).ToArray();
        model.AddAllDifferent(place);
        var off = new List<LinearExpr>();
        for (var b = 0; b < n; b++)
        {
            var at = Array.IndexOf(wished, b) + 1;
            model.AddHint(place[b], at);
            var away = model.NewIntVar(0, n, $"away {b}");
            model.Add(away >= place[b] - at);
            model.Add(away >= at - place[b]);
            off.Add(away);
            for (var a = 0; a < n; a++)
            {
                if (network.FollowsAt[a] == b)
                {
                    model.Add(place[b] == place[a] + 1);
                }
                else if (network.Before(a, b))
                {
                    model.Add(place[b] >= place[a] + 1);
                }
            }
        }

        model.Minimize(LinearExpr.Sum(off));
        var solver = new CpSolver { StringParameters = FormattableString.Invariant($"max_deterministic_time:{MostEffort} num_workers:1 random_seed:7") };
        return solver.Solve(model) is CpSolverStatus.Optimal or CpSolverStatus.Feasible ? [.. Enumerable.Range(0, n).OrderBy(g => solver.Value(place[g]))] : null;
    }
}
