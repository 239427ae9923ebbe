using Datura.Core.Supply;

namespace Datura.Core.Tests.Supply;

/// <summary>A pot by scales and calendar: by hand, within its limits, and for how many faces it is enough.</summary>
public class PotTests
{
    private static PaintDescription Pot(PaintPot? pot, double? potMl = 30, double? leftMl = null) => DemoWorld.Kit.Paints[0] with { PotMl = potMl, LeftMl = leftMl, Pot = pot };

    // A pot of cake of 30 ml: 14 g lighter than full are 10 ml gone, at 1.4 g/ml.
    [Fact]
    public void TheScalesSayHowMuchIsLeft()
    {
        Assert.Equal(20, PotLevel.LeftMl(Pot(new(FullG: 61, WeighedG: 47)))!.Value, 9);
        Assert.Equal(30, PotLevel.LeftMl(Pot(new(FullG: 61, WeighedG: 61)))!.Value, 9);
        // Lighter than an empty pot can be: it is empty.
        Assert.Equal(0, PotLevel.LeftMl(Pot(new(FullG: 61, WeighedG: 5)))!.Value, 9);
        // Without all three the eye's word stands.
        Assert.Equal(7, PotLevel.LeftMl(Pot(new(FullG: 61), leftMl: 7)));
        Assert.Equal(7, PotLevel.LeftMl(Pot(new(FullG: 61, WeighedG: 47), potMl: null, leftMl: 7)));
        Assert.Null(PotLevel.LeftMl(Pot(null)));
    }

    [Fact]
    public void ALighterPotNeverHoldsMore() =>
        Assert.All(Enumerable.Range(0, 61), g => Assert.True(PotLevel.LeftMl(Pot(new(FullG: 61, WeighedG: g))) <= PotLevel.LeftMl(Pot(new(FullG: 61, WeighedG: g + 1 > 61 ? 61 : g + 1)))));

    [Fact]
    public void APotKeepsFromTheDayItWasOpened()
    {
        Assert.Equal(new DateOnly(2027, 1, 31), PotAge.LastDay(Pot(new(new DateOnly(2026, 1, 31), KeepsMonths: 12))));
        // The last of February stands for the 31st.
        Assert.Equal(new DateOnly(2026, 2, 28), PotAge.LastDay(Pot(new(new DateOnly(2026, 1, 31), KeepsMonths: 1))));
        Assert.Equal(new DateOnly(2026, 7, 16), PotAge.LastDay(Pot(new(new DateOnly(2026, 1, 1), KeepsMonths: 6.5))));
        // Cakes usually keep two years (from memory), stones for ever.
        Assert.Equal(new DateOnly(2028, 3, 1), PotAge.LastDay(Pot(new(new DateOnly(2026, 3, 1)))));
        Assert.Null(PotAge.LastDay(Pot(new(new DateOnly(2026, 3, 1))) with { Material = Material.Gem }));
        Assert.Null(PotAge.LastDay(Pot(new(KeepsMonths: 12))));
        Assert.All(Enum.GetValues<Material>(), m => Assert.True(PotAge.UsualMonths(m) is null or >= 12 and <= 36));
    }

    [Fact]
    public void NonsenseIsRefusedInWords()
    {
        string Said(PaintPot pot) => Assert.Throws<InputException>(() => DocumentCheck.Check(Pot(pot), "paints[0]")).Message;
        DocumentCheck.Check(Pot(new(new DateOnly(2026, 1, 1), 24, 61, 47)), "paints[0]");
        Assert.Contains("more now than when it was full", Said(new(FullG: 61, WeighedG: 61.1)), StringComparison.Ordinal);
        Assert.Contains("Weigh it again", Said(new(FullG: -3)), StringComparison.Ordinal);
        Assert.Contains("Weigh it again", Said(new(WeighedG: double.NaN)), StringComparison.Ordinal);
        Assert.Contains("lies behind us", Said(new(new DateOnly(1492, 8, 3))), StringComparison.Ordinal);
        Assert.Contains("lies behind us", Said(new(KeepsMonths: 0)), StringComparison.Ordinal);
        var kit = DemoWorld.Kit with { Paints = [Pot(new(new DateOnly(2026, 12, 1)))] };
        Assert.Contains("a day that lies ahead", Assert.Throws<InputException>(() => PotAge.NotAhead(kit, new(2026, 11, 30))).Message, StringComparison.Ordinal);
        PotAge.NotAhead(kit, new(2026, 12, 1));
    }

    // One face more would be too many, and one fewer is not the most.
    [Theory]
    [InlineData("drowned-lamp-keeper")]
    [InlineData("kelp-bride")]
    [InlineData("quay-seal")]
    public void AKitPaintsAsManyFacesAsItsShortestPaintAllows(string look)
    {
        var each = FaceSupply.Of(DemoWorld.Plan(look), DemoWorld.Kit);
        var still = StillPaints.Of(each, DemoWorld.Kit, 0.05);
        Assert.Empty(still.NotLookedAt);
        bool Lasts(int faces) => each.Paints.Where(u => u.Ml > 0).All(u =>
            Demand.Of(faces, u.Ml, u.Spread, false).Enough(0.05) <= PotLevel.LeftMl(DemoWorld.Kit.Paints.Single(p => p.Id == u.Paint)));
        Assert.True(Lasts(still.Faces!.Value) && !Lasts(still.Faces.Value + 1));
        Assert.Contains(DemoWorld.Kit.Paints, p => p.Name == still.FirstGone);
        // Nobody looked: nothing is promised.
        var unknown = DemoWorld.Kit with { Paints = [.. DemoWorld.Kit.Paints.Select(p => p with { LeftMl = null, Pot = null })] };
        var none = StillPaints.Of(each, unknown, 0.05);
        Assert.True(none is { Faces: null, FirstGone: null } && none.NotLookedAt.Count == each.Paints.Count(u => u.Ml > 0));
    }
}
