using Datura.Core.Body;
using Datura.Core.Shapes;
using NetTopologySuite.Geometries;

namespace Datura.Core.Tests.Shapes;

/// <summary>Mapping rules of the trade (common practice), read off the marks.</summary>
public class CraftRuleTests
{
    private static readonly FittedBody Body = DemoWorld.Body;

    // The first foot lies one whole body height above the body and 1 cm aside; the second level with it.
    [Fact]
    public void TheFirstFeetOfTheEightLeggedAreABodyHeightAbove()
    {
        var marks = Left(DemoWorld.Part("eightLegs", ("turn", 0), ("body", 20)));
        var legs = marks.OfType<StrokeMark>().Where(m => m.Role == "line").ToArray();
        var trunk = marks.OfType<RegionMark>().First(m => m.Role == "body").Outline;
        Assert.Equal(8, legs.Length);
        var top = trunk.EnvelopeInternal.MaxY;
        Assert.Equal(20, Body.LineMm([new(legs[0].Path[^1].XMm, top), legs[0].Path[^1]]), 2.0);
        Assert.Equal(legs[0].Path[^1].YMm, legs[1].Path[^1].YMm, 0.5);
        Assert.Equal(10, Body.LineMm([new(trunk.Centroid.X, legs[0].Path[^1].YMm), legs[0].Path[^1]]), 1.5);
    }

    // The foot rule word by word (common practice), for a creature of life size and for others.
    [Theory]
    [InlineData(40)]
    [InlineData(20)]
    [InlineData(60)]
    public void TheFeetLieByTheFootRule(double whole)
    {
        var rule = new FootRule(whole);
        var (h, w, feet) = (rule.AbdomenHeight, rule.AbdomenWidth, rule.Feet);
        Assert.Equal(8, feet.Count);
        // 1: the whole height above the body and 1 cm to one side; 2: the abdomen's width to the other, level with it.
        Assert.Equal((10, whole + whole), feet[0]);
        Assert.Equal((-w, feet[0].Up), feet[1]);
        // 3: the abdomen's height further down, in line below 2.
        Assert.Equal((feet[1].Side, feet[1].Up - h), feet[2]);
        // 4: on the line from 2 to the head, 2 cm along it, or less on a small one.
        var (dx, dy) = (0 - feet[1].Side, h + rule.FrontHeight / 2 - feet[1].Up);
        Assert.Equal(0, (feet[3].Side - feet[1].Side) * dy - (feet[3].Up - feet[1].Up) * dx, 6);
        var along = Math.Sqrt(Math.Pow(feet[3].Side - feet[1].Side, 2) + Math.Pow(feet[3].Up - feet[1].Up, 2));
        Assert.Equal(Math.Min(20, 0.45 * Math.Sqrt(dx * dx + dy * dy)), along, 6);
        // 5: straight below 4, level with the abdomen's top; 6: a head's width to the first side, a little higher.
        Assert.Equal((feet[3].Side, h), feet[4]);
        Assert.Equal(rule.FrontWidth, feet[5].Side, 6);
        Assert.InRange(feet[5].Up - feet[4].Up, 0.01, 0.3 * whole);
        // 7: close beside the abdomen's lower corner on the first side; 8: straight below it, below the body's lowest point.
        Assert.InRange(feet[6].Side - w / 2, 0.01, 0.2 * whole);
        Assert.InRange(feet[6].Up, 0, 0.3 * h);
        Assert.Equal(feet[6].Side, feet[7].Side);
        Assert.True(feet[7].Up < 0);
    }

    [Fact]
    public void TheTwoRearLegsShareTheirFirstSection()
    {
        var legs = Left(DemoWorld.Part("eightLegs", ("body", 30))).OfType<StrokeMark>().Where(m => m.Role == "line").ToArray();
        int Shared(StrokeMark a, StrokeMark b) => a.Path.Zip(b.Path).TakeWhile(p => (p.First - p.Second).Length() < 0.01).Count();
        Assert.True(Shared(legs[6], legs[7]) > 8);
        Assert.True(Shared(legs[4], legs[5]) < 2);
    }

    [Fact]
    public void LegsLeaveTheHeadNotTheAbdomenAndTaper()
    {
        var marks = Left(DemoWorld.Part("eightLegs", ("turn", 0)));
        var trunk = marks.OfType<RegionMark>().First(m => m.Role == "body").Outline;
        Assert.All(marks.OfType<StrokeMark>().Where(m => m.Role == "line"), leg =>
        {
            Assert.True(leg.Path[0].YMm > trunk.Centroid.Y);
            Assert.True(leg.WidthsMm[0] > leg.WidthsMm[^1]);
        });
    }

    // A wound starts thin, widens in the middle, ends in a point, runs outward from the nose and skips the eye.
    [Fact]
    public void AClawWoundRunsOutwardFromTheNoseAndSkipsTheEye()
    {
        var channels = Left(DemoWorld.Part("clawWound")).OfType<RegionMark>().Select(m => m.Outline).ToArray();
        Assert.All(channels, c => Assert.True(c.EnvelopeInternal.MinX > Body.At(Landmark.Alare.Left).XMm));
        Assert.All(channels, c => Assert.False(c.Intersects(Body.ZoneOutlines[Zone.Lid])));
        Assert.All(channels, c =>
        {
            double Thick(double share) => c.Intersection(Column(c.EnvelopeInternal.MinX + share * c.EnvelopeInternal.Width)).Length;
            Assert.True(Thick(0.5) > Thick(0.04) && Thick(0.5) > Thick(0.96));
        });
    }

    // Petals are largest at the outer corner of the eye and shrink inwards.
    [Fact]
    public void PetalsShrinkFromTheOuterCornerInwards()
    {
        var petals = Left(DemoWorld.Part("petalRing")).OfType<RegionMark>().Select(m => m.Outline).ToArray();
        var outermost = petals.MaxBy(p => p.Centroid.X)!;
        var innermost = petals.MinBy(p => p.Centroid.X)!;
        Assert.Equal(petals.Max(p => p.Area), outermost.Area, 1e-9);
        Assert.True(innermost.Area < 0.8 * outermost.Area);
    }

    // Spokes aim at one point; they are drawn before the threads and thin towards the tip.
    [Fact]
    public void SpokesOfAWebShareTheirRoot()
    {
        var lines = Left(DemoWorld.Part("web", ("spokes", 5))).OfType<StrokeMark>().ToArray();
        Assert.All(lines.Take(5), spoke => Assert.Equal(lines[0].Path[0], spoke.Path[0]));
        Assert.All(lines.Take(5), spoke => Assert.True(spoke.WidthsMm[0] > spoke.WidthsMm[^1]));
        Assert.All(lines.Skip(5), thread => Assert.NotEqual(lines[0].Path[0], thread.Path[0]));
    }

    [Fact]
    public void GemsShrinkAndKeepOffTheLid()
    {
        var gems = Left(DemoWorld.Part("gemArc")).OfType<DotMark>().ToArray();
        Assert.Equal(gems.Select(g => g.DiameterMm).OrderDescending(), gems.Select(g => g.DiameterMm));
        Assert.All(gems, g => Assert.NotEqual(Zone.Lid, Body.ZoneAt(g.At)));
    }

    [Fact]
    public void DotsAlternateLargeAndSmall()
    {
        var sizes = Left(DemoWorld.Part("dotRow")).OfType<DotMark>().Select(d => d.DiameterMm).ToArray();
        for (var k = 1; k < sizes.Length; k++)
        {
            Assert.Equal(k % 2 == 1, sizes[k] < sizes[k - 1]);
        }
    }

    // Drips follow the true slope: every step of a run goes down in space.
    [Fact]
    public void DripsRunDownhill() => Assert.All(
        Left(DemoWorld.Part("drips", ("length", 60))).OfType<StrokeMark>().Where(m => m.Role == "drip"),
        run =>
        {
            for (var k = 1; k < run.Path.Count; k++)
            {
                Assert.True(Body.Chart.Position(run.Path[k]).Y < Body.Chart.Position(run.Path[k - 1]).Y);
            }
        });

    [Fact]
    public void AShadowFallsBelowWhatCastsIt()
    {
        var marks = Left(DemoWorld.Part("bolts")).OfType<RegionMark>().ToArray();
        Assert.True(marks.First(m => m.Role == "shadow").Outline.Centroid.Y < marks.First(m => m.Role == "metal").Outline.Centroid.Y);
    }

    // A face lit from within is brightest in the middle and dark outside.
    [Fact]
    public void AGlowIsNestedFromDarkOutsideToTheBrightCore()
    {
        Geometry Of(string role) => Left(DemoWorld.Part("glowingOpening")).OfType<RegionMark>().First(m => m.Role == role).Outline;
        Assert.True(Of("outer").Contains(Of("middle")));
        Assert.True(Of("middle").Contains(Of("core")));
        Assert.True(Of("outside").Difference(Of("outer").Buffer(0.1)).Area > 0);
    }

    [Fact]
    public void ScalesStayWithinTheirZone()
    {
        var zone = Body.ZoneOutlines[Zone.Temple].Buffer(8);
        Assert.All(Left(DemoWorld.Part("scales")).OfType<RegionMark>(), s => Assert.True(zone.Contains(s.Outline)));
    }

    private static LineString Column(double x) =>
        GeometryFactory.Default.CreateLineString([new Coordinate(x, -1000), new Coordinate(x, 1000)]);

    private static Mark[] Left(Part part) => [.. DemoWorld.Expand(part with { Sides = Sides.Left }).Marks];
}
