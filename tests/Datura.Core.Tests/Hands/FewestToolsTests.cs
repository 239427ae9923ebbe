using Datura.Core.Fit;
using Datura.Core.Hands;

namespace Datura.Core.Tests.Hands;

/// <summary>With how few tools a look can be painted.</summary>
public class FewestToolsTests
{
    public static TheoryData<string> Looks => ["quay-seal", "storm-cormorant", "drowned-lamp-keeper"];

    private static PlannedLook Planned(Look look, Kit kit) => Planner.Plan(look, DemoWorld.Faces[0], DemoWorld.Body, kit, DemoWorld.Parade);

    [Theory]
    [MemberData(nameof(Looks))]
    public void EachSetDoesAllOfItByItselfAndALargerOneSooner(string id)
    {
        var look = DemoWorld.Look(id);
        var sets = FewestTools.Of(Planned(look, DemoWorld.Kit), DemoWorld.Kit);
        Assert.NotEmpty(sets);
        Assert.All(sets.Zip(sets.Skip(1)), s => Assert.True(s.First.Tools.Count < s.Second.Tools.Count && s.First.WorkSeconds > s.Second.WorkSeconds));
        foreach (var set in sets)
        {
            var with = Planned(FewestTools.With(look, set), DemoWorld.Kit);
            Assert.All(with.Jobs.Where(j => j.Role.Stage != Stage.Map && j.PartId != "form" && j.Hand.Tool.Form != ToolForm.Pencil), j => Assert.Contains(j.Hand.Tool, set.Tools));
            Assert.DoesNotContain(with.Plan.Cautions, c => c.Code is CautionCode.ToolTooBroad or CautionCode.ToolStandsIn);
        }
    }

    // No other set of as many tools, drawn at random, does the work sooner.
    [Fact]
    public void NoOtherSetOfThatSizeIsQuicker()
    {
        var (look, random) = (DemoWorld.Look("quay-seal"), new Random(3));
        var planned = Planned(look, DemoWorld.Kit);
        var sets = FewestTools.Of(planned, DemoWorld.Kit).ToDictionary(s => s.Tools.Count);
        for (var draw = 0; draw < 200; draw++)
        {
            var size = random.Next(1, 4);
            var some = UsualTools.All.OrderBy(_ => random.Next()).Take(size).ToArray();
            if (FewestTools.Of(planned, DemoWorld.Kit with { Tools = some }) is [.., var own] && sets.TryGetValue(own.Tools.Count, out var best))
            {
                Assert.True(best.WorkSeconds <= own.WorkSeconds + 1e-6, string.Join(", ", own.Tools.Select(t => t.Name)));
            }
        }
    }

    [Fact]
    public void WhatNoToolCanDoIsNotPromised()
    {
        var planned = Planned(DemoWorld.Look("quay-seal"), DemoWorld.Kit);
        Assert.Empty(FewestTools.Of(planned, DemoWorld.Kit with { Tools = [] }));
        Assert.Empty(FewestTools.Of(planned, DemoWorld.Kit with { Tools = [UsualTools.Find(Tool.Sponge), UsualTools.Find(Tool.Mesh)] }));
    }
}
