using Datura.Core.Order;
using Datura.Core.Shapes;

namespace Datura.Core.Tests.Order;

/// <summary>An order that a painter would not smile at.</summary>
public class SoftRuleTests
{
    // A dark patch is not sponged over light feathers that are drawn: broad work first, whatever is lighter (common practice).
    [Fact]
    public void ASpongedPatchGoesUnderDrawnFeathersThoughItIsDarker()
    {
        var patch = OrderJobs.Of("patch", Stage.BodyColour, 30, 40, 0, lightness: 10, tool: Tool.HalfRoundSponge);
        var feathers = OrderJobs.Of("feathers", Stage.BodyColour, 60, 40, 0, lightness: 80, parts: 2);
        string[] Order(OrderWish wish) => [.. ListScheduler.Order(StepNetwork.Of([feathers, patch], wish)).Select(s => s.Key)];
        Assert.Equal(["patch/x", "feathers/x"], Order(OrderWish.Usual));
        Assert.Equal(["feathers/x", "patch/x"], Order(new(Without: [OrderRules.BroadBeforeFine.Id])));
    }

    // In one place, but not on common ground: the sponge first, unless that costs more than it is worth.
    [Fact]
    public void InOnePlaceTheSpongeComesFirstUnlessThatCostsMuch()
    {
        var detail = OrderJobs.Of("detail", Stage.BodyColour, 20, 10, 0, lightness: 80, parts: 2, priority: Priority.Must);
        string[] Order(double dries) => [.. ListScheduler.Order(StepNetwork.Of(
        [
            OrderJobs.Of("ground", Stage.Base, 20, dries, 1, tool: Tool.Sponge), OrderJobs.Of("sponge", Stage.Depth, 20, 10, 1, lightness: 30, tool: Tool.HalfRoundSponge, parts: 3), detail,
        ])).Select(s => s.Key)];
        Assert.Equal("detail/x", Order(5)[^1]);
        Assert.Equal("sponge/x", Order(300)[^1]);
        var why = ListScheduler.Order(StepNetwork.Of([detail, OrderJobs.Of("sponge", Stage.BodyColour, 20, 10, 1, lightness: 30, tool: Tool.HalfRoundSponge, parts: 3)]));
        Assert.Contains(why[0].Why, w => w.Rule == OrderRules.SpongeFirst && w.Other == "detail, x");
    }

    // A sponge goes round a horn, not round a drop (common practice).
    [Fact]
    public void SmallSparedShapesGoOnTheBase()
    {
        Assert.True(Precedence.BeforeBase(true, 80, 400, OrderWish.Usual));
        Assert.False(Precedence.BeforeBase(true, 80, 40, OrderWish.Usual));
    }

    // The head is turned for what lies at its side, not for what reaches there (common practice).
    [Fact]
    public void TheHeadIsTurnedOnlyForWhatLiesAtItsSide()
    {
        Assert.DoesNotContain(Pose.TurnHead, Poses.For([Zone.Forehead, Zone.Temple, Zone.Cheekbone]));
        Assert.Contains(Pose.TurnHead, Poses.For([Zone.Temple]));
        Assert.Contains(Pose.TurnHead, Poses.For([Zone.Cheekbone, Zone.Ear]));
        Assert.All(new[] { "storm-cormorant", "kelp-bride", "barnacle-saint", "quay-seal" }, look => Assert.InRange(DemoWorld.Plan(look).Steps.Count(s => s.Poses.Contains(Pose.TurnHead)), 0, 5));
    }

    // Of rules that go round in a circle the weakest gives way and is told: a spared horn over a shade over the base.
    [Fact]
    public void ARuleThatGivesWayIsTold()
    {
        CoatJob[] jobs =
        [
            OrderJobs.Of("base", Stage.Base, 20, 10, 0, tool: Tool.Sponge), OrderJobs.Of("shade", Stage.Depth, 20, 10, 0, parts: 2),
            OrderJobs.Of("horn", Stage.BodyColour, 20, 10, 0, lightness: 80, parts: 3) with { Reserved = true, Marks = [], Footprint = Footprint.Of([new DotMark("x", Side.Middle, new(0, 20), 30)]) },
        ];
        var steps = ListScheduler.Order(StepNetwork.Of(jobs));
        Assert.Equal(["base/x", "shade/x", "horn/x"], steps.Select(s => s.Key));
        var told = Assert.Single(steps[^1].Why, w => w.GivesWayTo is not null);
        Assert.Equal((OrderRules.ReserveFirst, OrderRules.BaseUnder), (told.Rule, told.GivesWayTo));
    }

    [Fact]
    public void PinsThatCannotBeKeptTogetherAreRefusedByName()
    {
        var jobs = Enumerable.Range(0, 5).Select(k => OrderJobs.Of($"c{k}", Stage.BodyColour, 10, 30, k, parts: 1 + k)).ToArray();
        // c0 and c1 tied need two places in a row; the pins leave single ones.
        var problem = Assert.Throws<PlanException>(() => StepNetwork.Of(jobs, new(Pins: [new("c2/x", 2), new("c3/x", 4)], Ties: [new("c0/x", "c1/x")]))).Problems[0];
        Assert.Contains("no order keeps all these pins", problem.Sentence, StringComparison.Ordinal);
        Assert.Contains("the plan has 5 steps", Assert.Throws<PlanException>(() => StepNetwork.Of(jobs, new(Pins: [new("c2/x", 9)]))).Problems[0].Sentence, StringComparison.Ordinal);
    }
}
