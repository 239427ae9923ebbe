using Datura.Core.Order;
using Datura.Core.Shapes;

namespace Datura.Core.Tests.Order;

/// <summary>Bounds and waits, and two painters, ties and pins against every order there is.</summary>
public class OrderLawTests
{
    // A wait that nothing fills is part of the shortest session, once.
    [Fact]
    public void AWaitThatNothingFillsIsProvenAsItIs()
    {
        var network = StepNetwork.Of([OrderJobs.Of("base", Stage.Base, 60, 300, 0, tool: Tool.Sponge), OrderJobs.Of("on", Stage.BodyColour, 20, 10, 0, parts: 2),
            OrderJobs.Of("line", Stage.Line, 30, 10, 0, parts: 3)]);
        var found = ShortestOrder.Of(network, 2);
        Assert.True(found.Proven);
        Assert.Equal(found.Table.TotalSeconds, found.BoundSeconds, 1.0);
    }

    // A coat over two grounds, another on it, and two fillers elsewhere: one for each wait. Begun from the order that lays both fillers
    // into the first wait, the search still finds that; no wait counts for more than it is.
    [Fact]
    public void EachWaitIsFilledByItsOwn()
    {
        var over = OrderJobs.Of("over", Stage.Depth, 20, 110, 0, parts: 2) with
        {
            Footprint = Footprint.Of([new DotMark("x", Side.Middle, new(0, 20), 10),
            new DotMark("x", Side.Middle, new(25, 20), 10)])
        };
        var network = StepNetwork.Of([
            OrderJobs.Of("ground", Stage.Base, 30, 110, 0, tool: Tool.Sponge), OrderJobs.Of("beside", Stage.Base, 30, 110, 1, tool: Tool.Sponge, parts: 6), over,
            OrderJobs.Of("last", Stage.BodyColour, 20, 10, 0, parts: 3), OrderJobs.Of("filler", Stage.Depth, 60, 10, 4, parts: 4), OrderJobs.Of("other", Stage.Depth, 150, 10, 8, parts: 5)]);
        int[] Named(params string[] names) => [.. names.Select(n => network.IndexOf($"{n}/x"))];
        var poor = Schedule.Of(network, Named("ground", "beside", "filler", "other", "over", "last"));
        var shortest = Orders(network.Count).Where(o => PinnedOrder.IsSound(network, o)).Min(o => Schedule.Of(network, o).TotalSeconds);
        Assert.True(poor.TotalSeconds > shortest + 30);
        var found = ShortestOrder.Of(network, 3, poor);
        Assert.Equal(shortest, found.Table.TotalSeconds, 1.0);
        Assert.True(found.BoundSeconds <= shortest + 1);
    }

    // What lies elsewhere need not be dry.
    [Fact]
    public void OnlyCommonGroundIsWaitedFor()
    {
        var network = StepNetwork.Of([OrderJobs.Of("base", Stage.Base, 60, 300, 0, tool: Tool.Sponge), OrderJobs.Of("line", Stage.Line, 30, 10, 4, parts: 3)]);
        var (ground, line) = (network.IndexOf("base/x"), network.IndexOf("line/x"));
        Assert.True(network.Before(ground, line));
        Assert.Equal(0, network.Lag(ground, line));
    }

    // Five steps with a tie and a pin: all 120 orders, those that keep both timed one by one.
    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    [InlineData(4)]
    public void WithTiesAndPinsTheShortestIsThatOfAllOrders(int seed)
    {
        var jobs = OrderJobs.Random(seed + 40, 5).Select((j, k) => j with { Mix = new([new(OrderJobs.Paint, k + 1)]) }).ToArray();
        var free = StepNetwork.Of(jobs);
        var order = ListScheduler.Best(free).Order;
        var wish = new OrderWish(Pins: [new(free.Groups[order[^1]].Key, 5)], Ties: [new(free.Groups[order[1]].Key, free.Groups[order[2]].Key)]);
        var network = StepNetwork.Of(jobs, wish);
        var shortest = Orders(network.Count).Where(o => PinnedOrder.IsSound(network, o)).Min(o => Schedule.Of(network, o).TotalSeconds);
        Assert.Equal(shortest, ShortestOrder.Of(network, 2).Table.TotalSeconds, 1.5);
    }

    // Two painters and four steps: every order, each step given to whoever is free first, can only be longer than what the search finds.
    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void TwoPaintersAreNeverSlowerThanAnyOrderTriedByHand(int seed)
    {
        var network = StepNetwork.Of(OrderJobs.Random(seed + 70, 4), crew: new(2, true));
        var byHand = Orders(network.Count).Where(o => PinnedOrder.IsSound(network, o)).Min(o => Schedule.Of(network, o).TotalSeconds);
        Assert.InRange(ShortestOrder.Of(network, 2).Table.TotalSeconds, 0, byHand + 1.5);
    }

    private static IEnumerable<int[]> Orders(int n) => n == 0 ? [[]] : Orders(n - 1).SelectMany(o => Enumerable.Range(0, n).Select(at => (int[])[.. o[..at], n - 1, .. o[at..]]));
}
