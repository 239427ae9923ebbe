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
}
