using Google.OrTools.LinearSolver;

namespace Datura.Core.Calls;

/// <summary>
/// A floor for what <see cref="CallModel"/> makes least, of a large company: seen backwards from the bell the minutes of a painter's i-th face are waited for
/// by itself and the i − 1 before it, a rest by all before it, so that the time in paint is a sum over places (sum of completion times on unrelated machines
/// as an assignment; Horn 1973, Bruno, Coffman and Sethi 1974, from memory). Faces may be split here (a linear programme), chairs and sinks are left out.
/// </summary>
internal static class CallFloor
{
    /// <returns>Null where the programme is not solved.</returns>
    public static double? Of(CallProblem problem, Func<int, int, int> minutesOf, int wishMinutes, int tooLongMinutes)
    {
        using var solver = Solver.CreateSolver("GLOP");
        if (solver is null || problem.Hands.Count == 0)
        {
            return null;
        }

        var (count, hands, least) = (problem.Tasks.Count, problem.Hands.Count, problem.Tasks.Min(t => t.AfterMinutes));
        var goal = solver.Objective();
        goal.SetMinimization();
        var once = Enumerable.Range(0, count).Select(_ => solver.MakeConstraint(1, 1)).ToArray();
        var rests = problem.PauseMinutes > 0;
        for (var p = 0; p < hands; p++)
        {
            var longest = Enumerable.Range(0, count).Where(k => problem.Tasks[k].Able.Contains(p)).Select(k => minutesOf(k, p)).DefaultIfEmpty(0).Max();
            var most = Math.Max(problem.PauseAfterMinutes, longest);
            var (after, before) = (solver.MakeConstraint(double.NegativeInfinity, most), solver.MakeConstraint(double.NegativeInfinity, most));
            var over = solver.MakeNumVar(0, BoothDay.MinutesOfDay, "");
            after.SetCoefficient(over, -1);
            goal.SetCoefficient(over, tooLongMinutes);
            var places = Most(problem, least, p, [.. Enumerable.Range(0, count).Where(k => problem.Tasks[k].Able.Contains(p)).Select(k => minutesOf(k, p)).Order()]);
            for (var i = 1; i <= places; i++)
            {
                var place = solver.MakeConstraint(0, 1);
                for (var k = 0; k < count; k++)
                {
                    if (!problem.Tasks[k].Able.Contains(p))
                    {
                        continue;
                    }

                    var minutes = minutesOf(k, p);
                    var cost = i * minutes + (i - 1) * problem.BetweenMinutes + least
                        + (problem.Tasks[k].Wished is >= 0 and var wished && wished != p && problem.Tasks[k].Able.Contains(wished) ? wishMinutes : 0);
                    foreach (var early in rests ? [false, true] : new[] { false })
                    {
                        var part = solver.MakeNumVar(0, 1, "");
                        once[k].SetCoefficient(part, 1);
                        place.SetCoefficient(part, 1);
                        goal.SetCoefficient(part, cost + (early ? problem.PauseMinutes : 0));
                        if (rests)
                        {
                            (early ? before : after).SetCoefficient(part, minutes);
                        }
                    }
                }
            }
        }

        return solver.Solve() == Solver.ResultStatus.OPTIMAL ? goal.Value() - 1e-6 : null;
    }

    // So many faces, the shortest of those she can paint, go into a painter's evening; another has no more.
    private static int Most(CallProblem problem, int least, int hand, IReadOnlyList<int> minutes)
    {
        var (left, most) = (problem.BellMinute - least - Math.Max(problem.OpenMinute, problem.Hands[hand].FromMinute) + problem.BetweenMinutes, 0);
        foreach (var one in minutes)
        {
            left -= one + problem.BetweenMinutes;
            most += left >= 0 ? 1 : 0;
        }

        return most;
    }
}
