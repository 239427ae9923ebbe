using CsCheck;
using Datura.Core.Hands;
using Datura.Core.Order;
using Datura.Core.Paint;

namespace Datura.Core.Tests.Hands;

/// <summary>A damp brush pulls a shade out of an edge that is there, without a second paint (common practice).</summary>
public class PulledOutTests
{
    private static readonly string Patch = DemoWorld.Part("eyePatch").Paints.Keys.First();

    private static Part Pulled(PullOut? pull, string paint = "tarn-black") => DemoWorld.Part("eyePatch") with
    {
        Paints = new Dictionary<string, PaintMix> { [Patch] = new([new(paint, 1)]) },
        Laid = new Dictionary<string, CoatLay> { [Patch] = new() { PullOut = pull } },
    };

    private static RegionMark Square(Side side, double x) => new("x", side, Curves.Polygon([new(x - 10, -30), new(x + 10, -30), new(x + 10, -10), new(x - 10, -10)]), 0.5);

    private static double Darkness(PaintPicture picture, double x, double y) => 255 - picture.At(x, y).G;

    private static PaintPicture Picture(PullOut? pull, Side side, double x)
    {
        var mark = Square(side, x);
        var picture = new PaintPicture(new(72, 9, 16), new(512));
        picture.Lay(new LaidCoat([mark, .. pull is null ? [] : PulledOut.Of(mark, pull)], PaintOptics.Of(new([new("tarn-black", 1)]), DemoWorld.Kit), 40));
        return picture;
    }

    // Full at the edge, thinner and thinner, nothing where the brush stops; the other side stays crisp.
    [Fact]
    public void TheShadeThinsOutToWhereTheBrushStops()
    {
        var (plain, pulled) = (Picture(null, Side.Left, 50), Picture(new(12, PullTowards.Down), Side.Left, 50));
        double[] down = [.. new[] { -31.0, -33, -36, -39 }.Select(y => Darkness(pulled, 50, y))];
        Assert.Equal(down.OrderDescending(), down);
        Assert.True(down[0] > Darkness(plain, 50, -31) + 40);
        Assert.Equal(Darkness(plain, 50, -46), Darkness(pulled, 50, -46), 1.0);
        // Neither on the other side nor beside it.
        Assert.Equal(Darkness(plain, 50, -8), Darkness(pulled, 50, -8), 1.0);
        Assert.Equal(Darkness(plain, 62, -20), Darkness(pulled, 62, -20), 1.0);
    }

    // Outwards is outwards on both sides.
    [Fact]
    public void BothSidesArePulledAlike() => Gen.Select(Gen.Double[2, 20], Gen.Int[0, 4]).Sample((mm, way) =>
    {
        var towards = (PullTowards)way;
        var (left, right) = (PulledOut.Of(Square(Side.Left, 50), new(mm, towards)).Single().Box(), PulledOut.Of(Square(Side.Right, -50), new(mm, towards)).Single().Box());
        Assert.Equal(left.MinX, -right.MaxX, 1e-6);
        Assert.Equal(left.MaxX, -right.MinX, 1e-6);
        Assert.Equal(left.MinY, right.MinY, 1e-6);
        // Half of the soft edge lies beyond its outline, so that it ends after the whole way.
        if (towards is PullTowards.Outwards or PullTowards.AllRound)
        {
            Assert.Equal(60 + mm / 2, left.MaxX, 1e-6);
        }

        if (towards is PullTowards.Inwards or PullTowards.AllRound)
        {
            Assert.Equal(40 - mm / 2, left.MinX, 1e-6);
        }
    }, iter: 40);

    // It takes a rinsed brush and the length of the edge, and no paint.
    [Fact]
    public void ItTakesTimeAndNoPaint()
    {
        CoatJob Job(PullOut? pull) => DemoWorld.PlanOf(Pulled(pull)).Jobs.Single();
        var (plain, all, down) = (Job(null), Job(new(6)), Job(new(6, PullTowards.Down)));
        Assert.Equal(plain.AreaMm2, all.AreaMm2, 1e-6);
        Assert.Equal(plain.BrushSeconds, all.BrushSeconds, 1e-6);
        Assert.True(all.WorkSeconds > down.WorkSeconds && down.WorkSeconds > plain.WorkSeconds + 5);
        Assert.True(all.Footprint.AreaMm2 > plain.Footprint.AreaMm2);
    }

    [Fact]
    public void ItIsSaidInItsStep() =>
        Assert.Contains("Pull its edge 6 mm down with a damp brush.", DemoWorld.PlanOf(Pulled(new(6, PullTowards.Down))).Plan.Steps.SelectMany(s => s.Words));

    [Fact]
    public void WhatCannotBeIsRefused()
    {
        Assert.Equal(ProblemCode.TakesNoWater, Assert.Single(Assert.Throws<PlanException>(() => DemoWorld.PlanOf(Pulled(new(6), "fog-shade"))).Problems).Code);
        Assert.Equal(ProblemCode.PullOut, Assert.Single(Assert.Throws<PlanException>(() => DemoWorld.PlanOf(Pulled(new(double.NaN)))).Problems).Code);
        Assert.Equal(ProblemCode.PullOut, Assert.Single(Assert.Throws<PlanException>(() => DemoWorld.PlanOf(Pulled(new(41)))).Problems).Code);
    }
}
