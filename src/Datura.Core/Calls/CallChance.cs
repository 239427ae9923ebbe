using MathNet.Numerics.Distributions;

namespace Datura.Core.Calls;

/// <summary>How likely a call sheet is kept, from many evenings on which faces take longer or shorter; who sits down late makes the next one late.</summary>
public static class CallChance
{
    private const int Evenings = 2000;

    /// <returns>For each task the chance of being ready by the bell, and that of all of them.</returns>
    public static (IReadOnlyList<double> Each, double All) Of(CallProblem problem, IReadOnlyList<PlacedCall> calls, int seed = 1)
    {
        var random = SeededRandom.For(seed, "evenings");
        var order = Enumerable.Range(0, calls.Count).OrderBy(k => calls[k].Start).ToArray();
        var (each, all) = (new int[calls.Count], 0);
        var spread = problem.Tasks.Select(t => Math.Sqrt(Math.Log(1 + Math.Pow(t.SdMinutes / Math.Max(t.Minutes, 1e-9), 2)))).ToArray();
        for (var evening = 0; evening < Evenings; evening++)
        {
            var free = new double[problem.Hands.Count];
            var ready = true;
            foreach (var k in order)
            {
                var (task, call) = (problem.Tasks[k], calls[k]);
                var slow = Math.Exp(spread[k] * Normal.InvCDF(0, 1, Math.Clamp(random.Unit(), 1e-9, 1 - 1e-9)) - spread[k] * spread[k] / 2);
                var end = Math.Max(call.Start, free[call.Hand]) + task.Minutes * problem.Hands[call.Hand].Pace * slow;
                free[call.Hand] = end + problem.BetweenMinutes;
                var inTime = end + task.AfterMinutes <= problem.BellMinute;
                each[k] += inTime ? 1 : 0;
                ready &= inTime;
            }

            all += ready ? 1 : 0;
        }

        return ([.. each.Select(e => (double)e / Evenings)], (double)all / Evenings);
    }
}
