using Datura.Core.Supply;
using MathNet.Numerics.Distributions;

namespace Datura.Core.Tests.Supply;

/// <summary>A case for many faces: enough but for a chance, by simulation; more faces never take less.</summary>
public class PackedCaseTests
{
    private static readonly FaceSupply Keeper = FaceSupply.Of(DemoWorld.Plan("drowned-lamp-keeper"), DemoWorld.Kit);
    private static readonly FaceSupply Bride = FaceSupply.Of(DemoWorld.Plan("kelp-bride"), DemoWorld.Kit);
    private static readonly Case Night = new("Night", "saltmarsh-box", "night-parade", [new("drowned-lamp-keeper", null, 6)]);

    // Nights of the queue, drawn: Poisson faces, each amount by a gamma distribution with that mean and spread.
    [Theory]
    [InlineData(12, 0.35, true, 0.05)]
    [InlineData(40, 0.5, true, 0.05)]
    [InlineData(40, 0.35, false, 0.1)]
    [InlineData(200, 0.35, true, 0.02)]
    public void ItRunsOutAsOftenAsIsPutUpWith(int faces, double spread, bool queue, double shortChance)
    {
        const int nights = 40_000;
        var random = new Random(faces);
        var enough = Demand.Of(faces, 0.4, spread, queue).Enough(shortChance);
        var amount = new Gamma(1 / (spread * spread), 1 / (0.4 * spread * spread), random);
        var coming = new Poisson(faces, random);
        var outOf = 0;
        for (var k = 0; k < nights; k++)
        {
            var taken = 0.0;
            for (var n = queue ? coming.Sample() : faces; n > 0; n--)
            {
                taken += amount.Sample();
            }

            outOf += taken > enough ? 1 : 0;
        }

        // The normal distribution is a little short in the tail of a few faces.
        Assert.InRange(outOf / (double)nights, 0.6 * shortChance, 1.7 * shortChance);
    }

    [Fact]
    public void TheChanceOfRunningOutIsTheInverseOfEnough()
    {
        foreach (var chance in new[] { 0.01, 0.05, 0.2, 0.5 })
        {
            var demand = Demand.Of(25, 0.4, 0.35, true);
            Assert.Equal(chance, demand.ShortChance(demand.Enough(chance)), 6);
        }

        Assert.Equal(1, Demand.Of(10, 1, 0, false).ShortChance(9.9));
        Assert.Equal(0, Demand.Of(10, 1, 0, false).ShortChance(10));
    }

    // Ten faces and twenty are thirty; evenings count like faces.
    [Fact]
    public void FacesAddUpHoweverTheyAreWritten()
    {
        var apart = Demand.Of(10, 0.4, 0.35, true) + Demand.Of(20, 0.4, 0.35, true);
        var whole = Demand.Of(30, 0.4, 0.35, true);
        Assert.Equal(whole.Mean, apart.Mean, 9);
        Assert.Equal(whole.Variance, apart.Variance, 9);
        var (evenings, faces) = (PackedCase.Of(Night with { Evenings = 5 }, [(6, Keeper)], DemoWorld.Kit), PackedCase.Of(Night, [(30, Keeper)], DemoWorld.Kit));
        Assert.All(evenings.Paints.Zip(faces.Paints), p => Assert.Equal(p.Second.Ml, p.First.Ml, 9));
        // But sponges are washed before the next evening.
        Assert.True(evenings.Tools.Where(t => t.Fresh).Sum(t => t.Count) < faces.Tools.Where(t => t.Fresh).Sum(t => t.Count));
    }

    [Fact]
    public void MoreFacesMoreLooksAndMoreSurenessNeverTakeLess()
    {
        var before = PackedCase.Of(Night, [(6, Keeper)], DemoWorld.Kit);
        foreach (var after in new[]
        {
            PackedCase.Of(Night, [(7, Keeper)], DemoWorld.Kit), PackedCase.Of(Night, [(6, Keeper), (1, Bride)], DemoWorld.Kit), PackedCase.Of(Night with { ShortChance = 0.01 }, [(6, Keeper)], DemoWorld.Kit),
            PackedCase.Of(Night with { Queue = true }, [(6, Keeper)], DemoWorld.Kit), PackedCase.Of(Night with { Evenings = 2 }, [(6, Keeper)], DemoWorld.Kit),
        })
        {
            Assert.All(before.Paints, b => Assert.True(after.Paints.Single(a => a.Paint == b.Paint).Ml >= b.Ml - 1e-9, b.Paint));
            Assert.All(before.Tools, b => Assert.True(after.Tools.Single(a => a.Tool == b.Tool).Count >= b.Count, b.Tool));
            Assert.True(after.Minutes >= before.Minutes);
        }
    }

    // 20 ml there, pots of 10 ml: what is missing is bought in whole pots, and what one face costs is its share of a pot.
    [Fact]
    public void WhatIsMissingIsBoughtInWholePots()
    {
        var kit = DemoWorld.Kit with { Paints = [.. DemoWorld.Kit.Paints.Select(p => p with { LeftMl = 2, PotMl = 10, Price = 8, Pot = null })] };
        var packed = PackedCase.Of(Night with { Evenings = 30 }, [(40, Keeper)], kit);
        foreach (var paint in packed.Paints.Where(p => p.Pieces == 0))
        {
            Assert.Equal(paint.Ml <= 2 ? 0 : (int)Math.Ceiling((paint.Ml - 2) / 10), paint.BuyPots);
            Assert.Equal(0.8 * paint.LikelyMl, paint.Cost!.Value, 6);
        }

        Assert.Equal(packed.Paints.Sum(p => p.Cost), packed.Cost);
        Assert.Contains(packed.Paints, p => p.BuyPots > 0);
        // Nobody looked: nothing is said of it.
        Assert.All(PackedCase.Of(Night, [(6, Keeper)], DemoWorld.Kit with { Paints = [.. DemoWorld.Kit.Paints.Select(p => p with { LeftMl = null, PotMl = null, Price = null })] }).Paints,
            p => Assert.True(p.BuyPots is null && p.ShortChance is null && p.Cost is null));
    }

    // Her own weighing: twice the paint, in the mean and in what is bought, and as many sponges as before.
    [Fact]
    public void AHandThatTakesTwiceAsMuchTakesTwiceAsMuch()
    {
        var (usual, twice) = (PackedCase.Of(Night, [(6, Keeper)], DemoWorld.Kit), PackedCase.Of(Night with { AmountPercent = 200 }, [(6, Keeper)], DemoWorld.Kit));
        Assert.All(usual.Paints.Zip(twice.Paints).Where(p => p.First.Pieces == 0), p =>
        {
            Assert.Equal(2 * p.First.LikelyMl, p.Second.LikelyMl, 9);
            Assert.Equal(2 * p.First.Ml, p.Second.Ml, 9);
            Assert.True(p.Second.LastsEvenings <= p.First.LastsEvenings);
        });
        Assert.Equal(usual.Tools.Sum(t => t.Count), twice.Tools.Sum(t => t.Count));
    }

    [Fact]
    public void NonsenseIsRefusedInWords()
    {
        string Said(Case packed) => Assert.Throws<InputException>(() => CaseCheck.Check(packed)).Message;
        CaseCheck.Check(Night);
        Assert.Contains("needs a name", Said(Night with { Name = " " }));
        Assert.Contains("20 to 500 %", Said(Night with { AmountPercent = 1000 }));
        Assert.Contains("1 to 31 days apart", Said(Night with { EveryDays = 0 }));
        Assert.Contains("cleaning log", Said(Night with { Cleaned = [new(new DateOnly(2026, 11, 28), "")] }));
        Assert.Contains("1 to 1000 faces", Said(Night with { Lines = [new("a", null, 0)] }));
        Assert.Contains("1 to 1000 faces", Said(Night with { Lines = [new("", null, 3)] }));
        Assert.Contains("evenings", Said(Night with { Evenings = -2 }));
        Assert.Contains("evenings", Said(Night with { ShortChance = double.NaN }));
        Assert.Contains("can be negative", Assert.Throws<InputException>(() => DocumentCheck.Check(DemoWorld.Kit.Paints[0] with { PotMl = -1 }, "paints[0]")).Message, StringComparison.Ordinal);
        Assert.Contains("hundred full pots", Assert.Throws<InputException>(() => DocumentCheck.Check(DemoWorld.Kit.Paints[0] with { PotMl = 10, LeftMl = 5000 }, "paints[0]")).Message, StringComparison.Ordinal);
    }
}
