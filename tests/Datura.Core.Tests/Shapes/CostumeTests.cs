using Datura.Core.Shapes;

namespace Datura.Core.Tests.Shapes;

public class CostumeTests
{
    [Fact]
    public void EveryNecklineIsDeepestInTheMiddleAndTheSameOnBothSides()
    {
        foreach (var shape in Enum.GetValues<NecklineShape>())
        {
            var edge = new Costume(50, shape).Edge(DemoWorld.Body);
            Assert.Equal(edge.Min(p => p.YMm), edge[edge.Count / 2].YMm, 1e-9);
            for (var k = 0; k < edge.Count; k++)
            {
                Assert.Equal(edge[k].YMm, edge[^(k + 1)].YMm, 1e-9);
            }
        }
    }

    [Fact]
    public void ASquareNecklineBaresMoreThanARoundAndARoundMoreThanAVee()
    {
        double Bare(NecklineShape shape) => new Costume(60, shape).Bare(DemoWorld.Body).Area;
        Assert.True(Bare(NecklineShape.Square) > Bare(NecklineShape.Round));
        Assert.True(Bare(NecklineShape.Round) > Bare(NecklineShape.Vee));
    }

    [Fact]
    public void ADeeperNecklineNeedsALargerBase()
    {
        double Base(double mm) => PartKinds.Find("skinBase")!.Expand(
            DemoWorld.Body, DemoWorld.Part("skinBase") with { Words = new Dictionary<string, string> { ["lowerEnd"] = "runs to the neckline" } }, new(mm)).Sizes[0].Value;
        Assert.True(Base(0) < Base(40) && Base(40) < Base(80));
    }

    [Fact]
    public void TheBaseFollowsTheEdgeOfTheCostume()
    {
        var costume = new Costume(60, NecklineShape.Vee, 160);
        var part = DemoWorld.Part("skinBase") with { Words = new Dictionary<string, string> { ["lowerEnd"] = "runs to the neckline" } };
        var ground = PartKinds.Find("skinBase")!.Expand(DemoWorld.Body, part, costume).Marks.OfType<RegionMark>().Single().Outline;
        foreach (var p in costume.Edge(DemoWorld.Body).Where((_, k) => k % 6 == 3))
        {
            Assert.True(ground.Contains(new NetTopologySuite.Geometries.Point(p.XMm, p.YMm + 2)));
            Assert.False(ground.Contains(new NetTopologySuite.Geometries.Point(p.XMm, p.YMm - 22)));
        }
    }
}
