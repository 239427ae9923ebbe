namespace Datura.Core.Order;

/// <summary>
/// A good order at once. Greedy first: among the steps that may come next, the one that can start soonest, so that hands stay busy
/// while paint dries; ties go to the earlier stage, the lighter paint, the tool in hand. Then single steps are moved to better places
/// as long as that shortens the session.
/// </summary>
public static class ListScheduler
{
    // Trials of the improving search; keeps the first answer under 50 ms for the largest looks (measured).
    private const int MostTrials = 4000;
    private const int MostPairs = 5_000_000;

    // An order on screen is only left for one that is clearly shorter, so that a small edit does not shuffle everything.
    private const double WorthSeconds = 12;
    private const double WorthShare = 0.02;

    /// <summary>Order of work of measured coats, one painter, usual schools.</summary>
    public static IReadOnlyList<Step> Order(IReadOnlyList<CoatJob> jobs) => Order(StepNetwork.Of(jobs));

    /// <param name="onScreen">Coats in the order that is on screen now; kept unless another is clearly shorter.</param>
    public static IReadOnlyList<Step> Order(StepNetwork network, IReadOnlyList<string>? onScreen = null) => Steps.Of(network, Best(network, onScreen));

    /// <summary>The order of groups that the planner takes.</summary>
    public static Schedule Best(StepNetwork network, IReadOnlyList<string>? onScreen = null)
    {
        if (network.Wish.Sequence is { Count: > 0 } kept)
        {
            return Schedule.Of(network, Kept(network, kept));
        }

        var first = First(network);
        if (onScreen is { Count: > 0 })
        {
            var old = Schedule.Of(network, Kept(network, onScreen));
            return old.TotalSeconds - first.TotalSeconds > Math.Max(WorthSeconds, WorthShare * old.TotalSeconds) ? first : old;
        }

        return first;
    }

    /// <summary>The greedy order, improved step by step.</summary>
    internal static Schedule First(StepNetwork network) => Improved(network, Schedule.Of(network, Sound(network, Greedy(network))));

    // Pins that a step-by-step choice missed are set right.
    private static int[] Sound(StepNetwork network, int[] order) =>
        network.PinPlace.All(p => p == 0) ? order : PinnedOrder.Nearest(network, order) ?? throw new InvalidOperationException("The network's pins were checked when it was made.");

    /// <summary>Stages in list order by one painter, waiting for every coat to dry: what is done without a plan.</summary>
    public static double NaiveSeconds(StepNetwork network)
    {
        var order = Topological(network, g => (double)network.Groups[g].Stage * 1000 + network.Groups[g].FirstPart);
        return order.Select((g, k) => network.SetUp(k == 0 ? -1 : order[k - 1], g) + network.Groups[g].WorkSeconds + (k < order.Length - 1 ? network.Groups[g].DryingSeconds : 0)).Sum();
    }

    internal static int[] Greedy(StepNetwork network)
    {
        var n = network.Count;
        var (order, taken, end) = (new List<int>(n), new bool[n], new double[n]);
        var now = 0.0;
        while (order.Count < n)
        {
            var last = order.Count > 0 ? order[^1] : -1;
            var (best, bestKey) = (-1, default((double, int, double, double, int)));
            foreach (var g in Available(network, taken, last, order.Count))
            {
                var ready = 0.0;
                foreach (var a in order)
                {
                    ready = network.Lag(a, g) > 0 ? Math.Max(ready, end[a] + network.Lag(a, g)) : ready;
                }

                var (setUp, group) = (network.SetUp(last, g), network.Groups[g]);
                var key = (Math.Max(ready, now), (int)group.Stage, -Math.Round(group.Lightness), setUp, group.FirstPart);
                if (best < 0 || key.CompareTo(bestKey) < 0)
                {
                    (best, bestKey) = (g, key);
                }
            }

            now = Math.Max(bestKey.Item1, now + network.SetUp(last, best)) + network.Groups[best].WorkSeconds;
            (taken[best], end[best]) = (true, now);
            order.Add(best);
        }

        return [.. order];
    }

    /// <summary>An order of coats as the painter wants it, mended where rules ask for it; what is new finds its place.</summary>
    internal static int[] Kept(StepNetwork network, IReadOnlyList<string> coats)
    {
        var places = coats.Select((c, k) => (c, k)).DistinctBy(c => c.c).ToDictionary(c => c.c, c => (double)c.k);
        var place = network.Groups.Select(g => g.Jobs.Select(j => places.GetValueOrDefault(j.Key, double.NaN)).Where(v => !double.IsNaN(v)).DefaultIfEmpty(double.NaN).Min()).ToArray();
        foreach (var g in Greedy(network))
        {
            if (double.IsNaN(place[g]))
            {
                // Right after the last of what must come before it, or of its stage.
                place[g] = Enumerable.Range(0, network.Count).Where(a => !double.IsNaN(place[a]) && (network.Before(a, g) || network.Groups[a].Stage <= network.Groups[g].Stage))
                    .Select(a => place[a]).DefaultIfEmpty(-1).Max() + 0.01;
            }
        }

        return Sound(network, Topological(network, g => place[g]));
    }

    /// <summary>Moves single steps as long as that helps.</summary>
    internal static Schedule Improved(StepNetwork network, Schedule table)
    {
        var most = Math.Min(MostTrials, MostPairs / Math.Max(1, network.Count * network.Count));
        var (best, trials, better) = (table, 0, true);
        while (better && trials < most)
        {
            better = false;
            for (var from = 0; from < best.Order.Length && trials < most; from++)
            {
                for (var to = 0; to < best.Order.Length && trials < most; to++)
                {
                    if (from == to || Moved(network, best.Order, from, to) is not { } order)
                    {
                        continue;
                    }

                    trials++;
                    var tried = Schedule.Of(network, order);
                    if (tried.Cost < best.Cost - 1e-6)
                    {
                        (best, better) = (tried, true);
                    }
                }
            }
        }

        return best;
    }

    /// <summary>The order with one step elsewhere, or null when a rule, a tie or a pin forbids it.</summary>
    internal static int[]? Moved(StepNetwork network, int[] order, int from, int to)
    {
        var g = order[from];
        var (low, high) = (Math.Min(from, to), Math.Max(from, to));
        for (var k = low; k <= high; k++)
        {
            var o = order[k];
            if (o != g && (to > from ? network.Before(g, o) : network.Before(o, g)))
            {
                return null;
            }
        }

        var moved = order.ToList();
        moved.RemoveAt(from);
        moved.Insert(to, g);
        for (var k = 0; k < moved.Count; k++)
        {
            var next = network.FollowsAt[moved[k]];
            if ((next >= 0 && (k + 1 >= moved.Count || moved[k + 1] != next)) || (network.PinPlace[moved[k]] is > 0 and var pin && pin != k + 1 && network.PinPlace[order[k]] != 0))
            {
                return null;
            }

            if (network.PinPlace[order[k]] == k + 1 && moved[k] != order[k])
            {
                return null;
            }
        }

        return [.. moved];
    }

    // Groups that may come next: what is tied to the last one, what is pinned here, or all whose turn it can be.
    private static IEnumerable<int> Available(StepNetwork network, bool[] taken, int last, int done)
    {
        if (last >= 0 && network.FollowsAt[last] is >= 0 and var tied && !taken[tied])
        {
            return [tied];
        }

        var n = network.Count;
        var free = Enumerable.Range(0, n).Where(b => !taken[b] && !Enumerable.Range(0, n).Any(a => !taken[a] && network.Before(a, b))).ToArray();
        if (free.FirstOrDefault(b => network.PinPlace[b] > 0 && network.PinPlace[b] <= done + 1, -1) is >= 0 and var pinned)
        {
            return [pinned];
        }

        // A pinned step waits for its place.
        var open = free.Where(b => network.PinPlace[b] == 0).ToArray();
        // Pins that are near call for what must come before them.
        var urgent = Enumerable.Range(0, n).Where(p => !taken[p] && network.PinPlace[p] > 0).OrderBy(p => network.PinPlace[p])
            .Select(p => (Pin: p, Missing: Enumerable.Range(0, n).Count(a => !taken[a] && network.Before(a, p)))).Where(p => p.Missing > 0 && done + p.Missing >= network.PinPlace[p.Pin] - 1)
                .Select(p => p.Pin).FirstOrDefault(-1);
        var needed = urgent < 0 ? open : [.. open.Where(b => network.Before(b, urgent))];
        return needed.Length > 0 ? needed : open.Length > 0 ? open : free;
    }

    private static int[] Topological(StepNetwork network, Func<int, double> place)
    {
        var (order, taken) = (new List<int>(network.Count), new bool[network.Count]);
        while (order.Count < network.Count)
        {
            var next = Available(network, taken, order.Count > 0 ? order[^1] : -1, order.Count).MinBy(g => (place(g), g));
            taken[next] = true;
            order.Add(next);
        }

        return [.. order];
    }
}
