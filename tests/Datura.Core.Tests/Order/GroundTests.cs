using Datura.Core.Order;

namespace Datura.Core.Tests.Order;

/// <summary>Waiting until the ground is dry, tacky, or not at all.</summary>
public class GroundTests
{
    private static readonly Ground[] All = Enum.GetValues<Ground>();

    private static CoatJob[] Two(Ground ground) =>
        [OrderJobs.Of("base", Stage.Base, 20, 100, 0, tool: Tool.Sponge), OrderJobs.Of("on", Stage.BodyColour, 20, 10, 0, parts: 2) with { Lay = new CoatLay { Ground = ground } }];

    // The less she waits, the sooner it goes on and the more it takes along; a wait is never longer than drying.
    [Fact]
    public void TheLessSheWaitsTheSoonerAndTheDirtier()
    {
        double Total(Ground ground) => Schedule.Of(StepNetwork.Of(Two(ground)), [0, 1]).TotalSeconds;
        Assert.All(All.Zip(All.Skip(1)), g => Assert.True(Total(g.First) > Total(g.Second) && GroundWait.Lifts(g.First) < GroundWait.Lifts(g.Second)));
        Assert.All(All, g => Assert.InRange(GroundWait.Share(g), 0, 1));
        Assert.Equal(1, GroundWait.Share(Ground.Dry));
        Assert.Equal(0, GroundWait.Lifts(Ground.Dry));
    }

    // Not waiting changes no order: what covers still goes on later.
    [Fact]
    public void WhatCoversGoesOnLaterHoweverShortTheWait() => Assert.All(All, g =>
    {
        var network = StepNetwork.Of(Two(g));
        Assert.True(network.Before(network.IndexOf("base/x"), network.IndexOf("on/x")));
    });

    // White straight on to a wet black goes grey, and that is told; on dry ground it stays white.
    [Fact]
    public void StraightOnSmearsAndIsTold()
    {
        var (white, black) = (new PaintMix([new("chalk-white", 1)]), new PaintMix([new("tarn-black", 1)]));
        Part Painted(string kind, PaintMix mix, Ground ground) => DemoWorld.Part(kind) is var part
            ? part with { Reserved = false, Paints = part.Paints.ToDictionary(p => p.Key, _ => mix), Laid = part.Paints.ToDictionary(p => p.Key, _ => new CoatLay { Ground = ground }) } : null!;
        PlannedLook With(Ground ground) => DemoWorld.PlanOf(Painted("skinBase", black, Ground.Dry), Painted("noseCavity", white, ground));
        double Light(PlannedLook planned) => planned.Plan.Parts[1].Coats[0].ColourLab.L;
        var looks = All.Select(With).ToArray();
        Assert.True(Light(looks[0]) > Light(looks[1]) && Light(looks[1]) > Light(looks[2]));
        Assert.DoesNotContain(looks[0].Plan.Cautions, c => c.Code == CautionCode.Smears);
        Assert.Contains(looks[2].Plan.Cautions, c => c.Code == CautionCode.Smears);
    }
}
