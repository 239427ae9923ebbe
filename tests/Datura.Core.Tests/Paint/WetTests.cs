using CsCheck;
using Datura.Core.Paint;

namespace Datura.Core.Tests.Paint;

/// <summary>Wet on dry, wet into wet, and a wet brush that takes some of the ground along.</summary>
public class WetTests
{
    private static readonly Lab Pale = new(72, 9, 16);

    private static PaintOptics Of(string paint) => PaintOptics.Of(PaintOptics.Find(DemoWorld.Kit, paint));

    private static PaintStack Red => PaintStack.OnSkin(Pale).With(Of("beacon-red"), 40, lifts: true);

    [Fact]
    public void LiftingNothingIsWetOnDry() => Assert.Equal(
        Red.With(Of("chalk-white"), 20).Colour().A, Red.Lifting(Of("chalk-white"), 20, 0).Colour().A, 1e-12);

    [Fact]
    public void LiftingAllIsWetIntoWet() => Assert.Equal(
        Red.IntoWet(Of("chalk-white"), 20).Colour().L, Red.Lifting(Of("chalk-white"), 20, 1).Colour().L, 1e-9);

    // White over red goes pink, and the more of the red comes along the pinker (common practice).
    [Fact]
    public void TheMoreIsLiftedThePinkerTheWhite()
    {
        double[] pink = [.. new[] { 0, 0.05, 0.1, 0.2, 0.4 }.Select(f => Red.Lifting(Of("chalk-white"), 20, f).Colour().A)];
        Assert.Equal(pink.Order(), pink);
        Assert.True(pink[^1] > pink[0] + 8);
    }

    [Fact]
    public void WhatWaterDoesNotLiftStays()
    {
        var cream = PaintStack.OnSkin(Pale).With(Of("coral"), 40, lifts: false);
        Assert.Equal(cream.With(Of("chalk-white"), 20).Colour(), cream.Lifting(Of("chalk-white"), 20, 0.4).Colour());
    }

    // Lifting moves paint from one film to the other: of one paint nothing changes, however much is lifted.
    [Fact]
    public void OfOnePaintLiftingChangesNothing() => Gen.Double[0, 1].Sample(f =>
    {
        var kelp = Of("kelp-green");
        var two = PaintStack.OnSkin(Pale).With(kelp, 8, lifts: true).Lifting(kelp, 12, f);
        Assert.Equal(0, ColourDifference.DeltaE00(two.Colour(), PaintStack.OnSkin(Pale).With(kelp, 20).Colour()), 1e-6);
    });

    [Fact]
    public void NoWetStackMakesLight() =>
        Gen.Select(Gen.Int[0, 13], Gen.Int[0, 13], Gen.Double[0, 120], Gen.Double[0, 120], Gen.Double[0, 1]).Sample((a, b, x, y, f) =>
        {
            var (one, two) = (PaintOptics.Of(DemoWorld.Kit.Paints[a]), PaintOptics.Of(DemoWorld.Kit.Paints[b]));
            var stack = PaintStack.OnSkin(Pale).With(one, x, lifts: true).Lifting(two, y, f);
            Assert.All(stack.Inside, r => Assert.InRange(r, 0, 1));
        });

    // The picture reckons with the same films as the stack.
    [Theory]
    [InlineData(0)]
    [InlineData(0.15)]
    [InlineData(1)]
    public void APictureLiftsAsTheStackDoes(double share)
    {
        var square = new RegionMark("x", Side.Middle, Curves.Polygon([new(-30, -30), new(30, -30), new(30, 30), new(-30, 30)]), 4);
        var picture = new PaintPicture(Pale, new(256));
        picture.Lay([
            new([square], Of("beacon-red"), 40) { LiftedByWater = true },
            new([square], Of("chalk-white"), 20) { Lifts = share },
        ]);
        Assert.Equal(Srgb.From(Red.Lifting(Of("chalk-white"), 20, share).Colour()), picture.At(0, 0));
    }

    [Fact]
    public void APartLaidIntoTheWetDoesNotWaitForItsGround()
    {
        var ground = DemoWorld.Part("skinBase");
        var hollow = DemoWorld.Part("cheekHollow");
        var role = hollow.Paints.Keys.First();
        var dry = DemoWorld.PlanOf(ground, hollow);
        var wet = DemoWorld.PlanOf(ground, hollow with { Laid = new Dictionary<string, CoatLay> { [role] = new(IntoWet: true) } });
        Assert.True(wet.Plan.WaitingSeconds < dry.Plan.WaitingSeconds);
        Assert.True(wet.Plan.Parts[1].Coats[0].IntoWet);
    }

    [Fact]
    public void AThinnerFilmShowsMoreSkinAndDriesSooner()
    {
        PlannedLook With(double film)
        {
            var part = DemoWorld.Part("skinBase");
            return DemoWorld.PlanOf(part with { Laid = new Dictionary<string, CoatLay> { ["ground"] = new(film) } });
        }

        var (thin, usual) = (With(0.3), With(1));
        Assert.Equal(0.3 * usual.Plan.Parts[0].Coats[0].FilmUm, thin.Plan.Parts[0].Coats[0].FilmUm, 0.11);
        Assert.True(thin.Plan.Parts[0].Coats[0].SkinShowsDeltaE > usual.Plan.Parts[0].Coats[0].SkinShowsDeltaE);
        Assert.True(thin.Jobs[0].DryingSeconds < usual.Jobs[0].DryingSeconds);
    }

    // Reserved white is the white on bare skin; painted over the dark it is duller, on every demo skin.
    [Theory]
    [InlineData(0)]
    [InlineData(1)]
    [InlineData(2)]
    public void OfTheCormorantsTwoWhitesTheReservedOneIsPurer(int face)
    {
        var plan = DemoWorld.Plan("storm-cormorant", face).Plan;
        PlanCoat Drop(string id) => plan.Parts.Single(p => p.Id == id).Coats[0];
        Assert.InRange(Drop("drops-left").TintDeltaE, 0, 0.2);
        // The less the darker the skin is that the reserved one lies on.
        Assert.True(Drop("drops-right").TintDeltaE > 3);
        Assert.True(Drop("drops-right").ColourLab.L < Drop("drops-left").ColourLab.L - 2);
    }
}
