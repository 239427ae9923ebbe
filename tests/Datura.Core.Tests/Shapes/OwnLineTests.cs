using Datura.Core.Body;
using Datura.Core.Shapes;

namespace Datura.Core.Tests.Shapes;

/// <summary>Laws of the painter's own lines: they follow anatomy, and carry what she chose.</summary>
public class OwnLineTests
{
    private const string Eye = "exocanthion_left", Mouth = "cheilion_left";

    public static TheoryData<string> Faces => [.. DemoWorld.FourFaces.Select(f => f.Id)];

    [Theory]
    [MemberData(nameof(Faces))]
    public void APointOnALandmarkIsOnItOnEveryFace(string face)
    {
        var body = DemoWorld.Bodies[face];
        var line = Line(DemoWorld.Expand(Own([At(Eye), new(50, -40), At(Mouth)]) with { Sides = Sides.Left }, body));
        Assert.True((line.Path[0] - body.At(new Landmark(Eye))).Length() < 0.01);
        Assert.True((line.Path[^1] - body.At(new Landmark(Mouth))).Length() < 0.01);
    }

    // On another face a line between two landmarks is longer or shorter as they are farther or nearer.
    [Theory]
    [MemberData(nameof(Faces))]
    public void LengthsGoWithTheDistanceOfTheirLandmarks(string face)
    {
        var (here, mean) = (DemoWorld.Bodies[face], FittedBody.Reference);
        foreach (var (a, b) in new[] { (Eye, Mouth), ("tragion_left", Mouth), ("glabella", "pronasale"), ("clavicle_inner_left", "acromion_left") })
        {
            double Of(FittedBody body) => body.LineMm(Line(DemoWorld.Expand(Own([At(a), Between(a, b), At(b)]) with { Sides = Sides.Left }, body)).Path);
            double Apart(FittedBody body) => body.TapeMm(body.At(new Landmark(a)), body.At(new Landmark(b)));
            Assert.InRange(Of(here) / Of(mean) / (Apart(here) / Apart(mean)), 0.93, 1.07);
        }

        static OwnPoint Between(string a, string b)
        {
            var middle = 0.5 * (FittedBody.Reference.At(new Landmark(a)) + FittedBody.Reference.At(new Landmark(b)));
            return new(middle.XMm, middle.YMm);
        }
    }

    [Theory]
    [MemberData(nameof(Faces))]
    public void WhatIsPointedAtIsFoundAgain(string face)
    {
        var body = DemoWorld.Bodies[face];
        var random = new Random(5);
        for (var k = 0; k < 200; k++)
        {
            var at = new ChartPoint(random.Next(-70, 71), random.Next(-120, 61));
            Assert.True((OwnPoints.On(body, OwnPoints.From(body, at, snaps: false)) - at).Length() < 0.1);
            var snapped = OwnPoints.From(body, at, snaps: true);
            Assert.True((OwnPoints.On(body, snapped) - at).Length() <= 4.001);
            Assert.Equal(snapped.At is not null, body.LandmarksOnChart.Values.Any(l => (l - at).Length() <= 4));
        }
    }

    [Fact]
    public void ALineOfOneSideIsMirroredAndOneAcrossIsThereOnce()
    {
        OwnPoint[] right = [new(-30, -20), new(-50, -40)];
        var both = DemoWorld.Expand(Own(right)).Marks.OfType<StrokeMark>().ToArray();
        Assert.Equal([Side.Left, Side.Right], both.Select(s => s.Side));
        Assert.True(both[0].Path.All(p => p.XMm > 0) && both[1].Path.All(p => p.XMm < 0));
        var across = Assert.Single(DemoWorld.Expand(Own([new(-30, 40), new(0, 48), new(30, 40)])).Marks);
        Assert.Equal(Side.Middle, across.Side);
    }

    [Theory]
    [InlineData("thin, thick, thin")]
    [InlineData("thick to thin")]
    [InlineData("thin to thick")]
    [InlineData("even")]
    public void TheWidthRunsAsChosen(string runs)
    {
        var widths = Line(DemoWorld.Expand(Own([new(40, 20), new(60, 0), new(50, -30)], ("width", 4)) with { Words = Words(("runs", runs)) })).WidthsMm;
        var (first, middle, last) = (widths[0], widths[widths.Count / 2], widths[^1]);
        Assert.Equal(4, widths.Max(), 1);
        Assert.True(runs switch
        {
            "thin, thick, thin" => first < 1.5 && last < 1.5 && middle > 3,
            "thick to thin" => first > middle && middle > last,
            "thin to thick" => first < middle && middle < last,
            _ => first == 4 && middle == 4 && last == 4,
        });
    }

    [Fact]
    public void APressedPointIsWideThere()
    {
        var line = Line(DemoWorld.Expand(Own([new(40, 20), new(60, 0, Press: 2.5), new(50, -30)], ("width", 2)) with { Words = Words(("runs", "even")) }));
        var widest = line.Path[line.WidthsMm.ToList().IndexOf(line.WidthsMm.Max())];
        Assert.InRange(line.WidthsMm.Max(), 4.8, 5.01);
        Assert.True((widest - OwnPoints.On(DemoWorld.Body, new(60, 0))).Length() < 2);
        Assert.Equal(2, line.WidthsMm[0], 1);
    }

    [Theory]
    [InlineData("dots")]
    [InlineData("drops")]
    [InlineData("stitches")]
    [InlineData("scallops")]
    [InlineData("thorns")]
    [InlineData("hairs")]
    public void ThingsStandAlongALineAsFarApartAsAskedAndEachNextSmaller(string things)
    {
        var part = Own([new(30, 40), new(60, 10), new(55, -40)], ("carriedApart", 10), ("carriedSize", 8), ("carriedNext", 0.8)) with { Sides = Sides.Left, Words = Words(("carries", things)) };
        var marks = DemoWorld.Expand(part).Marks;
        var carried = marks.Where(m => m.Role == "carried").ToArray();
        var expected = Curves.Length(Line(new(marks, [])).Path) / 10;
        Assert.InRange(carried.Length, expected - 1.5, expected + 1.5);
        double Size(Mark m) => m switch { DotMark d => d.DiameterMm, RegionMark r => Math.Sqrt(r.Outline.Area), StrokeMark s => Curves.Length(s.Path), _ => 0 };
        // A scallop spans from one to the next; its bow alone gets lower.
        Assert.All(carried.Zip(carried.Skip(1)), p => Assert.InRange(Size(p.Second) / Size(p.First), 0.7, things == "scallops" ? 1.01 : 0.9));
    }

    // The outer side of a ring is the one away from its middle.
    // Each next larger by a fifth, over a long line: thirty of them would reach the moon, and reckoning them would never end.
    [Fact]
    public void ARowThatGrowsStaysOnTheFace()
    {
        var part = Own([new(-100, 20), new(0, 60), new(100, 20)]) with
        {
            Numbers = new Dictionary<string, double> { ["carriedSize"] = 12, ["carriedApart"] = 1.5, ["carriedNext"] = 1.2 },
            Words = new Dictionary<string, string> { ["carries"] = "drops" },
        };
        Assert.All(DemoWorld.Expand(part).Marks.OfType<RegionMark>(), m => Assert.InRange(m.Outline.EnvelopeInternal.Diameter, 0, 90));
    }

    [Fact]
    public void HairsOfAClosedFigureStandOutwardsOrInwardsAsChosen()
    {
        OwnPoint[] ring = [new(40, -20), new(60, -20), new(64, -44), new(38, -46)];
        foreach (var points in new[] { ring, [.. ring.Reverse()] })
        {
            var part = DemoWorld.Part("ownLine", ("carriedSize", 8)) with { Sides = Sides.Left, Drawn = new(points, Closed: true), Words = Words(("carries", "hairs")) };
            var marks = DemoWorld.Expand(part).Marks;
            var inside = marks.OfType<RegionMark>().Single(r => r.Role == "fill").Outline;
            Assert.All(Tips(marks), t => Assert.False(inside.Contains(t)));
            Assert.All(Tips(DemoWorld.Expand(part with { Words = Words(("carries", "hairs"), ("beside", "inner side")) }).Marks), t => Assert.True(inside.Contains(t)));
        }

        static IEnumerable<NetTopologySuite.Geometries.Point> Tips(IReadOnlyList<Mark> marks) =>
            marks.OfType<StrokeMark>().Where(s => s.Role == "carried").Select(s => new NetTopologySuite.Geometries.Point(s.Path[^1].XMm, s.Path[^1].YMm));
    }

    [Fact]
    public void NonsensePointsAreRefusedInWords()
    {
        foreach (var points in new OwnPoint[][] { [new(double.NaN, 0)], [new(9000, 0)], [new(0, 0, "elbow")], [new(0, 0, Press: -1)], [.. Enumerable.Range(0, 41).Select(k => new OwnPoint(k, 0))] })
        {
            Assert.Equal([ProblemCode.OwnPoints], PlanCheck.OfLook(DemoWorld.LookOf(Own(points))).Select(p => p.Code));
        }
    }

    private static Part Own(OwnPoint[] points, params (string Id, double Value)[] numbers) => DemoWorld.Part("ownLine", numbers) with { Drawn = new(points) };

    private static OwnPoint At(string landmark) => new(0, 0, landmark);

    private static StrokeMark Line(PartMarks of) => of.Marks.OfType<StrokeMark>().First(s => s.Role == "line");

    private static Dictionary<string, string> Words(params (string Id, string Word)[] words) => words.ToDictionary(w => w.Id, w => w.Word);
}
