using CsCheck;
using Datura.Core.Order;

namespace Datura.Core.Tests.Order;

/// <summary>A bound is only worth something when nothing goes below it: against every order, and against any drawn one.</summary>
public class SessionBoundTests
{
    // All orders of six made-up steps that keep the rules.
    [Fact]
    public void NoOrderOfFewStepsIsShorter() => Gen.Int[1, 100_000].Sample(seed =>
    {
        var network = StepNetwork.Of(OrderJobs.Random(seed, 6));
        var bound = SessionBound.Of(network);
        foreach (var order in Orders(network, []))
        {
            var table = Schedule.Of(network, order);
            Assert.True(bound.Seconds <= table.TotalSeconds + 1e-6, $"{seed}");
            Assert.All(Enumerable.Range(0, network.Count), g => Assert.True(bound.FirstStrokeSeconds(g) <= table.StartSeconds[g] + 1e-6, $"{seed}"));
        }
    }, iter: 60);

    // Drawn orders of many steps, and the best that is found at once.
    [Fact]
    public void NoOrderOfManyStepsIsShorter() => Gen.Select(Gen.Int[1, 100_000], Gen.Int[10, 60]).Sample((seed, count) =>
    {
        var network = StepNetwork.Of(OrderJobs.Random(seed, count));
        var (bound, random) = (SessionBound.Of(network), new Random(seed));
        Assert.True(bound.Seconds <= ListScheduler.Best(network).TotalSeconds + 1e-6, $"{seed}");
        for (var draw = 0; draw < 10; draw++)
        {
            var order = new List<int>();
            while (order.Count < network.Count)
            {
                var free = Enumerable.Range(0, network.Count).Where(g => !order.Contains(g) && Enumerable.Range(0, network.Count).All(a => order.Contains(a) || !network.Before(a, g))).ToArray();
                order.Add(free[random.Next(free.Length)]);
            }

            Assert.True(bound.Seconds <= Schedule.Of(network, order).TotalSeconds + 1e-6, $"{seed}");
        }
    }, iter: 40);

    // It is never worse than the work with the least change to each step.
    [Fact]
    public void ItIsAtLeastTheWork() => Gen.Select(Gen.Int[1, 100_000], Gen.Int[2, 40]).Sample((seed, count) =>
    {
        var network = StepNetwork.Of(OrderJobs.Random(seed, count));
        Assert.True(SessionBound.Of(network).Seconds >= network.Groups.Sum(g => g.WorkSeconds));
    }, iter: 60);

    // A chain of three coats over each other, worked by hand: each change takes 5 + 5 s, the first with the pose 14; 20 s of work each and 60 s of
    // drying under the next, of which the change takes its part: 14 + 20 + 60 + 20 + 60 + 20 = 194 s.
    [Fact]
    public void AChainIsAsLongAsItsWaits()
    {
        var network = StepNetwork.Of([
            OrderJobs.Of("base", Stage.Base, 20, 60, 0, tool: Tool.Sponge), OrderJobs.Of("shade", Stage.Depth, 20, 60, 0, parts: 2), OrderJobs.Of("line", Stage.Line, 20, 5, 0, parts: 3)]);
        Assert.Equal(194, SessionBound.Of(network).Seconds, 0.01);
        Assert.Equal(194, ListScheduler.Best(network).TotalSeconds, 0.01);
    }

    private static IEnumerable<int[]> Orders(StepNetwork network, List<int> begun)
    {
        if (begun.Count == network.Count)
        {
            yield return [.. begun];
            yield break;
        }

        for (var g = 0; g < network.Count; g++)
        {
            if (begun.Contains(g) || Enumerable.Range(0, network.Count).Any(a => network.Before(a, g) && !begun.Contains(a)))
            {
                continue;
            }

            foreach (var whole in Orders(network, [.. begun, g]))
            {
                yield return whole;
            }
        }
    }
}
