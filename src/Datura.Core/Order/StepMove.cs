namespace Datura.Core.Order;

/// <summary>A step dragged to another place of the order: the new order, or the rule that forbids it.</summary>
public static class StepMove
{
    /// <param name="order">The order now.</param>
    /// <param name="from">Place of the step, from 0.</param>
    /// <param name="to">Place it is wanted at.</param>
    /// <returns>The new order, or null and a sentence.</returns>
    public static (int[]? Order, string? Refusal) Of(StepNetwork network, IReadOnlyList<int> order, int from, int to)
    {
        var moved = order.ToList();
        var step = moved[from];
        moved.RemoveAt(from);
        moved.Insert(to, step);
        var crossed = to > from ? order.Skip(from + 1).Take(to - from) : order.Skip(to).Take(from - to);
        foreach (var other in crossed)
        {
            var (first, then) = to > from ? (step, other) : (other, step);
            if (network.Before(first, then))
            {
                return (null, Forbidden(network, first, then, step));
            }
        }

        for (var k = 0; k < moved.Count; k++)
        {
            var next = network.FollowsAt[moved[k]];
            if (next >= 0 && (k + 1 >= moved.Count || moved[k + 1] != next))
            {
                return (null, $"{StepNetwork.Capital(network.Groups[next].Words)} follows {network.Groups[moved[k]].Words} at once{network.Because(moved[k], next)}. Nothing goes between them.");
            }

            if (network.PinPlace[moved[k]] is > 0 and var pin && pin != k + 1 && moved[k] != step)
            {
                return (null, $"{StepNetwork.Capital(network.Groups[moved[k]].Words)} is pinned to step {pin}. Take its pin out first.");
            }
        }

        return ([.. moved], null);
    }

    private static string Forbidden(StepNetwork network, int first, int then, int step)
    {
        var (words, other) = step == first ? (network.Groups[first].Words, network.Groups[then].Words) : (network.Groups[then].Words, network.Groups[first].Words);
        var way = step == first ? "after" : "before";
        if (network.Rule(first, then) is { } rule)
        {
            return $"{StepNetwork.Capital(words)} cannot go {way} {other}: {rule.Words}." + (rule.Switchable ? " This rule can be switched off." : "");
        }

        var between = Enumerable.Range(0, network.Count).First(x => network.Before(first, x) && network.Before(x, then));
        return $"{StepNetwork.Capital(words)} cannot go {way} {other}: {network.Groups[between].Words} must lie between them.";
    }
}
