namespace Datura.Core.Order;

/// <summary>A step dragged to another place of the order: the new order, or the rule that forbids it.</summary>
public static class StepMove
{
    private const string Field = "to";

    /// <param name="order">The order now.</param>
    /// <param name="from">Place of the step, from 0.</param>
    /// <param name="to">Place it is wanted at.</param>
    /// <returns>The new order with what lies on what by it, or null and why not: ties, pins, the map and what is blended wet are not moved apart.</returns>
    public static (int[]? Order, IReadOnlyList<CoatOver> Over, Problem? Refusal) Of(StepNetwork network, IReadOnlyList<int> order, int from, int to)
    {
        var turned = new List<CoatOver>();
        var moved = order.ToList();
        var step = moved[from];
        moved.RemoveAt(from);
        moved.Insert(to, step);
        var crossed = to > from ? order.Skip(from + 1).Take(to - from) : order.Skip(to).Take(from - to);
        foreach (var other in crossed)
        {
            var (first, then) = to > from ? (step, other) : (other, step);
            if (network.Before(first, then) && (Fixed(network.Rule(first, then)) || Blends(network, first, then)))
            {
                return (null, [], Forbidden(network, first, then, step));
            }

            // What she puts later lies over what it touches.
            turned.AddRange(network.Touching(first, then).Select(t => new CoatOver(t.First.Key, t.Then.Key)));
        }

        for (var k = 0; k < moved.Count; k++)
        {
            var next = network.FollowsAt[moved[k]];
            if (next >= 0 && (k + 1 >= moved.Count || moved[k + 1] != next))
            {
                return (null, [], Problem.Of(
                    Field, ProblemCode.FollowsAtOnce, [("then", StepNetwork.Capital(network.Groups[next].Words)), ("first", network.Groups[moved[k]].Words), .. network.RuleNamed(moved[k], next)]));
            }

            if (network.PinPlace[moved[k]] is > 0 and var pin && pin != k + 1 && moved[k] != step)
            {
                return (null, [], Problem.Of(Field, ProblemCode.PinnedAlready, ("step", StepNetwork.Capital(network.Groups[moved[k]].Words)), ("place", pin)));
            }
        }

        return ([.. moved], turned, null);
    }

    private static bool Fixed(OrderRule? rule) => rule == OrderRules.MapFirst || rule == OrderRules.IntoWet || rule == OrderRules.OnDamp || rule == OrderRules.Tied;

    // What goes into wet paint or holds on damp ground stays after its ground.
    private static bool Blends(StepNetwork network, int first, int then) =>
        network.Touching(first, then).Any(t => t.Then.Lay.IntoWet || (t.Then.OnDamp && t.First.StaysDamp));

    private static Problem Forbidden(StepNetwork network, int first, int then, int step)
    {
        var isFirst = step == first;
        var (words, other) = isFirst ? (network.Groups[first].Words, network.Groups[then].Words) : (network.Groups[then].Words, network.Groups[first].Words);
        (string, object)[] names = [("step", StepNetwork.Capital(words)), ("other", other)];
        if (network.Rule(first, then) is { } rule)
        {
            var code = rule.Switchable ? isFirst ? ProblemCode.NotAfterUnlessOff : ProblemCode.NotBeforeUnlessOff : isFirst ? ProblemCode.NotAfter : ProblemCode.NotBefore;
            return Problem.Of(Field, code, [.. names, ("rule", rule.Words)]);
        }

        var between = Enumerable.Range(0, network.Count).First(x => network.Before(first, x) && network.Before(x, then));
        return Problem.Of(Field, isFirst ? ProblemCode.NotAfterAcross : ProblemCode.NotBeforeAcross, [.. names, ("between", network.Groups[between].Words)]);
    }
}
