namespace Datura.Core.Order;

/// <summary>
/// A length that no order of one painter's steps goes below, found at once: work, the least changes of hands, and waits that nothing can fill.
/// The heads and tails of the one-machine problem with delays, each by preemption (Carlier and Pinson 1989, from memory); changes of
/// hands are shared out between the step before and the step after (the dual of the assignment problem, by coordinate ascent). The constraint
/// solver's own bound is weaker from about eighty steps on (measured).
/// </summary>
public sealed class SessionBound
{
    private const int Rounds = 30;
    private const double Nothing = 1e-9;

    private readonly StepNetwork network;
    private readonly bool[,] mayFollow;

    // Every change from a to b takes at least leaving[a] + reaching[b].
    private readonly double[] reaching;
    private readonly double[] leaving;
    private readonly double[] heads;

    private SessionBound(StepNetwork network)
    {
        this.network = network;
        var n = network.Count;
        mayFollow = new bool[n + 1, n];
        for (var b = 0; b < n; b++)
        {
            mayFollow[n, b] = true;
            for (var a = 0; a < n; a++)
            {
                mayFollow[a, b] = a != b && !network.Before(b, a) && !ShortestOrder.Between(network, a, b);
            }
        }

        reaching = [.. Enumerable.Range(0, n).Select(b => Enumerable.Range(0, n + 1).Where(a => mayFollow[a, b]).Min(a => SetUp(a, b)))];
        leaving = [.. Enumerable.Range(0, n).Select(LeastLeaving)];
        ShareOut();
        heads = new double[n];
        Seconds = Bound();
    }

    /// <summary>No order is shorter.</summary>
    public double Seconds { get; }

    /// <summary>When a step's first stroke can begin at the earliest, whatever the order.</summary>
    public double FirstStrokeSeconds(int step) => heads[step] + reaching[step];

    public static SessionBound Of(StepNetwork network) => new(network);

    private double SetUp(int a, int b) => network.SetUp(a == network.Count ? -1 : a, b);

    private double LeastLeaving(int a) => Enumerable.Range(0, network.Count).Where(b => mayFollow[a, b]).Select(b => SetUp(a, b) - reaching[b]).DefaultIfEmpty(0).Min();

    // Where only one step leads to another at the least cost, what it gives up can be more than it loses.
    private void ShareOut()
    {
        var n = network.Count;
        for (var (round, changed) = (0, true); changed && round < Rounds; round++)
        {
            changed = false;
            for (var b = 0; b < n; b++)
            {
                var (tight, least, next) = (-1, double.PositiveInfinity, double.PositiveInfinity);
                for (var a = 0; a <= n; a++)
                {
                    if (mayFollow[a, b] && SetUp(a, b) - reaching[b] - (a < n ? leaving[a] : 0) is var slack && slack < next)
                    {
                        (tight, least, next) = slack < least ? (a, slack, least) : (tight, least, slack);
                    }
                }

                if (tight < 0 || tight == n || least > Nothing || next <= Nothing || leaving[tight] <= Nothing)
                {
                    continue;
                }

                var moved = Math.Min(next, leaving[tight]);
                (reaching[b], leaving[tight], changed) = (reaching[b] + moved, leaving[tight] - moved, true);
                for (var a = 0; a < n; a++)
                {
                    leaving[a] = Math.Max(leaving[a], Math.Max(0, LeastLeaving(a)));
                }
            }
        }
    }

    private double Bound()
    {
        var n = network.Count;
        var hands = Enumerable.Range(0, n).Select(b => reaching[b] + network.Groups[b].WorkSeconds + leaving[b]).ToArray();
        var order = Enumerable.Range(0, n).OrderBy(b => Enumerable.Range(0, n).Count(a => network.Before(a, b))).ToArray();
        var tails = new double[n];
        foreach (var b in order)
        {
            // The change to it goes on while the paint beneath dries.
            heads[b] = Ends([.. order.Where(a => network.Before(a, b))], heads, hands, a => Math.Max(0, network.Lag(a, b) - leaving[a] - reaching[b]));
        }

        foreach (var b in order.Reverse())
        {
            tails[b] = Ends([.. order.Where(c => network.Before(b, c))], tails, hands, c => Math.Max(0, network.Lag(b, c) - reaching[c] - leaving[b]));
        }

        // The last step is left for nothing.
        return n == 0 ? 0 : Ends(order, heads, hands, b => tails[b]) - leaving.Max();
    }

    // When all of some steps are over at the earliest, if each could be broken off and taken up again: always the one with the longest tail.
    private static double Ends(int[] steps, double[] heads, double[] hands, Func<int, double> tail)
    {
        var left = steps.ToDictionary(s => s, s => hands[s]);
        var waiting = steps.OrderBy(s => heads[s]).ToArray();
        var open = new PriorityQueue<int, double>();
        var (now, next, end) = (0.0, 0, 0.0);
        while (next < waiting.Length || open.Count > 0)
        {
            now = open.Count == 0 ? Math.Max(now, heads[waiting[next]]) : now;
            for (; next < waiting.Length && heads[waiting[next]] <= now + Nothing; next++)
            {
                open.Enqueue(waiting[next], -tail(waiting[next]));
            }

            var step = open.Peek();
            var until = next < waiting.Length ? Math.Min(now + left[step], heads[waiting[next]]) : now + left[step];
            left[step] -= until - now;
            now = until;
            if (left[step] <= Nothing)
            {
                open.Dequeue();
                end = Math.Max(end, now + tail(step));
            }
        }

        return end;
    }
}
