using Datura.Core.Shapes;

namespace Datura.Core.Tests.Shapes;

/// <summary>Laws of the edges of filled figures.</summary>
public class EdgeTests
{
    private static readonly Part Patch = DemoWorld.Part("ownLine") with
    {
        Id = "patch",
        Sides = Sides.Left,
        Drawn = new([new(30, -20), new(52, -14), new(70, -30), new(56, -54), new(34, -50)], Closed: true),
        Paints = new Dictionary<string, PaintMix> { ["fill"] = new([new("rust", 1)]) },
    };

    public static TheoryData<RimForm> Forms => [.. Enum.GetValues<RimForm>()];

    [Theory]
    [MemberData(nameof(Forms))]
    public void ARimStaysWithinItsDepthAndIsLongerThanTheSmoothEdge(RimForm form)
    {
        var smooth = Outline(Patch);
        foreach (var depth in new[] { 1.0, 3, 6 })
        {
            var rimmed = Outline(Patch with { Rim = new(form, depth, 8) });
            Assert.True(rimmed.IsValid);
            Assert.True(rimmed.Length > smooth.Length);
            Assert.True(smooth.Buffer(depth / 2 + 0.3).Covers(rimmed));
            Assert.True(rimmed.Buffer(depth / 2 + 0.6).Covers(smooth.Buffer(-0.6)));
        }
    }

    [Theory]
    [MemberData(nameof(Forms))]
    public void EveryFilledKindTakesARim(RimForm form)
    {
        foreach (var kind in PartKinds.All)
        {
            var part = NewPart.Of(kind, kind.HangsOn[0], DemoWorld.Kit) with { Rim = new(form, 20, 2) };
            Assert.All(kind.Expand(DemoWorld.Body, part, DemoWorld.Parade.Costume).Marks.OfType<RegionMark>(), m => Assert.True(m.Outline.IsValid, kind.Id));
        }
    }

    [Theory]
    [InlineData("inside")]
    [InlineData("on the edge")]
    [InlineData("outside")]
    public void AnOutlineLiesInsideOnOrOutsideOfItsFigure(string lies)
    {
        var (figure, edge) = Drawn(("width", 2), lies);
        var share = edge.OfType<StrokeMark>().SelectMany(s => s.Path).Average(p => figure.Contains(new NetTopologySuite.Geometries.Point(p.XMm, p.YMm)) ? 1.0 : 0);
        var off = edge.OfType<StrokeMark>().SelectMany(s => s.Path).Max(p => figure.Boundary.Distance(new NetTopologySuite.Geometries.Point(p.XMm, p.YMm)));
        Assert.InRange(off, 0, 1.1);
        Assert.True(lies switch { "inside" => share > 0.95, "outside" => share < 0.05, _ => off < 0.01 });
    }

    [Theory]
    [InlineData("above", 1)]
    [InlineData("below", -1)]
    public void TheLightLiesAlongTheSideItComesFrom(string from, int sign)
    {
        var part = DemoWorld.Part("figureEdge", ("light", 2)) with
        {
            Id = "edge",
            Hung = new(On: "patch"),
            Words = new Dictionary<string, string> { ["from"] = from },
            Paints = new Dictionary<string, PaintMix> { ["light"] = new([new("chalk-white", 1)]) },
        };
        var drawn = PartExpansion.Of([Patch, part], DemoWorld.Body, DemoWorld.Parade.Costume);
        var middle = Mark.Middle(drawn[0].Marks.Marks)!.Value;
        var lights = drawn[1].Marks.Marks.OfType<StrokeMark>().Where(s => s.Role == "light").ToArray();
        Assert.NotEmpty(lights);
        Assert.All(lights, l => Assert.True(sign * (l.Path.Average(p => p.YMm) - middle.YMm) > 0));
        var figure = Outline(Patch);
        Assert.All(lights.SelectMany(l => l.Path), p => Assert.True(figure.Covers(new NetTopologySuite.Geometries.Point(p.XMm, p.YMm))));
    }

    [Fact]
    public void AShadeLiesInsideAndADeeperOneIsLarger()
    {
        var figure = Outline(Patch);
        var areas = new[] { 3.0, 8, 16 }.Select(deep => Drawn(("shade", deep), "on the edge").Edge.OfType<RegionMark>().Single(m => m.Role == "shade").Outline).ToArray();
        Assert.All(areas, a => Assert.True(figure.Buffer(0.01).Covers(a)));
        Assert.True(areas[0].Area < areas[1].Area && areas[1].Area <= areas[2].Area);
    }

    private static (NetTopologySuite.Geometries.Geometry Figure, IReadOnlyList<Mark> Edge) Drawn((string, double) number, string lies)
    {
        var edge = DemoWorld.Part("figureEdge", number) with { Id = "edge", Hung = new(On: "patch"), Words = new Dictionary<string, string> { ["lies"] = lies } };
        return (Outline(Patch), PartExpansion.Of([edge, Patch], DemoWorld.Body, DemoWorld.Parade.Costume)[0].Marks.Marks);
    }

    private static NetTopologySuite.Geometries.Geometry Outline(Part part) =>
        DemoWorld.Expand(part).Marks.OfType<RegionMark>().Where(m => m.Role == "fill").Select(m => m.Outline).Aggregate((a, b) => a.Union(b));
}
