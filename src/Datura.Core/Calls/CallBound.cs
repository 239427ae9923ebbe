namespace Datura.Core.Calls;

/// <summary>
/// A floor for the time in paint, minutes from sitting down to the bell over all: as if every painter were the quickest, could paint everything and
/// shared nothing. Seen backwards from the bell that is the sum of completion times on parallel machines, least by the shortest first
/// (Conway, Maxwell and Miller 1967; from memory).
/// </summary>
public static class CallBound
{
    public static int Of(CallProblem problem, Func<CallTask, int> shortest)
    {
        if (problem.Hands.Count == 0 || problem.Tasks.Count == 0)
        {
            return 0;
        }

        var after = problem.Tasks.Min(t => t.AfterMinutes);
        var busy = new int[problem.Hands.Count];
        var sum = 0;
        foreach (var (minutes, k) in problem.Tasks.Select(shortest).Order().Select((m, k) => (m, k)))
        {
            var machine = k % busy.Length;
            sum += busy[machine] + minutes + after;
            busy[machine] += minutes + problem.BetweenMinutes;
        }

        // Nobody is in paint for less than painting, drying and dressing take.
        return Math.Max(sum, problem.Tasks.Sum(t => shortest(t) + t.AfterMinutes));
    }
}
