using Datura.Core.Shapes;
using NetTopologySuite.Geometries;

namespace Datura.Core.Tests.Shapes;

/// <summary>A cut card: nothing falls out of it, and its strips are measured.</summary>
public class CardTests
{
    private static Geometry Disc(double x, double y, double radius) => new Point(x, y).Buffer(radius);

    [Fact]
    public void AnIslandIsHeldByTwoStrips()
    {
        var ring = Disc(0, 0, 20).Difference(Disc(0, 0, 9));
        var held = CardBridges.Held([ring], 3);
        Assert.Equal(2, held.Count);
        Assert.All(held, o => Assert.Empty(o.InteriorRings));
        Assert.Equal(3, CardBridges.Thinnest(held)!.Value.Mm, 1e-6);
    }

    [Fact]
    public void OpeningsThatTouchAreOneHole() => Assert.Single(CardBridges.Held([Disc(0, 0, 10), Disc(15, 0, 10)], 3));

    [Fact]
    public void TheStripBetweenTwoOpeningsIsTheirDistance()
    {
        var thin = CardBridges.Thinnest([Disc(0, 0, 10), Disc(25, 0, 10), Disc(0, 60, 10)])!.Value;
        Assert.Equal(5, thin.Mm, 0.01);
        Assert.Equal(12.5, thin.At.XMm, 0.01);
        Assert.Null(CardBridges.Thinnest([Disc(0, 0, 5)]));
    }

    // Whatever is drawn: rings in rings, figures over each other. What is left of the card hangs together.
    [Fact]
    public void OfAnyDrawingNothingFallsOut()
    {
        for (var seed = 1; seed <= 120; seed++)
        {
            var random = new SeededRandom((ulong)seed);
            var figures = Enumerable.Range(0, 1 + (int)(9 * random.Unit())).Select(_ =>
            {
                var (x, y, r) = (40 * random.Either(), 40 * random.Either(), 3 + 25 * random.Unit());
                return random.Unit() < 0.6 ? Disc(x, y, r).Difference(Disc(x + 0.2 * r * random.Either(), y, r * (0.2 + 0.5 * random.Unit()))) : Disc(x, y, r);
            }).ToArray();
            var bridge = CardBridges.LeastMm + 4 * random.Unit();
            var held = CardBridges.Held(figures, bridge);
            Assert.All(held, o => Assert.Empty(o.InteriorRings));
            var card = GeometryFactory.Default.ToGeometry(new Envelope(-150, 150, -150, 150));
            var left = held.Aggregate(card, (c, o) => c.Difference(o));
            Assert.Equal(1, left.NumGeometries);
        }
    }

    public static TheoryData<string> Patterns => [.. CardPatterns.All.Where(p => p != CardPatterns.Own)];

    // The patterns that ship can be cut at their usual size, and hold.
    [Theory]
    [MemberData(nameof(Patterns))]
    public void APatternHolds(string pattern)
    {
        var sizes = DemoWorld.Expand(DemoWorld.Part("cutCard", ("size", 80)) with { Words = new Dictionary<string, string> { ["pattern"] = pattern } }).Sizes;
        Assert.True(sizes.First(s => s.Label == "Openings").Value >= 2);
        Assert.True(sizes.First(s => s.Label == "Narrowest bridge").Value >= CardBridges.LeastMm);
    }

    // Half as large, its strips are half as wide; too narrow is said.
    [Fact]
    public void TooSmallACardIsSaidToTear()
    {
        Assert.Contains("tears", Bridge(25).Against, StringComparison.Ordinal);
        Assert.Equal("", Bridge(120).Against);
        Assert.Equal(Bridge(60).Value / 2, Bridge(30).Value, 0.02);

        SizeLine Bridge(double size) => DemoWorld.Expand(DemoWorld.Part("cutCard", ("size", size))).Sizes.First(s => s.Label == "Narrowest bridge");
    }
}
