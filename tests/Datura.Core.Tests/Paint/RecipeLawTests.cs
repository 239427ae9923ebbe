using Datura.Core.Paint;

namespace Datura.Core.Tests.Paint;

/// <summary>Recipes against every mix there is of a small kit, and what a further paint must be worth.</summary>
public class RecipeLawTests
{
    private static readonly PaintDescription[] Paints = [.. DemoWorld.AllKits[1].Paints.Where(p => Materials.Mixes(p.Material)).Where((_, k) => k % 4 == 0).Take(6)];

    // Every single paint, pair and triple with every set of parts, each reckoned on all bands; for colours that the kit can nearly
    // make, and for some that are darker or lighter than anything it makes.
    [Theory]
    [InlineData(0)]
    [InlineData(-25)]
    [InlineData(25)]
    public void NoMixOfASmallKitIsNearer(double lightness)
    {
        var kit = new Kit("k", "Small", Paints);
        var mixes = Sets().SelectMany(set => MixColours.Parts(set.Length).Select(parts => new PaintMix([.. set.Select((p, k) => new PaintShare(Paints[p].Id, parts[k]))])))
            .Select(m => (m.Shares.Count, Colour: new PaintStackProbe(PaintOptics.Of(m, kit)).OpaqueColour)).ToArray();
        var random = new Random(4);
        for (var k = 0; k < 12; k++)
        {
            // Near what the kit can do, so that many mixes compete.
            var near = mixes[random.Next(mixes.Length)].Colour;
            var wanted = new Lab(Math.Clamp(near.L + lightness, 0, 100), near.A + 4 * random.NextDouble() - 2, near.B + 4 * random.NextDouble() - 2);
            // A further paint must bring half a ΔE00.
            var nearest = new[] { 1, 2, 3 }.Select(n => mixes.Where(m => m.Count == n).Min(m => ColourDifference.DeltaE00(wanted, m.Colour))).Aggregate((a, b) => b < a - 0.5 ? b : a);
            Assert.Equal(nearest, RecipeSearch.For(wanted, Paints).Best.DeltaE, 0.15);
        }
    }

    // Two paints that come a third of a ΔE00 nearer are not worth the stirring.
    [Fact]
    public void AFurtherPaintMustEarnItsPlace()
    {
        var paint = Paints[0];
        PaintDescription[] two = [paint, paint with { Id = "near", OverBlack = paint.OverBlack with { L = paint.OverBlack.L - 0.8 },
            OverWhite = paint.OverWhite with { L = paint.OverWhite.L - 0.8 } }];
        Lab Of(int a, int b) => new PaintStackProbe(PaintOptics.Of(new PaintMix([new(two[0].Id, a), new(two[1].Id, b)]), new Kit("k", "Two", two))).OpaqueColour;
        var between = Of(1, 1);
        Assert.InRange(two.Min(p => ColourDifference.DeltaE00(between, new PaintStackProbe(PaintOptics.Of(p)).OpaqueColour)), 0.05, 0.5);
        Assert.Single(RecipeSearch.For(between, two).Best.Mix.Shares);
    }

    // Of many paints not every three are tried; what a few of them make must still be found, to half a ΔE00 that a further paint must bring.
    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void ManyPaintsMakeAColourNoWorseThanAFewOfThem(int seed)
    {
        var random = new Random(seed);
        PaintDescription[] usual = [.. DemoWorld.AllKits.SelectMany(k => k.Paints).Where(p => Materials.Mixes(p.Material)).DistinctBy(p => p.Id)];
        double Off(double most) => most * (2 * random.NextDouble() - 1);
        Lab Moved(Lab c, double l, double a, double b) => new(Math.Clamp(c.L + l, 2, 97), c.A + a, c.B + b);
        PaintDescription[] many = [.. Enumerable.Range(0, 200).Select(k =>
        {
            var (like, l, a, b) = (usual[random.Next(usual.Length)], Off(12), Off(14), Off(14));
            return like with { Id = $"p{k}", OverBlack = Moved(like.OverBlack, l, a, b), OverWhite = Moved(like.OverWhite, l, a, b) };
        })];
        for (var k = 0; k < 3; k++)
        {
            var wanted = new Lab(20 + 60 * random.NextDouble(), Off(45), Off(45));
            PaintDescription[] few = [.. many.OrderBy(_ => random.Next()).Take(24)];
            Assert.True(RecipeSearch.For(wanted, many).Best.DeltaE <= RecipeSearch.For(wanted, few).Best.DeltaE + 0.5);
        }
    }

    private static IEnumerable<int[]> Sets()
    {
        for (var a = 0; a < Paints.Length; a++)
        {
            yield return [a];
            for (var b = a + 1; b < Paints.Length; b++)
            {
                yield return [a, b];
                for (var c = b + 1; c < Paints.Length; c++)
                {
                    yield return [a, b, c];
                }
            }
        }
    }
}
