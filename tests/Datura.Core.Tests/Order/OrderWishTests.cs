using Datura.Core.Order;

namespace Datura.Core.Tests.Order;

/// <summary>Schools, pins, ties, kept orders and switched-off rules.</summary>
public class OrderWishTests
{
    private static readonly string[] Names = ["base/x", "dark/x", "light/x", "line/x", "shine/x"];

    private static IReadOnlyList<CoatJob> Few() =>
    [
        OrderJobs.Of("base", Stage.Base, 60, 50, 0, tool: Tool.Sponge), OrderJobs.Of("dark", Stage.BodyColour, 30, 40, 0, 20, parts: 2),
            OrderJobs.Of("light", Stage.BodyColour, 30, 40, 0, 80, parts: 3) with { PartIndex = 1 },
        OrderJobs.Of("line", Stage.Line, 40, 30, 0, 10, parts: 4), OrderJobs.Of("shine", Stage.Highlight, 15, 20, 0, 95, parts: 5),
    ];

    private static string[] Order(OrderWish wish, IReadOnlyList<CoatJob>? jobs = null) => [.. ListScheduler.Order(StepNetwork.Of(jobs ?? Few(), wish)).Select(s => s.Key)];

    [Fact]
    public void TheUsualOrderIsThatOfTheTrade() => Assert.Equal(["base/x", "light/x", "dark/x", "line/x", "shine/x"], Order(OrderWish.Usual));

    [Fact]
    public void LightBeforeDarkCanBeSwitchedOff() =>
        Assert.Equal(["base/x", "dark/x", "light/x", "line/x", "shine/x"], Order(new(Without: [OrderRules.LightBeforeDark.Id])));

    [Fact]
    public void ARuleThatIsNotSwitchableStays() => Assert.Equal(Order(OrderWish.Usual), Order(new(Without: [OrderRules.BaseUnder.Id, OrderRules.LinesLast.Id])));

    // Lines along the way follow their own part's colours and need not wait for other parts.
    [Fact]
    public void LinesAlongTheWayStayWithTheirPart()
    {
        PlannedLook Planned(OrderWish order) =>
            Planner.Plan(DemoWorld.Look("kelp-bride") with { Order = order, Stages = null }, DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, DemoWorld.Parade);
        var (planned, usual) = (Planned(new(LineSchool.AlongTheWay)), Planned(OrderWish.Usual));
        Assert.All(planned.Steps.Where(s => s.Stage == Stage.Line), s => Assert.Single(s.Jobs.Select(j => j.PartId).Distinct()));
        Assert.True(planned.Steps.Count(s => s.Stage == Stage.Line) > usual.Steps.Count(s => s.Stage == Stage.Line));
        foreach (var (colour, line) in from c in planned.InOrder.Select((j, k) => (j, k))
                                       from l in planned.InOrder.Select((j, k) => (j, k))
                                       where c.j.PartId == l.j.PartId
            && c.j.Role.Stage == Stage.BodyColour && l.j.Role.Stage == Stage.Line
                                       select (c.k, l.k))
        {
            Assert.True(colour < line);
        }
    }

    // Sockets before the white or after it: both schools (common practice).
    [Theory]
    [InlineData(SocketSchool.AfterBase, false)]
    [InlineData(SocketSchool.BeforeBase, true)]
    public void SocketsGoByTheSchool(SocketSchool school, bool before)
    {
        var socket = DemoWorld.Part("socket") with { Reserved = true };
        var look = DemoWorld.LookOf(DemoWorld.Part("skinBase"), socket) with { Order = new(Sockets: school) };
        var steps = Planner.Plan(look, DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, DemoWorld.Parade).Steps.ToList();
        Assert.Equal(before, steps.FindIndex(s => s.Jobs.Any(j => j.PartId.StartsWith("socket", StringComparison.Ordinal))) < steps.FindIndex(s => s.Stage == Stage.Base));
    }

    [Fact]
    public void AKeptOrderIsKept()
    {
        // Each coat a step of its own.
        var jobs = OrderJobs.Random(5, 12).Select((j, k) => j with { Mix = new([new(OrderJobs.Paint, 10 + k)]) }).ToArray();
        var usual = Order(OrderWish.Usual, jobs);
        Assert.Equal(usual, Order(new(Sequence: usual), jobs));
        var network = StepNetwork.Of(jobs, new(Sequence: [.. usual.Reverse()]));
        Assert.Equal(usual.Reverse(), ListScheduler.Best(network).Order.Select(g => network.Groups[g].Key));
        Assert.True(ShortestOrderTests.Sound(network, ListScheduler.Best(network)));
        Assert.Empty(network.GivenWay);
    }

    // A coat that is new, or one that nobody named, goes where its school puts it; nonsense names nothing.
    [Fact]
    public void WhatAKeptOrderDoesNotNameFindsItsPlace()
    {
        string[] kept = ["dark/x", "no such coat", "base/x", "dark/x"];
        var order = Order(new(Sequence: kept)).ToList();
        Assert.Equal(Names.Order(), order.Order());
        Assert.True(order.IndexOf("dark/x") < order.IndexOf("base/x"));
        Assert.True(order.IndexOf("line/x") > order.IndexOf("light/x") && order.IndexOf("shine/x") > order.IndexOf("line/x"));
    }

    // A small edit does not shuffle the rest: what is on screen stays, and the new step finds its place in it, unless that is clearly longer.
    [Theory]
    [InlineData(2)]
    [InlineData(5)]
    [InlineData(8)]
    [InlineData(11)]
    public void ASmallEditKeepsTheOrderOnScreen(int seed)
    {
        var jobs = OrderJobs.Random(seed, 12);
        var shown = Order(OrderWish.Usual, jobs);
        var network = StepNetwork.Of(jobs.Append(OrderJobs.Of("new", Stage.BodyColour, 12, 20, 7, parts: 9)).ToArray());
        var next = ListScheduler.Best(network, shown);
        var kept = Schedule.Of(network, ListScheduler.Kept(network, shown));
        Assert.Equal(shown, kept.Order.Select(g => network.Groups[g].Key).Where(k => k != "new/x"));
        Assert.True(next.Order.SequenceEqual(kept.Order) || next.TotalSeconds < kept.TotalSeconds - 12);
    }

    [Fact]
    public void AnOrderOnScreenIsLeftForAClearlyShorterOne()
    {
        var jobs = new[] { OrderJobs.Of("base", Stage.Base, 60, 300, 0, tool: Tool.Sponge), OrderJobs.Of("on", Stage.BodyColour, 20, 40, 0, parts: 2),
            OrderJobs.Of("far", Stage.BodyColour, 200, 40, 3, parts: 3) };
        Assert.Equal(["base/x", "far/x", "on/x"], ListScheduler.Order(StepNetwork.Of(jobs), ["base/x", "on/x", "far/x"]).Select(s => s.Key));
    }

    [Fact]
    public void APinnedStepKeepsItsPlaceInFirstAnswerAndSearch()
    {
        var jobs = Enumerable.Range(0, 6).Select(k => OrderJobs.Of($"c{k}", Stage.BodyColour, 10 + 7 * k, 30, k, parts: 1 + k)).ToArray();
        var wish = new OrderWish(Pins: [new("c5/x", 1), new("c0/x", 4)]);
        var network = StepNetwork.Of(jobs, wish);
        foreach (var order in new[] { ListScheduler.Best(network).Order, ShortestOrder.Of(network, 1).Table.Order })
        {
            Assert.Equal("c5/x", network.Groups[order[0]].Key);
            Assert.Equal("c0/x", network.Groups[order[3]].Key);
        }
    }

    [Fact]
    public void TiedStepsFollowEachOther()
    {
        var jobs = Enumerable.Range(0, 6).Select(k => OrderJobs.Of($"c{k}", Stage.BodyColour, 10 + 7 * k, 30, k, parts: 1 + k)).ToArray();
        var network = StepNetwork.Of(jobs, new(Ties: [new("c4/x", "c1/x"), new("c1/x", "c3/x")]));
        foreach (var order in new[] { ListScheduler.Best(network).Order, ShortestOrder.Of(network, 1).Table.Order })
        {
            var at = Array.FindIndex(order, g => network.Groups[g].Key == "c4/x");
            Assert.Equal(["c4/x", "c1/x", "c3/x"], order.Skip(at).Take(3).Select(g => network.Groups[g].Key));
        }
    }

    [Fact]
    public void APinOrATieThatBreaksARuleIsRefusedByName()
    {
        string Said(OrderWish wish) => Assert.Throws<PlanException>(() => StepNetwork.Of(Few(), wish)).Problems[0].Sentence;
        Assert.Equal("Line, x cannot be step 1: light, x must come before it, because of the rule: lines last, all in one go. Pin it later, or take the pin out.", Said(new(Pins: [new("line/x", 1)])));
        Assert.Contains("must come after it", Said(new(Pins: [new("base/x", 5)])));
        Assert.Contains("it must come before it", Said(new(Ties: [new("line/x", "base/x")])));
        Assert.Contains("must come between them", Said(new(Ties: [new("base/x", "line/x")])));
    }

    [Fact]
    public void TiesInACircleAreNamed()
    {
        var problem = Assert.Single(PlanCheck.OfLook(new("x", "", Mapping.Freehand, [], Order: new(Ties: [new("a/x", "b/x"), new("b/x", "c/x"), new("c/x", "a/x")]))));
        Assert.Contains("a/x → b/x → c/x → a/x", problem.Sentence);
        Assert.NotEmpty(PlanCheck.OfLook(new("x", "", Mapping.Freehand, [], Order: new(Pins: [new("a/x", 0)]))));
        Assert.NotEmpty(PlanCheck.OfLook(new("x", "", Mapping.Freehand, [], Order: new(Pins: [new("a/x", 2), new("b/x", 2)]))));
    }

    // A reason that holds between two steps names the other, and says rightly which comes first.
    [Fact]
    public void AReasonBetweenTwoStepsNamesTheOtherOnTheRightSide()
    {
        var told = 0;
        foreach (var look in new[] { "wreck-diver", "kelp-bride", "barnacle-saint", "drowned-lamp-keeper" })
        {
            var steps = DemoWorld.Plan(look).Steps;
            for (var n = 0; n < steps.Count; n++)
            {
                foreach (var why in steps[n].Why.Where(w => w.Code is ReasonCode.Before or ReasonCode.After))
                {
                    Assert.False(string.IsNullOrEmpty(why.Other), $"{look}, step {n + 1}: {why.Rule.Id}");
                    told += why.Code == ReasonCode.Before ? 1 : 0;
                }
            }
        }

        Assert.True(told > 3);
    }

    // Every step can say why it stands where it does.
    [Fact]
    public void EveryStepSaysWhy()
    {
        var plan = DemoWorld.Plan("wreck-diver").Plan;
        Assert.All(plan.Steps.Skip(1), s => Assert.NotEmpty(s.Why));
        Assert.Contains(plan.Steps, s => s.Why.Any(w => w.Words.StartsWith("After ", StringComparison.Ordinal) && w.Strict));
        Assert.All(OrderRules.All, r => Assert.False(string.IsNullOrWhiteSpace(r.Source)));
        Assert.Equal(OrderRules.All.Count, OrderRules.All.Select(r => r.Id).Distinct().Count());
    }

    [Fact]
    public void AWetBlendFollowsWhatItGoesInto()
    {
        foreach (var look in new[] { "kelp-bride", "wreck-diver", "storm-cormorant" })
        {
            var network = DemoWorld.Plan(look).Network!;
            var order = ListScheduler.Best(network).Order;
            for (var a = 0; a < network.Count; a++)
            {
                if (network.FollowsAt[a] >= 0)
                {
                    Assert.Equal(network.FollowsAt[a], order[Array.IndexOf(order, a) + 1]);
                }
            }
        }
    }
}
