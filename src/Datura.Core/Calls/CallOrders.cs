namespace Datura.Core.Calls;

/// <summary>
/// Who paints whom and in which order, for a large company: faces go where they cost least, the longest first, then one moves or two change painters as long
/// as that helps, from several starts (local search; each painter's own cost is reckoned backwards from the bell, her rest where it costs least). Chairs and
/// sinks are left to <see cref="CallModel"/>.
/// </summary>
internal sealed class CallOrders
{
    private const int Kicks = 12;
    private const int Moved = 4;

    // What does not go at all weighs as so many minutes each.
    private const int Impossible = 500;

    private readonly CallProblem problem;
    private readonly Func<int, int, int> minutesOf;
    private readonly int wishMinutes;
    private readonly int tooLongMinutes;

    private CallOrders(CallProblem problem, Func<int, int, int> minutesOf, int wishMinutes, int tooLongMinutes) =>
        (this.problem, this.minutesOf, this.wishMinutes, this.tooLongMinutes) = (problem, minutesOf, wishMinutes, tooLongMinutes);

    /// <returns>By painter: her faces, the first one first.</returns>
    public static IReadOnlyList<IReadOnlyList<int>> Of(CallProblem problem, Func<int, int, int> minutesOf, int wishMinutes, int tooLongMinutes, int seed = 7) =>
        new CallOrders(problem, minutesOf, wishMinutes, tooLongMinutes).Found(new Random(seed));

    private int[][] Found(Random random)
    {
        var now = Enumerable.Range(0, problem.Hands.Count).Select(_ => new List<int>()).ToArray();
        foreach (var k in Enumerable.Range(0, problem.Tasks.Count).OrderByDescending(k => problem.Tasks[k].Minutes))
        {
            now[problem.Tasks[k].Able.MinBy(p => Cost(p, [.. now[p], k]) - Cost(p, now[p]))].Add(k);
        }

        Improve(now);
        var best = now.Select(l => l.ToList()).ToArray();
        for (var kick = 0; kick < Kicks; kick++)
        {
            now = [.. best.Select(l => l.ToList())];
            for (var n = 0; n < Moved; n++)
            {
                var k = random.Next(problem.Tasks.Count);
                now.First(l => l.Contains(k)).Remove(k);
                now[problem.Tasks[k].Able[random.Next(problem.Tasks[k].Able.Count)]].Add(k);
            }

            Improve(now);
            best = Total(now) < Total(best) ? now : best;
        }

        return [.. best.Select((l, p) => Ordered(p, l))];
    }

    private int Total(List<int>[] of) => of.Select((l, p) => Cost(p, l)).Sum();

    private void Improve(List<int>[] now)
    {
        for (var better = true; better;)
        {
            better = false;
            var cost = now.Select((l, p) => Cost(p, l)).ToArray();
            for (var k = 0; k < problem.Tasks.Count; k++)
            {
                for (var other = 0; other < now.Length; other++)
                {
                    var mine = Array.FindIndex(now, l => l.Contains(k));
                    if (other == mine || !problem.Tasks[k].Able.Contains(other))
                    {
                        continue;
                    }

                    // Alone, or for each of hers.
                    foreach (var back in now[other].Cast<int?>().Prepend(null).ToArray())
                    {
                        if (back is { } b && !problem.Tasks[b].Able.Contains(mine))
                        {
                            continue;
                        }

                        List<int> here = [.. now[mine].Where(x => x != k)], there = [.. now[other].Where(x => x != back), k];
                        if (back is { } given)
                        {
                            here.Add(given);
                        }

                        var (a, c) = (Cost(mine, here), Cost(other, there));
                        if (a + c < cost[mine] + cost[other])
                        {
                            (now[mine], now[other], cost[mine], cost[other], better) = (here, there, a, c, true);
                            break;
                        }
                    }
                }
            }
        }
    }

    private int Cost(int hand, IReadOnlyList<int> faces) => faces.Count == 0 ? 0 : Backwards(hand, Ordered(hand, faces));

    // The longest first; who dresses longest had better not be the last in the chair: neighbours change places as long as that helps.
    private int[] Ordered(int hand, IReadOnlyList<int> faces)
    {
        int[] order = [.. faces.OrderByDescending(k => minutesOf(k, hand)).ThenBy(k => k)];
        if (order.Length < 2 || order.All(k => problem.Tasks[k].AfterMinutes == problem.Tasks[order[0]].AfterMinutes && problem.Tasks[k].FromMinute == problem.Tasks[order[0]].FromMinute))
        {
            return order;
        }

        for (var (better, cost) = (true, Backwards(hand, order)); better;)
        {
            better = false;
            for (var i = 0; i + 1 < order.Length; i++)
            {
                (order[i], order[i + 1]) = (order[i + 1], order[i]);
                if (Backwards(hand, order) is var now && now < cost)
                {
                    (cost, better) = (now, true);
                }
                else
                {
                    (order[i], order[i + 1]) = (order[i + 1], order[i]);
                }
            }
        }

        return order;
    }

    private int Backwards(int hand, int[] order)
    {
        var work = order.Sum(k => minutesOf(k, hand));
        if (problem.PauseMinutes == 0 || work <= problem.PauseAfterMinutes)
        {
            return Backwards(hand, order, 0);
        }

        var (most, before, best) = (Math.Max(problem.PauseAfterMinutes, order.Max(k => minutesOf(k, hand))), 0, int.MaxValue);
        for (var rest = 0; rest <= order.Length && before <= most; rest++)
        {
            best = Math.Min(best, Backwards(hand, order, rest) + tooLongMinutes * Math.Max(0, work - before - most));
            before += rest < order.Length ? minutesOf(order[rest], hand) : 0;
        }

        return best;
    }

    /// <summary>Minutes from sitting down to the bell, over all, with a rest after so many faces; 0 for none that anybody waits for.</summary>
    private int Backwards(int hand, int[] order, int rest)
    {
        var (free, sum) = (problem.BellMinute, 0);
        for (var n = order.Length - 1; n >= 0; n--)
        {
            var (k, minutes) = (order[n], minutesOf(order[n], hand));
            free -= n == rest - 1 ? problem.PauseMinutes : 0;
            var start = Math.Min(free, problem.BellMinute - problem.Tasks[k].AfterMinutes) - minutes;
            // Around what she has to do elsewhere.
            foreach (var (from, until) in problem.Hands[hand].Busy.OrderByDescending(b => b.From))
            {
                start = start < until && from < start + minutes + problem.BetweenMinutes ? from - minutes - problem.BetweenMinutes : start;
            }

            var early = Math.Max(0, Math.Max(problem.Tasks[k].FromMinute, Math.Max(problem.OpenMinute, problem.Hands[hand].FromMinute)) - start);
            sum += problem.BellMinute - start + Impossible * early + (problem.Tasks[k].Wished is >= 0 and var wished && wished != hand && problem.Tasks[k].Able.Contains(wished) ? wishMinutes : 0);
            free = start - problem.BetweenMinutes;
        }

        return sum;
    }
}
