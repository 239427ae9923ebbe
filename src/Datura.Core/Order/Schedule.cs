namespace Datura.Core.Order;

/// <summary>When each group of an order starts and ends, and who does it.</summary>
/// <param name="Order">Groups in the order in which they were given out.</param>
/// <param name="StartSeconds">First stroke, by group.</param>
/// <param name="EndSeconds">Last stroke, by group.</param>
/// <param name="Painter">0 or 1, by group.</param>
/// <param name="SetUpSeconds">Change of tool, load and pose before the first stroke, by group.</param>
/// <param name="Cost">Length of the session and a little for what is wished sooner.</param>
public sealed record Schedule(int[] Order, double[] StartSeconds, double[] EndSeconds, int[] Painter, double[] SetUpSeconds, double TotalSeconds, double Cost)
{
    /// <summary>
    /// Each group of an order as soon as it can be: hands free, tool changed, pose taken, what lies beneath dry. Set-up goes on while
    /// paint dries.
    /// </summary>
    public static Schedule Of(StepNetwork network, IReadOnlyList<int> order)
    {
        var n = network.Count;
        var (start, end, painter, setUp) = (new double[n], new double[n], new int[n], new double[n]);
        var painters = network.Crew.Painters;
        Span<double> free = stackalloc double[painters];
        Span<int> last = stackalloc int[painters];
        last.Fill(-1);
        var (total, soft) = (0.0, 0.0);
        for (var k = 0; k < order.Count; k++)
        {
            var g = order[k];
            var ready = 0.0;
            for (var j = 0; j < k; j++)
            {
                soft += network.WishedSeconds(g, order[j]);
                if (network.Before(order[j], g))
                {
                    ready = Math.Max(ready, end[order[j]] + network.Lag(order[j], g));
                }
            }

            var (hand, at) = (0, double.PositiveInfinity);
            for (var p = 0; p < painters; p++)
            {
                var begin = Math.Max(free[p] + network.SetUp(last[p], g), ready);
                begin = painters > 1 ? Beside(network, order, k, g, p, begin, start, end, painter) : begin;
                if (begin < at - 1e-9)
                {
                    (hand, at) = (p, begin);
                }
            }

            (start[g], end[g], painter[g], setUp[g]) = (at, at + network.Groups[g].WorkSeconds, hand, network.SetUp(last[hand], g));
            (free[hand], last[hand]) = (end[g], g);
            total = Math.Max(total, end[g]);
            soft += network.Weights[g] * at;
        }

        return new([.. order], start, end, painter, setUp, total, total + soft);
    }

    // Beside the other painter only where both have room and the pose suits both.
    private static double Beside(StepNetwork network, IReadOnlyList<int> order, int k, int g, int p, double begin, double[] start, double[] end, int[] painter)
    {
        var work = network.Groups[g].WorkSeconds;
        for (var moved = true; moved;)
        {
            moved = false;
            for (var j = 0; j < k; j++)
            {
                var o = order[j];
                if (painter[o] != p && begin < end[o] - 1e-9 && begin + work > start[o] + 1e-9 && !network.Together(o, g))
                {
                    (begin, moved) = (end[o], true);
                }
            }
        }

        return begin;
    }
}
