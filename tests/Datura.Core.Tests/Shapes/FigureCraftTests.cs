using Datura.Core.Body;
using Datura.Core.Shapes;

namespace Datura.Core.Tests.Shapes;

/// <summary>How figures are drawn (common practice), read off the marks.</summary>
public class FigureCraftTests
{
    private static readonly FittedBody Body = DemoWorld.Body;

    private static IReadOnlyList<Mark> Left(Part part) => [.. DemoWorld.Expand(part with { Sides = Sides.Left }).Marks.Where(m => m.Side is Side.Left or Side.Middle)];

    private static Part With(string kind, string choice, string word, params (string Id, double Value)[] numbers) =>
        DemoWorld.Part(kind, numbers) with { Words = new Dictionary<string, string> { [choice] = word } };

    private static RegionMark[] Regions(IReadOnlyList<Mark> marks, string role) => [.. marks.OfType<RegionMark>().Where(m => m.Role == role)];

    private static StrokeMark[] Strokes(IReadOnlyList<Mark> marks, string role) => [.. marks.OfType<StrokeMark>().Where(m => m.Role == role)];

    // A socket is no oval: it is taller in its outer third than in its inner one, its heart lies up and towards the nose.
    [Fact]
    public void ASocketIsWidestOutsideAndItsHeartLiesUpAndIn()
    {
        var marks = Left(DemoWorld.Part("socket", ("ragged", 0), ("droop", 0)));
        var dark = Regions(marks, "dark").Single().Outline;
        var box = dark.EnvelopeInternal;
        double Tall(double share) => dark.Intersection(new NetTopologySuite.Geometries.LineString([new(box.MinX + share * box.Width, box.MinY - 5), new(box.MinX + share * box.Width, box.MaxY + 5)])).Length;
        Assert.True(Tall(0.8) > 1.05 * Tall(0.2));
        var heart = Regions(marks, "heart").Single().Outline.Centroid;
        Assert.True(heart.X < dark.Centroid.X && heart.Y > dark.Centroid.Y);
        Assert.True(dark.Contains(Regions(marks, "heart").Single().Outline));
        // The crescent of bone lies over the upper half.
        Assert.True(Regions(marks, "crescent").Single().Outline.Centroid.Y > dark.Centroid.Y + 0.25 * box.Height);
    }

    // The upper edge of a hollow is the bone's and crisp; it fades downwards and ends before the corner of the mouth.
    [Fact]
    public void ACheekHollowFadesDownwardsAndStopsBeforeTheMouth()
    {
        var shade = Regions(Left(DemoWorld.Part("cheekHollow")), "shade").Single();
        Assert.True(shade.EdgeMm <= 4);
        Assert.True(shade.Across!.GoneAt.YMm < shade.Across.WholeAt.YMm);
        Assert.True(Body.TapeMm(new(shade.Outline.EnvelopeInternal.MinX, shade.Outline.Centroid.Y), Body.At(Landmark.Cheilion)) > 5);
    }

    [Theory]
    [InlineData(0, 1)]
    [InlineData(0.5, 0.25)]
    [InlineData(1, 0)]
    [InlineData(2, 0)]
    [InlineData(-1, 1)]
    public void AFadeAcrossIsWholeOnOneSideAndGoneOnTheOther(double along, double share) =>
        Assert.Equal(share, new FadeAcross(new(2, 3), new(8, -5)).At(new ChartPoint(2, 3) + along * new ChartPoint(6, -8)), 9);

    // A vertebra is waisted: its rims stand out above and below, and a short wing leaves each side.
    [Fact]
    public void VertebraeAreWaistedAndGrowDownwards()
    {
        var blocks = Regions(Left(DemoWorld.Part("neckVertebrae", ("grow", 0.6))), "bone").Select(b => b.Outline).OrderByDescending(b => b.Centroid.Y).ToArray();
        Assert.Equal(5, blocks.Length);
        Assert.True(blocks[^1].EnvelopeInternal.Width > 1.3 * blocks[0].EnvelopeInternal.Width);
        foreach (var block in blocks)
        {
            var box = block.EnvelopeInternal;
            double Wide(double share) => block.Intersection(new NetTopologySuite.Geometries.LineString([new(box.MinX - 1, box.MinY + share * box.Height), new(box.MaxX + 1, box.MinY + share * box.Height)])).Length;
            Assert.True(Wide(0.86) > 1.05 * Wide(0.72));
            Assert.True(Wide(0.14) > 1.05 * Wide(0.28));
        }

        // Dark stays between them.
        Assert.All(blocks.Zip(blocks.Skip(1)), pair => Assert.True(pair.First.Distance(pair.Second) > 2));
    }

    [Fact]
    public void RibsHangOutwardsAndTheShadeLiesUnderThem()
    {
        var marks = Left(DemoWorld.Part("ribs", ("count", 3)));
        var ribs = Regions(marks, "bone").Where(r => r.Outline.EnvelopeInternal.Width > 40).ToArray();
        Assert.Equal(3, ribs.Length);
        foreach (var (rib, shade) in ribs.Zip(Regions(marks, "shade")))
        {
            var corners = rib.Outline.Coordinates;
            Assert.True(corners.MaxBy(c => c.X)!.Y < corners.MinBy(c => c.X)!.Y);
            Assert.True(shade.Outline.Centroid.Y < rib.Outline.Centroid.Y);
            Assert.NotNull(rib.Across);
        }
    }

    [Fact]
    public void ACollarBoneIsLitOnTopAndShadedBeneath()
    {
        var marks = Left(DemoWorld.Part("collarBones"));
        var light = Regions(marks, "light").Single().Outline;
        Assert.True(Regions(marks, "shade").MaxBy(s => s.Outline.Area)!.Outline.Centroid.Y < light.Centroid.Y);
        // A thin light, no white bar.
        Assert.True(light.EnvelopeInternal.Width > 12 * (light.Area / light.EnvelopeInternal.Width));
    }

    // Leaves look out from under the flower; none floats.
    [Theory]
    [InlineData("open")]
    [InlineData("rose of strokes")]
    [InlineData("bud")]
    public void LeavesBeginUnderTheFlower(string form)
    {
        var marks = Left(With("flower", "form", form, ("leaves", 4)));
        var petals = NetTopologySuite.Operation.Union.UnaryUnionOp.Union(Regions(marks, "petal").Select(p => p.Outline).ToArray());
        Assert.All(Regions(marks, "leaf"), leaf => Assert.InRange(leaf.Outline.Distance(petals), 0, 4));
    }

    // Inner petals of a rose lie in the gaps of the outer ones, and the outer ones go on first.
    [Fact]
    public void ARoseIsPaintedFromOutsideIn()
    {
        var petals = Regions(Left(With("flower", "form", "rose of strokes", ("leaves", 0))), "petal");
        Assert.Equal(9, petals.Length);
        Assert.True(petals.Take(5).Min(p => p.Outline.EnvelopeInternal.Width + p.Outline.EnvelopeInternal.Height) > petals.Skip(5).Average(p => p.Outline.EnvelopeInternal.Width + p.Outline.EnvelopeInternal.Height));
    }

    // Each space of a web is 1.25 times the last; a thread is thin where it hangs and thick where it is tied.
    [Fact]
    public void ThreadsOfAWebLieFartherApartOutwardsAndHang()
    {
        var lines = Strokes(Left(DemoWorld.Part("web", ("spokes", 4), ("threads", 5), ("sag", 0.3))), "line");
        var root = lines[0].Path[0];
        var spokes = lines.Where(l => (l.Path[0] - root).Length() < 1e-6).ToArray();
        Assert.Equal(4, spokes.Length);
        var threads = lines.Except(spokes).ToArray();
        Assert.Equal(15, threads.Length);
        var far = Enumerable.Range(0, 5).Select(t => (threads[3 * t].Path[0] - root).Length()).ToArray();
        for (var t = 2; t < 5; t++)
        {
            Assert.InRange((far[t] - far[t - 1]) / (far[t - 1] - far[t - 2]), 1.1, 1.4);
        }

        Assert.All(threads, t => Assert.True(t.WidthsMm[t.WidthsMm.Count / 2] < 0.6 * t.WidthsMm[0]));
        Assert.All(threads, t => Assert.True((t.Path[t.Path.Count / 2] - root).Length() < 0.5 * ((t.Path[0] - root).Length() + (t.Path[^1] - root).Length())));
    }

    [Fact]
    public void AWebOverTheWholeFaceHasOneFocus()
    {
        var part = With("web", "from", "whole face");
        var lines = DemoWorld.Expand(part).Marks.OfType<StrokeMark>().ToArray();
        Assert.All(lines, l => Assert.Equal(Side.Middle, l.Side));
        Assert.True(lines.Count(l => (l.Path[0] - lines[0].Path[0]).Length() < 1e-6) >= 8);
    }

    // No paint into the eye: a lid line stays off the rim of the lid.
    [Fact]
    public void LashesStayOffTheRimOfTheLid()
    {
        foreach (var stroke in Left(DemoWorld.Part("lashes")).OfType<StrokeMark>())
        {
            Assert.All(stroke.Path, p => Assert.True(p.YMm > Body.At(Landmark.PalpebraleSuperius).YMm + 1 || p.YMm < Body.At(Landmark.PalpebraleInferius).YMm - 1
                || p.XMm < Body.At(Landmark.Endocanthion).XMm + 8 || p.XMm > Body.At(Landmark.Exocanthion).XMm - 12));
        }
    }

    // Common practice: anger pulls the inner end of the brow down, grief lifts it.
    [Fact]
    public void TheInnerEndOfABrowIsTheTemper()
    {
        double Inner(double mm) => Regions(Left(DemoWorld.Part("brow", ("inner", mm))), "brow").Single().Outline.Coordinates.MinBy(c => c.X)!.Y;
        Assert.True(Inner(8) > Inner(0) + 2);
        Assert.True(Inner(-8) < Inner(0) - 2);
    }

    // Fur lies as hair grows, within 12°.
    [Theory]
    [InlineData("jaw")]
    [InlineData("brow")]
    [InlineData("temple")]
    public void FurLiesAsHairGrows(string along)
    {
        foreach (var hair in Strokes(Left(With("furStrokes", "along", along)), "line"))
        {
            var off = (hair.Path[^1] - hair.Path[0]).Angle() - GrowthField.HeadingRad(Body, hair.Path[0]);
            Assert.InRange(Math.Abs(Math.IEEERemainder(off, 2 * Math.PI)) * 180 / Math.PI, 0, 17);
        }
    }

    // Many small drops, few large ones, all within the spread.
    [Fact]
    public void SplatterFliesOneWay()
    {
        var marks = Left(DemoWorld.Part("splatter", ("towards", 30), ("spread", 40), ("count", 60), ("largest", 8)));
        var from = Body.At(Landmark.Cheekbone);
        var sizes = marks.Select(m => m switch { RegionMark r => Math.Sqrt(r.Outline.Area), DotMark d => d.DiameterMm, _ => 0 }).ToArray();
        Assert.Equal(60, sizes.Length);
        Assert.True(sizes.Count(s => s < 2) > 4 * sizes.Count(s => s > 4));
        foreach (var at in marks.OfType<DotMark>().Select(d => d.At).Where(a => (a - from).Length() > 12))
        {
            Assert.InRange((at - from).Angle() * 180 / Math.PI, 5, 55);
        }
    }

    [Fact]
    public void OneLipIsOneLip()
    {
        var line = Body.At(Landmark.MouthLine).YMm;
        Assert.True(Regions(Left(With("lipOutline", "which", "upper alone")), "lip").Single().Outline.Centroid.Y > line);
        Assert.True(Regions(Left(With("lipOutline", "which", "lower alone")), "lip").Single().Outline.Centroid.Y < line);
    }

    [Fact]
    public void TeethOfTheLowerLipStandUp()
    {
        var teeth = Regions(DemoWorld.Expand(With("toothRow", "rows", "from the lower lip upwards")).Marks, "tooth");
        Assert.True(teeth.Length >= 6);
        Assert.All(teeth, t => Assert.True(t.Outline.EnvelopeInternal.MaxY > Body.At(Landmark.MouthLine).YMm));
        Assert.All(teeth, t => Assert.True(t.Outline.EnvelopeInternal.MinY > Body.At(Landmark.LabialeInferius).YMm - 12));
    }

    // Left bare, the base is the tooth: what is painted is the dark between.
    [Fact]
    public void TeethLeftBareHaveNoPaintOfTheirOwn()
    {
        var marks = DemoWorld.Expand(With("toothRow", "style", "left bare")).Marks;
        Assert.Empty(Regions(marks, "tooth"));
        Assert.True(Regions(marks, "line").Length >= 8);
    }

    // What drips from a part begins at its lower edge and follows where it goes.
    [Fact]
    public void DripsComeOutOfTheLowerEdgeOfWhatTheyHangOn()
    {
        var lips = DemoWorld.Part("lipOutline") with { Id = "lips" };
        var drips = DemoWorld.Part("drips", ("count", 3), ("length", 30)) with { Id = "drips", Hung = new(On: "lips", Where: HostPlace.LowerEdge) };
        double Lowest(IEnumerable<Mark> marks) => marks.OfType<RegionMark>().Min(r => r.Outline.EnvelopeInternal.MinY);
        foreach (var up in new[] { 0.0, 9.0 })
        {
            var planned = Planner.Plan(new("Test", "", Mapping.Freehand, [lips with { Moved = new(0, up) }, drips]), DemoWorld.Faces[0], Body, DemoWorld.Kit, DemoWorld.Parade);
            var (host, runs) = (planned.Parts[0].Marks.Marks, planned.Parts[1].Marks.Marks.OfType<StrokeMark>().ToArray());
            Assert.NotEmpty(runs);
            Assert.All(runs, r => Assert.InRange(r.Path[0].YMm - Lowest(host), -1, 14));
            Assert.Contains(runs, r => r.Path[^1].YMm < Lowest(host) - 5);
        }
    }

    // What would lie below the modelled chest has no skin: figures are cut there, lines end there, dots are gone.
    [Fact]
    public void WhereThereIsNoSkinThereIsNoMark()
    {
        var low = Body.Chart.YRange.Low;
        var square = Curves.Polygon([new(0, low - 10), new(20, low - 10), new(20, low + 10), new(0, low + 10)]);
        Assert.Equal(200, ((RegionMark)BodyEdge.Kept(new RegionMark("x", Side.Left, square, 1), Body)!).Outline.Area, 6);
        Assert.Null(BodyEdge.Kept(new DotMark("x", Side.Left, new(0, low - 1), 3), Body));
        var line = new StrokeMark("x", Side.Left, [new(0, low + 9), new(0, low + 5), new(0, low + 1), new(0, low - 3)], [1, 1, 1, 1]);
        Assert.Equal(3, ((StrokeMark)BodyEdge.Kept(line, Body)!).Path.Count);
        Assert.Null(BodyEdge.Kept(new StrokeMark("x", Side.Left, [new(0, low - 9), new(0, low - 5)], [1, 1]), Body));
        var inside = new DotMark("x", Side.Left, new(0, 0), 3);
        Assert.Same(inside, BodyEdge.Kept(inside, Body));
    }
}
