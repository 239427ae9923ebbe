using Datura.Files.Pictures;

namespace Datura.Files.Tests;

/// <summary>In the chair what is new is lit: the rest is darker than on the face, and greyer.</summary>
public class StepPictureTests
{
    private const int Pixels = 200;

    private static double Chroma(byte[] rgba, int k) => Math.Max(rgba[k], Math.Max(rgba[k + 1], rgba[k + 2])) - Math.Min(rgba[k], Math.Min(rgba[k + 1], rgba[k + 2]));

    [Theory]
    [InlineData("kelp-bride")]
    [InlineData("quay-seal")]
    public void WhatIsNewStandsOutInEveryStep(string look)
    {
        var planned = DemoWorld.Plan(look);
        var lit = Enumerable.Range(1, planned.Coats.Count).Select(step => StepPicture.Lit(planned, step, Pixels)).ToArray();
        Assert.All(lit, picture => Assert.Equal(4 * Pixels * Pixels, picture.Length));
        // Every step shows something of its own, and no two look alike.
        Assert.Equal(lit.Length, lit.Select(Convert.ToBase64String).Distinct().Count());
    }

    [Fact]
    public void TheSkinBesideItStandsBack()
    {
        var planned = DemoWorld.PlanOf(DemoWorld.Part("socket"));
        var picture = StepPicture.Lit(planned, planned.Coats.Count, Pixels);
        // The middle of the forehead is bare and dimmed; its warmth is mostly gone.
        var forehead = 4 * (Pixels * (Pixels / 5) + Pixels / 2);
        Assert.InRange(picture[forehead], 20, 150);
        Assert.True(Chroma(picture, forehead) < 25);
    }

    [Fact]
    public void WhoPaintsHerselfSeesItAsInTheMirror()
    {
        var one = DemoWorld.Part("socket") with { Sides = Sides.Left };
        var setting = DemoWorld.Parade with { OnOneself = true };
        var mirrored = Core.Planner.Plan(DemoWorld.LookOf(one), DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, setting);
        var straight = Core.Planner.Plan(DemoWorld.LookOf(one), DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, DemoWorld.Parade);
        // One lid at a time has more steps: what was laid last is compared.
        var (a, b) = (StepPicture.Lit(mirrored, mirrored.Coats.Count, Pixels), StepPicture.Lit(straight, straight.Coats.Count, Pixels));
        double Right(byte[] rgba) => Enumerable.Range(0, Pixels).Sum(y => Enumerable.Range(Pixels / 2, Pixels / 2).Sum(x => Chroma(rgba, 4 * (Pixels * y + x)) + rgba[4 * (Pixels * y + x)]));
        double Left(byte[] rgba) => Enumerable.Range(0, Pixels).Sum(y => Enumerable.Range(0, Pixels / 2).Sum(x => Chroma(rgba, 4 * (Pixels * y + x)) + rgba[4 * (Pixels * y + x)]));
        Assert.Equal(Right(b) > Left(b), Left(a) > Right(a));
    }

    // Asked to turn to her right the wearer shows her left side, and the other way round; who looks up shows what is under the chin.
    [Theory]
    [InlineData(Pose.TurnRight, 1, 0)]
    [InlineData(Pose.TurnLeft, -1, 0)]
    [InlineData(Pose.ChinUp, 0, -1)]
    [InlineData(Pose.Front, 0, 0)]
    public void TheBustTurnsAsTheWearerIsAskedTo(Pose asked, int turn, int tilt)
    {
        var planned = DemoWorld.PlanOf(DemoWorld.Part("socket"));
        var step = planned.Plan.Steps[^1] with { Poses = [new(asked, "")] };
        var view = StepPicture.ViewOf(planned.Plan, step);
        Assert.Equal(turn, Math.Sign(view.TurnDeg));
        Assert.Equal(tilt, Math.Sign(view.TiltDeg - BustView.FaceClose.TiltDeg));
        // Both sides in one step are painted from the front.
        Assert.Equal(0, StepPicture.ViewOf(planned.Plan, step with { Poses = [new(Pose.TurnLeft, ""), new(Pose.TurnRight, "")] }).TurnDeg);
    }

    // A mark on one side is seen larger from there than from the front.
    [Fact]
    public void WhatIsPaintedOnASideIsSeenFromThere()
    {
        var planned = DemoWorld.PlanOf(DemoWorld.Part("gills") with { Sides = Sides.Left });
        var last = planned.Coats.Count;
        var poses = planned.Plan.Steps[last - 1].Poses.Select(p => p.Pose).ToArray();
        Assert.Equal(poses.Contains(Pose.TurnRight) && !poses.Contains(Pose.TurnLeft), StepPicture.ViewOf(planned.Plan, planned.Plan.Steps[last - 1]).TurnDeg > 0);
    }

    // What is left out is not shown, neither as new nor as there already.
    [Fact]
    public void WhatIsLeftOutIsNotShown()
    {
        var planned = DemoWorld.Plan("quay-seal");
        var last = planned.Coats.Count;
        var whole = StepPicture.Lit(planned, last, Pixels);
        Assert.Equal(whole, StepPicture.Lit(planned, last, Pixels, Enumerable.Range(1, last - 1).ToHashSet(), new HashSet<string>()));
        Assert.NotEqual(whole, StepPicture.Lit(planned, last, Pixels, null, planned.Plan.Steps[0].Coats.Select(c => c.Key).ToHashSet()));
        Assert.NotEqual(whole, StepPicture.Lit(planned, last, Pixels, new HashSet<int>()));
    }
}
