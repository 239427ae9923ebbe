using Datura.Core.Paint;
using Datura.Files.Kits;

namespace Datura.Core.Tests.Paint;

public class MixingTests
{
    private static readonly PaintDescription[] Paints = [.. DemoWorld.Kit.Paints.Where(p => p.Material is not (Material.Pencil or Material.Powder))];

    // A colour that was mixed from the kit is found again.
    [Theory]
    [InlineData("chalk-white", 3, "beacon-red", 1)]
    [InlineData("lantern-yellow", 2, "mussel-blue", 1)]
    [InlineData("bone", 5, "tarn-black", 2)]
    public void AMixedColourIsFoundAgain(string a, int partsA, string b, int partsB)
    {
        var mix = new PaintMix([new(a, partsA), new(b, partsB)]);
        var wanted = new PaintStackProbe(PaintOptics.Of(mix, DemoWorld.Kit)).OpaqueColour;
        var answer = RecipeSearch.For(wanted, Paints);
        Assert.InRange(answer.Best.DeltaE, 0, 0.6);
        Assert.True(answer.Single.DeltaE >= answer.Best.DeltaE - 0.5);
    }

    [Fact]
    public void APaintOfTheKitNeedsNoMixing() => Assert.All(Paints, paint =>
        Assert.Single(RecipeSearch.For(new PaintStackProbe(PaintOptics.Of(paint)).OpaqueColour, Paints).Best.Mix.Shares));

    [Fact]
    public void PartsAreSmallWholeNumbers()
    {
        var best = RecipeSearch.For(new(45, -30, 22), Paints).Best;
        Assert.InRange(best.Mix.Shares.Count, 1, 3);
        Assert.All(best.Mix.Shares, s => Assert.True(s.Parts is >= 1 and <= 6 && s.Parts == Math.Floor(s.Parts)));
    }

    [Fact]
    public void MorePaintsNeverMakeAColourWorse()
    {
        var wanted = new Lab(52, 18, -12);
        double Left(int count) => RecipeSearch.For(wanted, Paints.Take(count).ToArray()).Best.DeltaE;
        Assert.True(Left(12) <= Left(8) + 0.51 && Left(8) <= Left(4) + 0.51);
    }

    // Classic mixes, by direction only: yellow and blue go green, white into red goes pink (common practice).
    [Fact]
    public void ClassicMixesGoTheWayPaintersKnow()
    {
        Lab Mix(params (string Paint, double Parts)[] shares) =>
            new PaintStackProbe(PaintOptics.Of(new PaintMix([.. shares.Select(s => new PaintShare(s.Paint, s.Parts))]), DemoWorld.Kit)).OpaqueColour;
        var (yellow, blue) = (Mix(("lantern-yellow", 1)), Mix(("mussel-blue", 1)));
        var green = Mix(("lantern-yellow", 4), ("mussel-blue", 1));
        Assert.True(green.A < Math.Min(yellow.A, blue.A) - 2);
        var (red, pink) = (Mix(("beacon-red", 1)), Mix(("beacon-red", 1), ("chalk-white", 4)));
        Assert.True(pink.L > red.L + 10 && pink.A > 5);
    }

    [Theory]
    [InlineData(2)]
    [InlineData(4)]
    [InlineData(8)]
    public void FewestPaintsMakeEveryColourWithinTheDifference(double mostDeltaE)
    {
        var wanted = Wanted("kelp-bride");
        var answer = FewestPaints.Of(wanted, Paints, mostDeltaE);
        Assert.True(answer.Proven);
        // The thin reckoning that chooses may differ a little from the full one that reports.
        Assert.All(answer.Made, m => Assert.InRange(m.Recipe.DeltaE, 0, mostDeltaE + 0.6));
        Assert.All(answer.Made, m => Assert.Subset(answer.Paints.ToHashSet(), m.Recipe.Mix.Shares.Select(s => s.Paint).ToHashSet()));
    }

    // Against trying every subset of a small kit outright.
    [Fact]
    public void NoSmallerSetIsLeftUntried()
    {
        var few = Paints.Take(8).ToArray();
        var wanted = few.Skip(1).Take(4).Select(p => new WantedColour(p.Id, new PaintStackProbe(PaintOptics.Of(p)).OpaqueColour))
            .Append(new("grey", new(50, 0, 2))).ToArray();
        var answer = FewestPaints.Of(wanted, few, 6);
        for (var bits = 1; bits < 1 << few.Length; bits++)
        {
            if (System.Numerics.BitOperations.PopCount((uint)bits) < answer.Paints.Count)
            {
                var subset = few.Where((_, k) => (bits & 1 << k) != 0).ToArray();
                Assert.Contains(wanted, w => RecipeSearch.For(w.Colour, subset).Best.DeltaE > 6 - 0.6);
            }
        }
    }

    [Fact]
    public void MoreDifferenceNeedsNoMorePaints()
    {
        int Count(double deltaE) => FewestPaints.Of(Wanted("wreck-diver"), Paints, deltaE).Paints.Count;
        Assert.True(Count(8) <= Count(4) && Count(4) <= Count(2));
    }

    // ISO 6504-3 style: thicker films hide more, and the film that hides is found.
    [Fact]
    public void HidingGrowsWithTheFilm() => Assert.All(Paints, paint =>
    {
        var optics = PaintOptics.Of(paint);
        Assert.True(Hiding.ContrastRatio(optics, 10) < Hiding.ContrastRatio(optics, 30));
        Assert.Equal(Hiding.Hidden, Hiding.ContrastRatio(optics, Hiding.FilmToHideUm(optics)!.Value), 1e-6);
        Assert.Equal(PaintOptics.CardBlack / PaintOptics.CardWhite, Hiding.ContrastRatio(optics, 0), 1e-9);
    });

    [Fact]
    public void ACastTakesTheSkinJustToTheWantedLightness()
    {
        var white = PaintOptics.Of(PaintOptics.Find(DemoWorld.Kit, "chalk-white"));
        var dark = PaintStack.OnSkin(DemoWorld.Faces[2].Skin);
        var film = Hiding.CastUm(white, dark, 55)!.Value;
        Assert.Equal(55, dark.With(white, film).Colour().L, 1e-6);
        Assert.Null(Hiding.CastUm(white, dark, 10));
    }

    [Fact]
    public void AKitComesBackFromItsTable()
    {
        var back = KitCsv.Read(KitCsv.Write(DemoWorld.Kit.Paints));
        Assert.Equal(DemoWorld.Kit.Paints, back);
    }

    [Theory]
    [InlineData("", "Line 1")]
    [InlineData("id,name\nx,y\n", "missing columns")]
    public void ABrokenTableIsRefusedByLine(string text, string words) => Assert.Contains(words, Assert.Throws<InputException>(() => KitCsv.Read(text)).Message);

    [Fact]
    public void NonsenseInATableIsNamed()
    {
        var good = KitCsv.Write([Paints[0]]);
        Assert.Contains("no number", Assert.Throws<InputException>(() => KitCsv.Read(good.Replace(",30,", ",thick,", StringComparison.Ordinal))).Message);
        Assert.Contains("Check the three numbers", Assert.Throws<InputException>(() => KitCsv.Read(good.Replace(",93.5,", ",935,", StringComparison.Ordinal))).Message);
        var row = good.Split('\n')[1];
        Assert.Contains("500 paints", Assert.Throws<InputException>(() => KitCsv.Read(good + string.Join('\n', Enumerable.Repeat(row, 50_000)))).Message);
    }

    [Fact]
    public void ThePaletteHasALineForEveryPaint()
    {
        var lines = PaletteGpl.Of(DemoWorld.Kit).Split('\n', StringSplitOptions.RemoveEmptyEntries);
        Assert.Equal(4 + DemoWorld.Kit.Paints.Count, lines.Length);
    }

    private static WantedColour[] Wanted(string look)
    {
        var planned = DemoWorld.Plan(look);
        return [.. planned.InOrder.Where(j => j.Role.Stage != Stage.Map)
            .Select(j => new WantedColour(j.Role.Label, new PaintStackProbe(PaintOptics.Of(j.Mix, DemoWorld.Kit)).OpaqueColour))];
    }
}
