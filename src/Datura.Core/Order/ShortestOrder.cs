using Google.OrTools.Sat;

namespace Datura.Core.Order;

/// <summary>
/// The shortest order by constraint programming (CP-SAT of OR-Tools): steps on one or two painters, precedence, drying in parallel,
/// changes of tool and pose that depend on what was done before. A second run, at that length, does first what is wished sooner.
/// </summary>
public static class ShortestOrder
{
    // Whole units of the solver in a second.
    private const int Units = 10;

    private const double WishShare = 0.3;
    private const double WeightUnits = 100_000;
    private const int Workers = 2;

    /// <param name="seconds">Time to search, of which a third is for what is wished sooner.</param>
    /// <param name="from">The order to start from; never left for a longer one.</param>
    /// <exception cref="OperationCanceledException">The search was called off.</exception>
    public static FoundOrder Of(StepNetwork network, double seconds = 3, Schedule? from = null, CancellationToken cancel = default)
    {
        var first = from ?? ListScheduler.First(network);
        if (network.Count < 2)
        {
            return new(first, first.TotalSeconds, first.TotalSeconds, true);
        }

        var bound = network.Crew.Painters == 1 ? SessionBound.Of(network) : null;
        var shortest = Solved(network, first, bound, (1 - WishShare) * seconds, null, cancel);
        var best = shortest.Table.TotalSeconds <= first.TotalSeconds + 1e-6 ? shortest.Table : first;
        var wished = Solved(network, best, bound, WishShare * seconds, best.TotalSeconds, cancel).Table;
        best = wished.TotalSeconds <= best.TotalSeconds + 0.5 / Units && wished.Cost < best.Cost ? wished : best;
        return new(best, Math.Min(best.TotalSeconds, Math.Max(shortest.BoundSeconds, bound?.Seconds ?? 0)), first.TotalSeconds, shortest.Proven);
    }

    /// <param name="within">When given, the length to keep while what is wished sooner goes first.</param>
    private static (Schedule Table, double BoundSeconds, bool Proven) Solved(
        StepNetwork network, Schedule hint, SessionBound? bound, double seconds, double? within, CancellationToken cancel)
    {
        cancel.ThrowIfCancellationRequested();
        var model = new CpModel();
        var n = network.Count;
        var horizon = (long)Math.Ceiling(Units * hint.TotalSeconds) + 2 * n + 10;
        var work = network.Groups.Select(g => Whole(g.WorkSeconds)).ToArray();
        var start = Enumerable.Range(0, n).Select(g => model.NewIntVar(0, horizon, $"start {g}")).ToArray();
        var total = model.NewIntVar(0, horizon, "total");
        var busy = Enumerable.Range(0, network.Crew.Painters).Select(p => Hands(model, network, start, work, hint, p)).ToArray();
        for (var b = 0; b < n; b++)
        {
            model.Add(total >= start[b] + work[b]);
            model.AddHint(start[b], Whole(hint.StartSeconds[b]));
            if (bound is not null)
            {
                // Rounding of many steps adds up to no more than this.
                model.Add(start[b] >= Math.Max(0, (long)Math.Floor(Units * bound.FirstStrokeSeconds(b)) - n));
            }

            if (network.Crew.Painters > 1)
            {
                model.AddExactlyOne(busy.Select(hands => hands.Here[b]));
            }

            for (var a = 0; a < n; a++)
            {
                if (network.Rule(a, b) is not null || (network.Crew.Painters > 1 && network.Before(a, b)))
                {
                    model.Add(start[b] >= start[a] + work[a] + Whole(network.Lag(a, b)));
                }
                else if (a < b && network.Crew.Painters > 1 && network.Rule(b, a) is null && !network.Together(a, b))
                {
                    var former = model.NewBoolVar($"{a} before {b}");
                    model.Add(start[b] >= start[a] + work[a]).OnlyEnforceIf(former);
                    model.Add(start[a] >= start[b] + work[b]).OnlyEnforceIf(former.Not());
                }
            }
        }

        // Work and changes of hands already bound the session; the solver's relaxation sees it only when told.
        model.AddHint(total, Whole(hint.TotalSeconds));
        model.Add(total * network.Crew.Painters >= work.Sum() + LinearExpr.Sum(busy.Select(h => h.SetUps)));
        if (network.Crew.Painters == 1)
        {
            BoundWaits(model, network, start, work, total, busy[0].SetUpOf);
            model.Add(total >= (long)Math.Floor(Units * bound!.Seconds) - n);
        }

        if (within is { } most)
        {
            model.Add(total <= Whole(most) + n);
            model.Minimize(LinearExpr.Sum(start.Select((s, g) => s * (long)Math.Round(WeightUnits * network.Weights[g]))));
        }
        else
        {
            model.Minimize(total);
        }

        var solver = new CpSolver { StringParameters = FormattableString.Invariant($"max_time_in_seconds:{seconds:0.###} num_workers:{Workers} random_seed:7") };
        using var stop = cancel.Register(solver.StopSearch);
        var status = solver.Solve(model);
        cancel.ThrowIfCancellationRequested();
        if (status is not (CpSolverStatus.Optimal or CpSolverStatus.Feasible))
        {
            return (hint, LeastSeconds(network), false);
        }

        var order = Enumerable.Range(0, n).OrderBy(g => solver.Value(start[g])).ToArray();
        return (Schedule.Of(network, order), Math.Max(LeastSeconds(network), solver.BestObjectiveBound / Units - 1.0 * n / Units), status == CpSolverStatus.Optimal);
    }

    private static (ILiteral[] Here, LinearExpr SetUps, LinearExpr[] SetUpOf) Hands(CpModel model, StepNetwork network, IntVar[] start, long[] work, Schedule hint, int painter)
    {
        var n = network.Count;
        var circuit = model.AddCircuit();
        var setUps = Enumerable.Range(0, n).Select(_ => new List<LinearExpr>()).ToArray();
        var here = new ILiteral[n];
        var pinned = network.PinPlace.Any(p => p > 0) && network.Crew.Painters == 1;
        IntVar Place(int g) => network.PinPlace[g] is > 0 and var pin ? model.NewIntVar(pin, pin, $"place {g}") : model.NewIntVar(1, n, $"place {g}");
        var place = pinned ? Enumerable.Range(0, n).Select(Place).ToArray() : null;
        var hinted = hint.Order.Where(g => hint.Painter[g] == painter).OrderBy(g => hint.StartSeconds[g]).ToArray();
        if (network.Crew.Painters > 1)
        {
            circuit.AddArc(0, 0, model.NewBoolVar("idle"));
            for (var g = 0; g < n; g++)
            {
                var mine = model.NewBoolVar($"painter {painter} does {g}");
                here[g] = mine;
                circuit.AddArc(g + 1, g + 1, mine.Not());
                model.AddHint(mine, hint.Painter[g] == painter);
            }
        }

        for (var b = 0; b < n; b++)
        {
            circuit.AddArc(b + 1, 0, model.NewBoolVar($"{b} last"));
            for (var a = -1; a < n; a++)
            {
                if (a == b || (a >= 0 && (network.Before(b, a) || (network.Crew.Painters == 1 && Between(network, a, b)))))
                {
                    continue;
                }

                var next = model.NewBoolVar($"{a} then {b}");
                circuit.AddArc(a + 1, b + 1, next);
                model.AddHint(next, hinted.Contains(b) && Array.IndexOf(hinted, b) is var at && (at == 0 ? a == -1 : at > 0 && hinted[at - 1] == a));
                var setUp = Whole(network.SetUp(a, b));
                setUps[b].Add(next * setUp);
                if (a < 0)
                {
                    model.Add(start[b] >= setUp).OnlyEnforceIf(next);
                }
                else
                {
                    model.Add(start[b] >= start[a] + work[a] + setUp).OnlyEnforceIf(next);
                    if (place is not null)
                    {
                        model.Add(place[b] == place[a] + 1).OnlyEnforceIf(next);
                    }

                    if (network.FollowsAt[a] == b)
                    {
                        // Whoever does the first does the second at once.
                        model.Add(network.Crew.Painters == 1 ? next == 1 : next == (BoolVar)here[a]);
                    }
                }
            }
        }

        return (here, LinearExpr.Sum(setUps.SelectMany(s => s)), [.. setUps.Select(LinearExpr.Sum)]);
    }

    // The last of all that dries under a step ends no sooner than all of it can be done; so waits that cannot be filled are seen.
    private static void BoundWaits(CpModel model, StepNetwork network, IntVar[] start, long[] work, IntVar total, LinearExpr[] setUpOf)
    {
        var n = network.Count;
        for (var h = 0; h < n; h++)
        {
            foreach (var lag in Enumerable.Range(0, n).Select(a => Whole(network.Lag(a, h))).Append(0).Distinct())
            {
                var under = Enumerable.Range(0, n).Where(a => network.Before(a, h) && Whole(network.Lag(a, h)) >= lag).ToArray();
                var all = Enumerable.Range(0, n).Where(x => under.Contains(x) || under.Any(u => network.Before(x, u))).ToArray();
                if (all.Length > 1)
                {
                    model.Add(start[h] >= all.Sum(x => work[x]) + lag + LinearExpr.Sum(all.Select(x => setUpOf[x])));
                }
            }

            foreach (var lag in Enumerable.Range(0, n).Select(b => Whole(network.Lag(h, b))).Append(0).Distinct())
            {
                var over = Enumerable.Range(0, n).Where(b => network.Before(h, b) && Whole(network.Lag(h, b)) >= lag).ToArray();
                var all = Enumerable.Range(0, n).Where(x => over.Contains(x) || over.Any(o => network.Before(o, x))).ToArray();
                if (all.Length > 0)
                {
                    // The first of them is set up for while the paint dries.
                    var first = lag == 0 ? 0 : over.Max(b => Enumerable.Range(0, n).Where(a => a != b).Max(a => Whole(network.SetUp(a, b))));
                    model.Add(total >= start[h] + work[h] + Math.Max(0, lag - first) + all.Sum(x => work[x]) + LinearExpr.Sum(all.Select(x => setUpOf[x])));
                }
            }
        }
    }

    /// <summary>Whether some step must come after the one and before the other.</summary>
    internal static bool Between(StepNetwork network, int a, int b)
    {
        for (var x = 0; x < network.Count; x++)
        {
            if (network.Before(a, x) && network.Before(x, b))
            {
                return true;
            }
        }

        return false;
    }

    /// <summary>A bound without searching: all the work, and before each step the shortest change that may lead to it.</summary>
    internal static double LeastSeconds(StepNetwork network)
    {
        var n = network.Count;
        return Enumerable.Range(0, n).Sum(b => network.Groups[b].WorkSeconds
            + Enumerable.Range(-1, n + 1).Where(a => a != b && (a < 0 || !network.Before(b, a))).Min(a => network.SetUp(a, b))) / network.Crew.Painters;
    }

    private static long Whole(double seconds) => (long)Math.Round(Units * seconds);
}
