namespace Datura.Core.Tests.Order;

/// <summary>A look in stages: each is finished before the next begins, and one may stop after it.</summary>
public class StageTests
{
    public static TheoryData<int> Seeds => [.. Enumerable.Range(0, 24)];

    private static PlannedLook Planned(Look look, Setting? setting = null) => Planner.Plan(look, DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, setting ?? DemoWorld.Parade);

    private static Look Random(int seed)
    {
        var look = RandomLooks.Look(seed, DemoWorld.Kit) with { Order = null, Form = null };
        return look with { Stages = RandomLooks.Stages(new Random(seed), look.Parts) };
    }

    private static Look Staged(Look look, params string[][] coats) => look with { Stages = [.. coats.Select((c, k) => new LookStage($"Stage {k + 1}", c))] };

    // Sums of stages equal the whole: whatever it is made of.
    [Theory]
    [MemberData(nameof(Seeds))]
    public void StagesAddUpToTheWhole(int seed)
    {
        var plan = Planned(Random(seed)).Plan;
        if (plan.Stages.Count == 0)
        {
            Assert.Empty(plan.Steps);
            return;
        }

        var slack = 0.1 * (plan.Steps.Count + 1);
        Assert.InRange(plan.Stages.Sum(s => s.Seconds) - plan.TotalSeconds, -slack, slack);
        Assert.InRange(plan.Stages.Sum(s => s.WorkSeconds) - plan.Steps.Sum(s => s.WorkSeconds), -slack, slack);
        Assert.InRange(plan.Stages.Sum(s => s.SetUpSeconds) - plan.Steps.Sum(s => s.SetUpSeconds), -slack, slack);
        Assert.InRange(plan.Stages.Sum(s => s.WaitSeconds) - plan.WaitingSeconds, -slack, slack);
        Assert.Equal(Enumerable.Range(1, plan.Steps.Count), plan.Stages.SelectMany(s => Enumerable.Range(s.FirstStep, s.LastStep - s.FirstStep + 1)));
        Assert.All(plan.Stages, s => Assert.InRange(s.EndSeconds, s.LowSeconds - 0.1, s.HighSeconds + 0.1));
        Assert.Equal(plan.Time.LowSeconds, plan.Stages[^1].LowSeconds, 0.2);
    }

    // Nothing of a later stage goes on before an earlier one is done, with one painter or two; only gel must lie under what it holds.
    [Theory]
    [MemberData(nameof(Seeds))]
    public void AStageIsDoneBeforeTheNextBegins(int seed)
    {
        foreach (var painters in new[] { 1, 2 })
        {
            var planned = Planned(Random(seed), DemoWorld.Parade with { Painters = painters });
            var given = planned.Network!.GivenWay.Where(w => w.Rule == OrderRules.Staged).ToArray();
            Assert.All(given, w => Assert.Equal(OrderRules.GelFirst, w.To));
            if (given.Length > 0)
            {
                continue;
            }

            var steps = planned.Steps;
            Assert.All(from a in steps from b in steps where a.Jobs[0].InStage < b.Jobs[0].InStage select (a, b), pair => Assert.True(pair.a.EndSeconds <= pair.b.StartSeconds + pair.b.SetUpSeconds + 0.01));
        }
    }

    // A stage takes nothing away: the same coats go on, each in one stage.
    [Theory]
    [MemberData(nameof(Seeds))]
    public void EveryCoatIsInOneStage(int seed)
    {
        var look = Random(seed);
        string[] Coats(PlannedLook planned) => [.. planned.InOrder.Select(j => j.Key).Order(StringComparer.Ordinal)];
        var planned = Planned(look);
        Assert.Equal(Coats(Planned(look with { Stages = null })), Coats(planned));
        Assert.All(planned.InOrder, j => Assert.Equal(j.PartIndex < 0 ? 0 : LookStage.Of(look.Stages, j.PartId, j.Role.Id), j.InStage));
    }

    // Both lids and all that goes on them in one closing a stage, where the stack allows it (common practice).
    [Fact]
    public void LidsAreClosedOnceAStage()
    {
        var look = Staged(DemoWorld.LookOf(DemoWorld.Part("socket"), DemoWorld.Part("web"), DemoWorld.Part("lipOutline")), [], ["web-1"]);
        var plan = Planned(look).Plan;
        Assert.Equal(2, plan.Stages.Count);
        foreach (var stage in plan.Stages)
        {
            var closed = plan.Steps.Where(s => s.Number >= stage.FirstStep && s.Number <= stage.LastStep).Select(s => s.Poses.Any(p => p.Pose == Pose.EyesClosed)).ToArray();
            Assert.True(closed.Zip(closed.Prepend(false), (now, before) => now && !before).Count(opens => opens) <= 1);
        }
    }

    // Marks on a cheek in three lengths: the marks, a light inside, a light around (common practice).
    [Fact]
    public void OnePartHasThreeLengths()
    {
        var part = DemoWorld.Part("clawWound");
        var look = DemoWorld.LookOf(part);
        var roles = part.Paints.Keys.ToArray();
        var plan = Planned(Staged(look, [.. roles.Select(r => new[] { $"clawWound-0/{r}" })])).Plan;
        Assert.Equal(roles.Length, plan.Stages.Count);
        Assert.Equal(plan.Stages.Select(s => s.EndSeconds).Order(), plan.Stages.Select(s => s.EndSeconds));
        Assert.Equal(plan.TotalSeconds, plan.Stages[^1].EndSeconds, 0.2);
    }

    [Fact]
    public void OneStageIsNone()
    {
        var look = DemoWorld.LookOf(DemoWorld.Part("socket"));
        Assert.Empty(Planned(Staged(look, ["socket-0"])).Plan.Stages);
        Assert.Empty(Planned(look).Plan.Stages);
    }

    // A coat's own stage goes before its part's; what is named nowhere is in the first.
    [Fact]
    public void ACoatMayBeInAnotherStageThanItsPart()
    {
        LookStage[] stages = [new("Basic", []), new("With lines", ["web/line"]), new("Whole", ["web"])];
        Assert.Equal([1, 2, 0], new[] { ("web", "line"), ("web", "dew"), ("lips", "lips") }.Select(c => LookStage.Of(stages, c.Item1, c.Item2)));
    }

    [Fact]
    public void ACoatInTwoStagesIsToldOf()
    {
        var look = Staged(DemoWorld.LookOf(DemoWorld.Part("socket")), ["socket-0"], ["socket-0"]);
        var problem = Assert.Single(Assert.Throws<PlanException>(() => Planned(look)).Problems);
        Assert.Equal(ProblemCode.CoatInTwoStages, problem.Code);
        Assert.Contains("Stage 1 and Stage 2", problem.Sentence);
    }
}
