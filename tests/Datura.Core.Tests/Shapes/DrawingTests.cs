using Datura.Core.Shapes;
using NetTopologySuite.Geometries;

namespace Datura.Core.Tests.Shapes;

public class DrawingTests
{
    private static readonly ChartPoint[] Zigzag = [new(0, 0), new(10, 8), new(20, -3), new(31, 5)];

    [Fact]
    public void ACurveGoesThroughItsPoints()
    {
        var curve = Curves.Through(Zigzag, closed: false);
        Assert.All(Zigzag, p => Assert.Contains(curve, c => (c - p).Length() < 1e-9));
    }

    [Fact]
    public void AShareOfALineIsMeasuredAlongIt()
    {
        ChartPoint[] corner = [new(0, 0), new(30, 0), new(30, 10)];
        Assert.Equal(new(20, 0), Curves.At(corner, 0.5));
        Assert.Equal(corner[0], Curves.At(corner, -1));
        Assert.Equal(corner[^1], Curves.At(corner, 2));
    }

    [Fact]
    public void ARaggedEdgeStaysWithinItsDepth()
    {
        var circle = Enumerable.Range(0, 120).Select(k => 2 * Math.PI * k / 120).Select(t => new ChartPoint(30 * Math.Cos(t), 30 * Math.Sin(t))).ToArray();
        var ragged = Curves.Ragged(circle, 2, SeededRandom.For(4, "edge"));
        Assert.All(ragged, p => Assert.InRange(p.Length(), 28 - 1e-6, 32 + 1e-6));
        Assert.Equal(circle, Curves.Ragged(circle, 0, SeededRandom.For(4, "edge")));
    }

    [Fact]
    public void ACrossedOutlineIsMended() =>
        Assert.True(Curves.Polygon([new(0, 0), new(10, 10), new(10, 0), new(0, 10)]).IsValid);

    [Fact]
    public void ABandIsAsWideAsAsked()
    {
        var band = Curves.Band([new(0, 0), new(20, 0), new(40, 0)], _ => 3);
        Assert.Equal(40 * 6, band.Area, 1e-6);
    }

    [Fact]
    public void MirroringTwiceIsNoChange()
    {
        foreach (var mark in DemoWorld.Expand(DemoWorld.Part("bolts")).Marks)
        {
            var back = Mirror.Of(Mirror.Of(mark, DemoWorld.Body), DemoWorld.Body);
            if (mark is RegionMark region)
            {
                Assert.True(region.Outline.EqualsExact(((RegionMark)back).Outline, 1e-9));
            }
            else if (mark is StrokeMark stroke)
            {
                Assert.Equal(stroke.Path, ((StrokeMark)back).Path);
            }
        }
    }

    [Theory]
    [InlineData("cheekbone_left", 0.4)]
    [InlineData("suprasternale", -1.2)]
    [InlineData("glabella", 1.5)]
    public void AMillimetreOfAFrameIsOneOnTheSkin(string landmark, double heading)
    {
        var body = DemoWorld.Body;
        var frame = new SkinFrame(body, body.At(new(landmark)), heading);
        Assert.Equal(4, body.LineMm([frame.At(0, 0), frame.At(4, 0)]), 0.5);
        Assert.Equal(4, body.LineMm([frame.At(0, 0), frame.At(0, 4)]), 0.5);
    }

    [Fact]
    public void ProfilesPressAndLift()
    {
        var thin = Profile.ThickToThin(3);
        Assert.Equal(3, thin(0), 1e-9);
        Assert.Equal(0, thin(1), 1e-9);
        var swelling = Profile.Swelling(3);
        Assert.True(swelling(0.5) > swelling(0) && swelling(0.5) > swelling(1));
    }

    // SplitMix64 from seed 0 begins with these values (reference implementation; from memory).
    [Fact]
    public void SeededNumbersAreTheSameOnEveryMachine()
    {
        var random = new SeededRandom(0);
        Assert.Equal((0xE220A8397B1DCDAFUL >> 11) * (1.0 / (1UL << 53)), random.Unit());
        Assert.Equal((0x6E789E6AA1B965F4UL >> 11) * (1.0 / (1UL << 53)), random.Unit());
    }

    [Fact]
    public void SeededNumbersFillTheirRangeEvenly()
    {
        var random = SeededRandom.For(1, "even");
        var values = Enumerable.Range(0, 4000).Select(_ => random.Unit()).ToArray();
        Assert.All(values, v => Assert.InRange(v, 0, 1));
        Assert.Equal(0.5, values.Average(), 0.02);
        Assert.Equal(400, values.Count(v => v < 0.1), 60.0);
    }

    [Fact]
    public void AFadeIsWholeAboveAndGoneBelow()
    {
        var fade = new Fade(10, -10);
        Assert.Equal(1, fade.At(50));
        Assert.Equal(0.5, fade.At(0), 1e-9);
        Assert.Equal(0, fade.At(-50));
    }

    [Fact]
    public void PointsAlongALineAreEvenlyApart()
    {
        ChartPoint[] line = [new(0, 0), new(10, 0), new(10, 7), new(3, 7)];
        var points = Curves.Every(1.5, line);
        Assert.Equal(24, Curves.Length(line), 1e-9);
        Assert.Equal(17, points.Count);
        // Round a corner the straight distance is shorter than the way.
        Assert.All(points.Zip(points.Skip(1)), p => Assert.InRange((p.Second - p.First).Length(), 1.0, 1.5 + 1e-9));
        for (var share = 0.0; share <= 1; share += 0.25)
        {
            Assert.Equal(0, (Curves.At(line, share) - points[(int)Math.Round(16 * share)]).Length(), 1e-9);
        }
    }

    [Fact]
    public void AFigureWithAHoleHasTwoRings()
    {
        var ring = new Point(0, 0).Buffer(20).Difference(new Point(0, 0).Buffer(5));
        Assert.Equal(2, Curves.Rings(ring).Count());
        Assert.Single(Curves.OuterRings(ring));
        Assert.All(Curves.Rings(ring), r => Assert.Equal(r[0], r[^1]));
    }

    public static TheoryData<string> DrawnKinds => [.. PartKinds.All.OfType<DrawnKind>().Select(k => k.Id)];

    // What was measured while drawing is what the skin says of the finished mark, moved, mirrored or not.
    [Theory]
    [MemberData(nameof(DrawnKinds))]
    public void WhatAMarkMeasuresIsWhatTheSkinSays(string kind) => Assert.All(DemoWorld.Bodies.Values, body =>
    {
        foreach (var move in new[] { default, new Move(2, -3) })
        {
            foreach (var mark in DemoWorld.Expand(DemoWorld.Part(kind) with { Moved = move }, body).Marks.Where(m => m.OnSkin is not null))
            {
                var (says, tolerance) = mark is RegionMark r ? (body.Chart.AreaMm2(r.Outline), 0.02) : (body.LineMm(((StrokeMark)mark).Path), 0.001);
                Assert.Equal(says, mark.OnSkin!.Value, tolerance * says + 0.05);
            }
        }
    });
}
