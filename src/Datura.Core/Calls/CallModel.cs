using Google.OrTools.Sat;

namespace Datura.Core.Calls;

/// <summary>
/// An evening for the constraint solver (CP-SAT): every wearer before one painter in one chair, faces of a painter one after the other, the sinks
/// shared, drying, wig and costume beside it, all ready by the bell. Least is the time in paint; a wish for a painter, and a sheet that is out
/// already, weigh as minutes.
/// </summary>
internal sealed class CallModel
{
    // What another painter than wished, and what a change of a sheet that is out, weighs beside a minute in paint (by judgement).
    private const int WishMinutes = 20;
    private const int OtherPainterMinutes = 240;
    private const int MovedMinutes = 12;
    private const int TooLongMinutes = 10;

    private readonly CallProblem problem;
    private readonly double reserve;
    private readonly CpModel model = new();
    private readonly IntVar[] starts;
    private readonly BoolVar?[,] taken;
    private readonly List<IntVar> overlong = [];

    // From so many wearers on the order is found first (measured: a sheet of thirty took a minute and was half as good).
    private const int Large = 13;

    private CallModel(CallProblem problem, double reserve, IReadOnlyList<KeptCall>? before)
    {
        (this.problem, this.reserve) = (problem, reserve);
        starts = [.. problem.Tasks.Select((t, k) => model.NewIntVar(Math.Min(Math.Max(problem.OpenMinute, t.FromMinute), problem.BellMinute), problem.BellMinute, $"start {k}"))];
        taken = new BoolVar?[problem.Tasks.Count, problem.Hands.Count];
        var (faces, chairs, sinks) = (problem.Hands.Select(_ => new List<IntervalVar>()).ToArray(), new List<IntervalVar>(), new List<IntervalVar>());
        for (var k = 0; k < problem.Tasks.Count; k++)
        {
            foreach (var p in problem.Tasks[k].Able)
            {
                var (x, minutes) = (model.NewBoolVar($"task {k} by {p}"), MinutesOf(k, p));
                taken[k, p] = x;
                faces[p].Add(model.NewOptionalFixedSizeIntervalVar(starts[k], minutes + problem.BetweenMinutes, x, $"face {k} {p}"));
                chairs.Add(model.NewOptionalFixedSizeIntervalVar(starts[k], minutes, x, $"chair {k} {p}"));
                if (problem.SinkMinutes > 0)
                {
                    sinks.Add(model.NewOptionalFixedSizeIntervalVar(starts[k] + minutes, problem.SinkMinutes, x, $"sink {k} {p}"));
                }

                model.Add(starts[k] + minutes + problem.Tasks[k].AfterMinutes <= problem.BellMinute).OnlyEnforceIf(x);
                model.Add(starts[k] >= problem.Hands[p].FromMinute).OnlyEnforceIf(x);
            }

            model.AddExactlyOne(problem.Tasks[k].Able.Select(p => (ILiteral)taken[k, p]!));
        }

        for (var p = 0; p < problem.Hands.Count; p++)
        {
            faces[p].AddRange(problem.Hands[p].Busy.Select(b => model.NewFixedSizeIntervalVar(b.From, b.Until - b.From, $"busy {p} {b.From}")));
            AddPause(p, faces[p]);
            model.AddNoOverlap(faces[p]);
        }

        if (problem.Chairs < problem.Hands.Count)
        {
            model.AddCumulative(problem.Chairs).AddDemands(chairs, Enumerable.Repeat(1L, chairs.Count));
        }

        if (sinks.Count > 0 && problem.Sinks < problem.Hands.Count)
        {
            model.AddCumulative(problem.Sinks).AddDemands(sinks, Enumerable.Repeat(1L, sinks.Count));
        }

        Hint(before);
        InPaint = LinearExpr.Sum(starts.Select(s => problem.BellMinute - s));
        model.Add(InPaint >= CallBound.Of(problem, t => t.Able.Min(p => MinutesOf(t, p))));
        model.Minimize(InPaint + LinearExpr.Sum(Wishes()) + LinearExpr.Sum(overlong.Select(o => TooLongMinutes * o)) + (before is null ? LinearExpr.Constant(0) : LinearExpr.Sum(Changes(before))));
    }

    /// <summary>Minutes from sitting down to the bell, over all.</summary>
    private LinearExpr InPaint { get; }

    /// <returns>Where every task goes, and by how much another answer could be better at most; null when the evening does not hold them.</returns>
    public static (IReadOnlyList<PlacedCall> Calls, double Gap)? Solve(CallProblem problem, double reserve, IReadOnlyList<KeptCall>? before, double effort)
    {
        if (problem.Tasks.Count == 0)
        {
            return ([], 0);
        }

        var model = new CallModel(problem, reserve, before);
        if (before is null && problem.Tasks.Count >= Large && model.Ordered(CallOrders.Of(problem, model.MinutesOf, WishMinutes, TooLongMinutes)).Solve(effort) is { } ordered)
        {
            var floor = Math.Max(CallBound.Of(problem, t => t.Able.Min(p => model.MinutesOf(t, p))), CallFloor.Of(problem, model.MinutesOf, WishMinutes, TooLongMinutes) ?? 0);
            return (ordered.Calls, Math.Max(0, 1 - floor / Math.Max(1, ordered.Value)));
        }

        return model.Solve(effort) is { } free ? (free.Calls, Math.Max(0, (free.Value - free.Bound) / Math.Max(1, free.Value))) : null;
    }

    // The same with painters and orders settled: only the minutes are open.
    private CallModel Ordered(IReadOnlyList<IReadOnlyList<int>> orders)
    {
        var settled = new CallModel(problem, reserve, null);
        for (var p = 0; p < orders.Count; p++)
        {
            foreach (var (earlier, later) in orders[p].Zip(orders[p].Skip(1)))
            {
                settled.model.Add(settled.starts[earlier] + settled.MinutesOf(earlier, p) + problem.BetweenMinutes <= settled.starts[later]);
            }

            foreach (var k in orders[p])
            {
                settled.model.Add(settled.taken[k, p]! == 1);
            }
        }

        return settled;
    }

    // What is out already is nearly right.
    private void Hint(IReadOnlyList<KeptCall>? before)
    {
        foreach (var old in before ?? [])
        {
            var k = problem.Tasks.Index().Where(t => t.Item.Wearer == old.Wearer).Select(t => t.Index).DefaultIfEmpty(-1).First();
            if (k < 0)
            {
                continue;
            }

            model.AddHint(starts[k], old.FromMinute);
            for (var p = 0; p < problem.Hands.Count; p++)
            {
                if (taken[k, p] is { } x)
                {
                    model.AddHint(x, problem.Hands[p].Name == old.Painter ? 1 : 0);
                }
            }
        }
    }

    private (IReadOnlyList<PlacedCall> Calls, double Value, double Bound)? Solve(double effort)
    {
        var solver = new CpSolver { StringParameters = FormattableString.Invariant($"max_deterministic_time:{effort} num_workers:1 random_seed:7 relative_gap_limit:0.005") };
        if (solver.Solve(model) is not (CpSolverStatus.Optimal or CpSolverStatus.Feasible))
        {
            return null;
        }

        var calls = problem.Tasks.Select((t, k) =>
        {
            var hand = t.Able.First(p => solver.BooleanValue(taken[k, p]!));
            return new PlacedCall(hand, (int)solver.Value(starts[k]), MinutesOf(k, hand));
        }).ToArray();
        return (calls, solver.ObjectiveValue, solver.BestObjectiveBound);
    }

    private int MinutesOf(int task, int hand) => MinutesOf(problem.Tasks[task], hand);

    private int MinutesOf(CallTask task, int hand) => Math.Max(1, (int)Math.Ceiling((task.Minutes + reserve * task.SdMinutes) * problem.Hands[hand].Pace - 1e-9));

    // One rest, with no more painting before and after it than she can go on for.
    private void AddPause(int hand, List<IntervalVar> faces)
    {
        var mine = Enumerable.Range(0, problem.Tasks.Count).Where(k => taken[k, hand] is not null).ToArray();
        if (problem.PauseMinutes == 0 || mine.Sum(k => MinutesOf(k, hand)) <= problem.PauseAfterMinutes)
        {
            return;
        }

        var (needed, at) = (model.NewBoolVar($"pause {hand}"), model.NewIntVar(problem.OpenMinute, problem.BellMinute, $"pause at {hand}"));
        var all = mine.Sum(k => MinutesOf(k, hand));
        var most = Math.Max(problem.PauseAfterMinutes, mine.Max(k => MinutesOf(k, hand)));
        var (work, first) = (model.NewIntVar(0, all, $"work of {hand}"), model.NewIntVar(0, most, $"work of {hand} before the pause"));
        model.Add(work == LinearExpr.Sum(mine.Select(k => taken[k, hand]! * MinutesOf(k, hand))));
        model.Add(work <= problem.PauseAfterMinutes).OnlyEnforceIf(needed.Not());
        faces.Add(model.NewOptionalFixedSizeIntervalVar(at, problem.PauseMinutes, needed, $"rest {hand}"));
        var earlier = new List<LinearExpr>();
        foreach (var k in mine)
        {
            var before = model.NewBoolVar($"{k} before the pause of {hand}");
            model.AddImplication(before, taken[k, hand]!);
            model.Add(starts[k] <= at).OnlyEnforceIf(before);
            model.Add(starts[k] >= at).OnlyEnforceIf([before.Not(), taken[k, hand]!, needed]);
            earlier.Add(before * MinutesOf(k, hand));
        }

        model.Add(first == LinearExpr.Sum(earlier));
        // Where there is more than two stretches' worth, the second is longer, as little as can be.
        var tooLong = model.NewIntVar(0, BoothDay.MinutesOfDay, $"too long {hand}");
        model.Add(work - first <= most + tooLong).OnlyEnforceIf(needed);
        overlong.Add(tooLong);
    }

    private IEnumerable<LinearExpr> Wishes() => problem.Tasks.Select((t, k) => (t, k)).Where(t => t.t.Wished >= 0 && taken[t.k, t.t.Wished] is not null)
        .Select(t => WishMinutes * (1 - taken[t.k, t.t.Wished]!));

    private IEnumerable<LinearExpr> Changes(IReadOnlyList<KeptCall> before)
    {
        for (var k = 0; k < problem.Tasks.Count; k++)
        {
            if (before.FirstOrDefault(b => b.Wearer == problem.Tasks[k].Wearer) is not { } old)
            {
                continue;
            }

            var hand = problem.Hands.Index().Where(h => h.Item.Name == old.Painter).Select(h => h.Index).DefaultIfEmpty(-1).First();
            if (hand >= 0 && taken[k, hand] is { } same)
            {
                yield return OtherPainterMinutes * (1 - same);
            }

            var moved = model.NewIntVar(0, BoothDay.MinutesOfDay, $"moved {k}");
            model.AddAbsEquality(moved, starts[k] - old.FromMinute);
            yield return MovedMinutes * moved;
        }
    }
}
