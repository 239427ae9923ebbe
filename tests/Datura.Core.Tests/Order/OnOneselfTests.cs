using Datura.Core.Order;

namespace Datura.Core.Tests.Order;

/// <summary>Painting oneself (common practice): slower, one lid at a time, and no further than the own hand reaches.</summary>
public class OnOneselfTests
{
    private static readonly Setting Mirror = DemoWorld.Parade with { OnOneself = true };

    public static TheoryData<int> Seeds => [.. Enumerable.Range(0, 16)];

    private static PlannedLook Planned(Look look, Setting setting) => Planner.Plan(look, DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, setting);

    private static Part Base(params string[] zones) => DemoWorld.Part("skinBase") with { Zones = new Dictionary<string, IReadOnlyList<string>> { ["zones"] = zones } };

    // The same coats in the same colours, in more time.
    [Theory]
    [MemberData(nameof(Seeds))]
    public void EverythingTakesLongerAndLooksTheSame(int seed)
    {
        var look = RandomLooks.Look(seed, DemoWorld.Kit) with { Order = null, Form = null, Mendings = null };
        var (other, own) = (Planned(look, DemoWorld.Parade), Planned(look, Mirror));
        Assert.Equal(other.Jobs.Select(j => j.Key), own.Jobs.Select(j => j.Key));
        Assert.Equal(other.Jobs.Select(j => Srgb.From(other.Colours!.Of(j)).Hex), own.Jobs.Select(j => Srgb.From(own.Colours!.Of(j)).Hex));
        Assert.All(other.Jobs.Zip(own.Jobs), j => Assert.True(j.First.BrushSeconds < j.Second.BrushSeconds, j.First.Key));
    }

    // Who has two hands on one face has one: there is nobody else.
    [Fact]
    public void ThereIsOnePainter() =>
        Assert.All(Planned(RandomLooks.Look(3, DemoWorld.Kit) with { Order = null }, Mirror with { Painters = 2 }).Plan.Steps, s => Assert.Equal(1, s.Painter));

    [Fact]
    public void OneLidIsClosedAtATimeAndTheFirstDries()
    {
        var lids = DemoWorld.LookOf(Base("lid"));
        var (other, own) = (Planned(lids, DemoWorld.Parade), Planned(lids, Mirror));
        var step = Assert.Single(own.Plan.Steps);
        Assert.Contains(step.Poses, p => p.Pose == Pose.OneLidClosed);
        Assert.DoesNotContain(step.Poses, p => p.Pose == Pose.EyesClosed);
        Assert.Contains(step.Words, w => w.Contains("One lid, then the other", StringComparison.Ordinal));
        var drying = own.Jobs.Single().DryingSeconds;
        Assert.True(drying > 5);
        Assert.Equal(own.Jobs.Single().WorkSeconds + drying, step.WorkSeconds, 0.11);
        Assert.Equal([CautionCode.OneLidAtATime], own.Plan.Cautions.Select(c => c.Code).Where(c => c is CautionCode.LidsClosed or CautionCode.OneLidAtATime));
        Assert.Contains(CautionCode.LidsClosed, other.Plan.Cautions.Select(c => c.Code));
        // Of one lid alone nothing has to dry in between.
        var left = Planned(DemoWorld.LookOf(DemoWorld.Part("lidEye") with { Sides = Sides.Left }), Mirror);
        Assert.Contains(left.Plan.Steps, s => s.Poses.Any(p => p.Pose == Pose.OneLidClosed));
        Assert.All(left.Steps, s => Assert.Equal(s.Jobs.Sum(j => j.WorkSeconds), s.WorkSeconds, 0.11));
    }

    [Fact]
    public void WhatTheOwnHandDoesNotReachIsTold()
    {
        CautionCode[] Told(Setting setting, params string[] zones) =>
            [.. Planned(DemoWorld.LookOf(Base(zones)), setting).Plan.Cautions.Select(c => c.Code).Where(c => c is CautionCode.BeyondOwnHand or CautionCode.BySecondMirror).Distinct()];
        Assert.Equal([CautionCode.BySecondMirror], Told(Mirror, "ear"));
        Assert.Empty(Told(Mirror, "forehead", "nose"));
        Assert.Empty(Told(DemoWorld.Parade, "ear"));
        // The nape is at the rim of what is modelled: the rule is asked directly.
        var job = Planned(DemoWorld.LookOf(Base("ear")), Mirror).Jobs[0];
        Assert.Equal([CautionCode.BeyondOwnHand], Caution.OwnHandCautions.For(job with { Zones = [Datura.Domain.Zone.Nape] }).Select(c => c.Code));
    }

    // Work on one cheek asks for one turn, to the other side; on both for both, one after the other.
    [Theory]
    [InlineData(Sides.Left, Pose.TurnRight)]
    [InlineData(Sides.Right, Pose.TurnLeft)]
    [InlineData(Sides.Both, Pose.TurnHead)]
    public void TheHeadIsTurnedAsOftenAsTheWorkNeeds(Sides sides, Pose turn)
    {
        var steps = Planned(DemoWorld.LookOf(DemoWorld.Part("pointedEar") with { Sides = sides }), DemoWorld.Parade).Plan.Steps;
        Assert.Equal([turn], steps.SelectMany(s => s.Poses).Select(p => p.Pose).Where(Poses.IsTurned).Distinct());
    }

    // Two painters beside each other never want the head turned to both sides, or turned and straight.
    [Theory]
    [MemberData(nameof(Seeds))]
    public void TheHeadIsNeverTurnedTwoWaysAtOnce(int seed)
    {
        var steps = Planned(RandomLooks.Look(seed, DemoWorld.Kit) with { Order = null, Form = null }, DemoWorld.Parade with { Painters = 2 }).Steps;
        Assert.All(
            from a in steps from b in steps where a.Painter < b.Painter && a.StartSeconds + a.SetUpSeconds < b.EndSeconds - 0.01 && b.StartSeconds + b.SetUpSeconds < a.EndSeconds - 0.01 select (a, b),
            pair => Assert.Equal(pair.a.Poses.Where(Poses.IsTurned), pair.b.Poses.Where(Poses.IsTurned)));
    }
}
