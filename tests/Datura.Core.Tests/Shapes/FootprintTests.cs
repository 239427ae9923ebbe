using Datura.Core.Shapes;
using NetTopologySuite.Geometries;

namespace Datura.Core.Tests.Shapes;

/// <summary>Footprints against a second opinion, the polygon library's own areas and intersections.</summary>
public class FootprintTests
{
    [Theory]
    [InlineData(10)]
    [InlineData(25)]
    [InlineData(60)]
    public void AreaIsThatOfThePolygonWithinACellAtTheEdge(double radius)
    {
        var disc = new Point(13.2, -40.7).Buffer(radius, 16);
        var print = Footprint.Of([new RegionMark("x", Side.Left, disc, 1)]);
        Assert.InRange(print.AreaMm2, disc.Area, disc.Area + 1.2 * disc.Length * Lattice.CellMm);
        Assert.True(print.Covers(print.Inside));
    }

    [Fact]
    public void OverlapAgreesWithThePolygonLibrary()
    {
        var random = new SeededRandom(7);
        for (var n = 0; n < 200; n++)
        {
            Geometry a = new Point(80 * random.Either(), 80 * random.Either()).Buffer(6 + 20 * random.Unit());
            Geometry b = new Point(80 * random.Either(), 80 * random.Either()).Buffer(6 + 20 * random.Unit());
            var overlaps = Footprint.Of([new RegionMark("x", Side.Left, a, 1)]).Overlaps(Footprint.Of([new RegionMark("x", Side.Left, b, 1)]));
            // Within two cells of touching either answer will do.
            if (a.Distance(b) > 2 * Lattice.CellMm || a.Intersection(b).Area > 12)
            {
                Assert.Equal(a.Intersects(b), overlaps);
            }
        }
    }

    [Fact]
    public void ALineCoversItsPathAndNotWhatLiesBeside()
    {
        var print = Footprint.Of([new StrokeMark("x", Side.Left, [new(0, 0), new(30, 12)], [2, 2])]);
        Assert.True(print.Covers(new(15, 6)));
        Assert.False(print.Covers(new(15, 12)));
        Assert.Equal(print.SharedMm2(print), print.AreaMm2, 1e-9);
    }
}
