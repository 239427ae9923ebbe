using Datura.Core.Shapes;
using NetTopologySuite.Geometries;

namespace Datura.Core.Tests.Shapes;

public class MoveAndHandleTests
{
    public static TheoryData<string> Movable => [.. PartKinds.All.Where(k => k.Movable).Select(k => k.Id)];

    [Theory]
    [InlineData("socket", 6, 3)]
    [InlineData("noseCavity", -4, 5)]
    [InlineData("collarBones", 0, -8)]
    public void AMoveIsInTrueMillimetres(string kind, double outMm, double upMm)
    {
        var part = DemoWorld.Part(kind) with { Sides = Sides.Left };
        var (before, after) = (Middle(DemoWorld.Expand(part)), Middle(DemoWorld.Expand(part with { Moved = new(outMm, upMm) })));
        var body = DemoWorld.Body;
        Assert.Equal(Math.Abs(outMm), body.LineMm([before, new(after.XMm, before.YMm)]), 0.4);
        Assert.Equal(Math.Abs(upMm), body.LineMm([new(after.XMm, before.YMm), after]), 0.4);
    }

    [Fact]
    public void BothSidesMoveOutTogether()
    {
        var part = DemoWorld.Part("socket") with { Moved = new(5, 0) };
        var marks = DemoWorld.Expand(part).Marks.OfType<RegionMark>().ToArray();
        var (left, right) = (marks.First(m => m.Side == Side.Left).Outline.Centroid.X, marks.First(m => m.Side == Side.Right).Outline.Centroid.X);
        Assert.Equal(left, -right, 1e-6);
        // Out means away from the mid-line on either side.
        var before = DemoWorld.Expand(DemoWorld.Part("socket")).Marks.OfType<RegionMark>().First(m => m.Side == Side.Left).Outline.Centroid.X;
        Assert.Equal(before + 5, left, 0.6);
    }

    [Theory]
    [MemberData(nameof(Movable))]
    public void EveryKindCanBeTakenHoldOf(string kind)
    {
        var found = PartKinds.Find(kind)!;
        var handles = Handles.Of(found, DemoWorld.Part(kind), DemoWorld.Body, DemoWorld.Parade.Costume);
        Assert.Equal("moved", handles[0].Parameter);
        Assert.All(handles.Skip(1), h =>
        {
            Assert.Contains(found.Parameters, p => p.Id == h.Parameter);
            Assert.InRange(h.Value, h.Least, h.Most);
            Assert.True(h.PerUnit.Length() > 0.1);
        });
        Assert.Equal(handles.Count, handles.Select(h => h.Parameter).Distinct().Count());
    }

    // Dragging a handle by what it says moves the outline there: the handle's own promise.
    [Theory]
    [InlineData("socket", "downCheek")]
    [InlineData("cheekHollow", "length")]
    [InlineData("whiskers", "length")]
    public void AHandleFollowsTheHand(string kind, string parameter)
    {
        var found = PartKinds.Find(kind)!;
        var part = DemoWorld.Part(kind);
        var handle = Handles.Of(found, part, DemoWorld.Body, DemoWorld.Parade.Costume).First(h => h.Parameter == parameter);
        var grown = part with { Numbers = new Dictionary<string, double>(part.Numbers) { [parameter] = handle.Value + 3 } };
        var target = handle.At + 3 * handle.PerUnit;
        var nearest = DemoWorld.Expand(grown).Marks.Where(m => m.Side == Side.Left).SelectMany(Points).Min(p => (p - target).Length());
        Assert.InRange(nearest, 0, 1.5);
    }

    [Fact]
    public void ABaseIsNotMoved() => Assert.Equal(
        DemoWorld.Expand(DemoWorld.Part("skinBase")).Marks.OfType<RegionMark>().Single().Outline.Area,
        DemoWorld.Expand(DemoWorld.Part("skinBase") with { Moved = new(30, 30) }).Marks.OfType<RegionMark>().Single().Outline.Area);

    [Theory]
    [InlineData(81, 0)]
    [InlineData(0, double.NaN)]
    [InlineData(double.NegativeInfinity, 0)]
    public void AnImpossibleMoveIsRefused(double outMm, double upMm) =>
        Assert.Throws<PlanException>(() => DemoWorld.PlanOf(DemoWorld.Part("socket") with { Moved = new(outMm, upMm) }));

    private static IEnumerable<ChartPoint> Points(Mark mark) => mark switch
    {
        RegionMark r => r.Outline.Coordinates.Select(c => new ChartPoint(c.X, c.Y)),
        StrokeMark s => s.Path,
        DotMark d => [d.At],
        _ => [],
    };

    private static ChartPoint Middle(PartMarks marks)
    {
        var box = new Envelope();
        foreach (var mark in marks.Marks)
        {
            box.ExpandToInclude(mark.Box());
        }

        return new(box.Centre.X, box.Centre.Y);
    }
}
