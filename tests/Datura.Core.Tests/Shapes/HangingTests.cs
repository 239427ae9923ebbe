using Datura.Core.Shapes;

namespace Datura.Core.Tests.Shapes;

/// <summary>Laws of hanging a part on a place, and on another part.</summary>
public class HangingTests
{
    public static TheoryData<string> Faces => [.. DemoWorld.FourFaces.Select(f => f.Id)];

    private static readonly string[] Carried = ["flower", "web", "muzzle", "goatee", "spots", "eightLegs", "stitches", "drips"];

    [Theory]
    [MemberData(nameof(Faces))]
    public void WhatHangsAtAPlaceHasItsMiddleThereOnEveryFace(string face)
    {
        var body = DemoWorld.Bodies[face];
        foreach (var kind in Carried)
        {
            foreach (var place in new[] { "cheilion", "cheekbone", "gnathion", "suprasternale", "temple", "chest" })
            {
                var part = DemoWorld.Part(kind) with { Sides = Sides.Left, Hung = new(place) };
                var middle = Mark.Middle(DemoWorld.Expand(part, body).Marks)!.Value;
                var wanted = HangingPlaces.On(body, place);
                Assert.True((middle - wanted).Length() < 1, $"{kind} at {place}: {middle}, not {wanted}");
            }
        }
    }

    [Fact]
    public void EveryPlaceOfThePainterCanBeHungAt()
    {
        Assert.Equal(HangingPlaces.All.Count, HangingPlaces.All.Distinct().Count());
        Assert.All(HangingPlaces.All, place =>
        {
            var marks = DemoWorld.Expand(DemoWorld.Part("warts") with { Hung = new(place) }).Marks;
            Assert.NotEmpty(marks);
            Assert.Equal(HangingPlaces.IsPair(place), marks.Any(m => m.Side == Side.Left) && marks.Any(m => m.Side == Side.Right));
            Assert.Equal(!HangingPlaces.IsPair(place), marks.All(m => m.Side == Side.Middle));
        });
    }

    // The skin below the turned figure is another, so its area may differ by what the chart is off there.
    [Theory]
    [InlineData(30)]
    [InlineData(-90)]
    [InlineData(180)]
    public void TurningChangesNeitherSizeNorCount(double deg)
    {
        foreach (var kind in Carried)
        {
            var part = DemoWorld.Part(kind) with { Sides = Sides.Left, Hung = new("cheekbone") };
            var (upright, turned) = (DemoWorld.Expand(part).Marks, DemoWorld.Expand(part with { Hung = part.Hung with { TurnDeg = deg } }).Marks);
            Assert.Equal(upright.Count, turned.Count);
            Assert.InRange(Skin(turned) / Skin(upright), 0.75, 1.33);
        }

        double Skin(IEnumerable<Mark> marks) =>
            1 + marks.OfType<RegionMark>().Sum(r => DemoWorld.Body.Chart.AreaMm2(r.Outline)) + marks.OfType<StrokeMark>().Sum(s => DemoWorld.Body.LineMm(s.Path));
    }

    [Fact]
    public void TurningBackAndForthIsNothing()
    {
        var part = DemoWorld.Part("flower");
        var (there, back) = (DemoWorld.Expand(part with { Hung = new(TurnDeg: 180) }).Marks, DemoWorld.Expand(part with { Hung = new(TurnDeg: -180) }).Marks);
        Assert.All(there.Zip(back), p => Assert.InRange((p.First.Box().Centre.X - p.Second.Box().Centre.X) + (p.First.Box().Centre.Y - p.Second.Box().Centre.Y), -1e-6, 1e-6));
        Assert.Equal(DemoWorld.Expand(part).Marks.Select(m => m.Box()), DemoWorld.Expand(part with { Hung = new() }).Marks.Select(m => m.Box()));
    }

    [Fact]
    public void OnceIsOnceOnTheMidLine()
    {
        foreach (var kind in Carried)
        {
            var marks = DemoWorld.Expand(DemoWorld.Part(kind) with { Hung = new("cheekbone", Once: true) }).Marks;
            Assert.All(marks, m => Assert.Equal(Side.Middle, m.Side));
            Assert.InRange(Mark.Middle(marks)!.Value.XMm, -1, 1);
        }
    }

    [Theory]
    [InlineData(HostPlace.Middle)]
    [InlineData(HostPlace.Outline)]
    [InlineData(HostPlace.Tip)]
    [InlineData(HostPlace.LowerEdge)]
    [InlineData(HostPlace.Under)]
    public void WhatHangsOnAPartMovesWithIt(HostPlace where)
    {
        var host = DemoWorld.Part("flower") with { Id = "host", Sides = Sides.Left };
        var guest = DemoWorld.Part("drips") with { Id = "guest", Hung = new(On: "host", Where: where, Share: 0.3) };
        var before = Both(host, guest);
        var after = Both(host with { Moved = new(6, -9) }, guest);
        // On the chart of a curved skin two neighbours move alike but for a little.
        Assert.InRange(after.Host.XMm - before.Host.XMm - (after.Guest.XMm - before.Guest.XMm), -2, 2);
        Assert.InRange(after.Host.YMm - before.Host.YMm - (after.Guest.YMm - before.Guest.YMm), -2, 2);

        // In whichever order the look lists them.
        var turned = PartExpansion.Of([guest, host], DemoWorld.Body, DemoWorld.Parade.Costume);
        Assert.Equal(["guest", "host"], turned.Select(p => p.Part.Id));
        Assert.Equal(before.Guest, Mark.Middle(turned[0].Marks.Marks)!.Value);

        static (ChartPoint Host, ChartPoint Guest) Both(Part host, Part guest)
        {
            var drawn = PartExpansion.Of([host, guest], DemoWorld.Body, DemoWorld.Parade.Costume);
            return (Mark.Middle(drawn[0].Marks.Marks)!.Value, Mark.Middle(drawn[1].Marks.Marks)!.Value);
        }
    }

    // Leaves under petals touch them, and lie nowhere on them.
    [Theory]
    [MemberData(nameof(Faces))]
    public void WhatIsTuckedUnderAnEdgeTouchesItAndCrossesItNowhere(string face)
    {
        var host = DemoWorld.Part("eyePatch") with { Id = "host" };
        for (var share = 0.05; share < 1; share += 0.19)
        {
            var guest = DemoWorld.Part("flower", ("size", 20)) with { Id = "guest", Hung = new(On: "host", Where: HostPlace.Under, Share: share) };
            var drawn = PartExpansion.Of([host, guest], DemoWorld.Bodies[face], DemoWorld.Parade.Costume);
            foreach (var side in new[] { Side.Left, Side.Right })
            {
                var patch = drawn[0].Marks.Marks.OfType<RegionMark>().Where(m => m.Side == side && m.Role == "patch").Select(m => m.Outline).Aggregate((a, b) => a.Union(b));
                var under = drawn[1].Marks.Marks.OfType<RegionMark>().Where(m => m.Side == side).Select(m => m.Outline).ToArray();
                Assert.NotEmpty(under);
                Assert.True(under.Sum(u => u.Intersection(patch).Area) < 0.5);
                Assert.True(under.Min(u => u.Distance(patch)) < 6, $"{share}: {under.Min(u => u.Distance(patch))} mm off");
            }
        }
    }

    [Fact]
    public void ItIsWhereItsHostIs()
    {
        var host = DemoWorld.Part("flower") with { Id = "host", Sides = Sides.Right };
        var guest = DemoWorld.Part("warts") with { Id = "guest", Hung = new(On: "host") };
        var drawn = PartExpansion.Of([host, guest], DemoWorld.Body, DemoWorld.Parade.Costume);
        Assert.NotEmpty(drawn[1].Marks.Marks);
        Assert.All(drawn[1].Marks.Marks, m => Assert.Equal(Side.Right, m.Side));

        // On a figure of the middle there is one of it.
        var beak = DemoWorld.Part("beak") with { Id = "host" };
        Assert.All(PartExpansion.Of([beak, guest], DemoWorld.Body, DemoWorld.Parade.Costume)[1].Marks.Marks, m => Assert.Equal(Side.Middle, m.Side));
    }

    [Fact]
    public void WhatHangsOnAPartThatIsLeftOutIsLeftOutToo()
    {
        var host = DemoWorld.Part("flower") with { Id = "host", Version = PartVersion.Out };
        var look = new Look("Test", "", Mapping.Freehand,
            [host, DemoWorld.Part("warts") with { Id = "a", Hung = new(On: "host") }, DemoWorld.Part("spots") with { Id = "b", Hung = new(On: "a") }, DemoWorld.Part("web") with { Id = "c" }]);
        Assert.Equal(["c"], LookVersion.Shown(look, DemoWorld.Kit).Parts.Select(p => p.Id));
    }

    // Shades, lights and the pencil's map are reckoned under names of their own: a file may not use them.
    [Theory]
    [InlineData("form")]
    [InlineData("map")]
    public void APartCannotBeCalledAsThePlansOwnCoats(string id)
    {
        var look = new Look("Test", "", Mapping.Pencil, [DemoWorld.Part("flower") with { Id = id }], Form: FormWish.Usual);
        Assert.Equal([ProblemCode.OwnIdOfThePlan], PlanCheck.OfLook(look).Select(p => p.Code));
    }

    [Fact]
    public void WhatCannotHangIsSaid()
    {
        Assert.Equal([ProblemCode.HostGone], Problems(("a", new(On: "nobody"))));
        Assert.Equal([ProblemCode.HangsOnItself], Problems(("a", new(On: "a"))));
        Assert.Equal([ProblemCode.HangsOnItself, ProblemCode.HangsOnItself, ProblemCode.HangsOnItself], Problems(("a", new(On: "b")), ("b", new(On: "c")), ("c", new(On: "a"))));
        Assert.Equal([ProblemCode.HungWhere], Problems(("a", new("the moon"))));
        Assert.Equal([ProblemCode.HungWhere, ProblemCode.HostGone], Problems(("a", new("chin", "b"))));
        Assert.Equal([ProblemCode.HungTooFar], Problems(("a", new("chin", OffMm: double.NaN))));
        Assert.Equal([ProblemCode.HungTooFar], Problems(("a", new(TurnDeg: 500))));
        Assert.Equal([ProblemCode.HangsByItself], PlanCheck.OfLook(DemoWorld.LookOf(DemoWorld.Part("skinBase") with { Hung = new("chin") })).Select(p => p.Code));
        Assert.Empty(Problems(("a", new("chin")), ("b", new(On: "a")), ("c", new(On: "b"))));

        static ProblemCode[] Problems(params (string Id, Hanging Hung)[] parts) =>
            [.. PlanCheck.OfLook(new("Test", "", Mapping.Freehand, [.. parts.Select(p => DemoWorld.Part("warts") with { Id = p.Id, Hung = p.Hung })])).Select(p => p.Code)];
    }
}
