using CsCheck;
using Datura.Core.Paint;

namespace Datura.Core.Tests.Paint;

/// <summary>K and S solved from a draw-down card give the card back.</summary>
public class CardTests
{
    // Any paint whose card is lighter and no less colourful over white than over black, as real films are.
    [Fact]
    public void AnyRealCardComesBackWithinHalfADeltaE() =>
        Gen.Select(Gen.Double[15, 75], Gen.Double[-35, 35], Gen.Double[-35, 40], Gen.Double[1, 16], Gen.Double[0.8, 1.25], Gen.Double[8, 60])
            .Sample((l, a, b, lighter, chroma, film) =>
            {
                var paint = Paint(new(l, a, b), new(l + lighter, chroma * a, chroma * b), film);
                PaintOptics optics;
                try
                {
                    optics = PaintOptics.Of(paint);
                }
                catch (ArgumentException)
                {
                    // No film gives this card; it is refused with a sentence.
                    return;
                }

                // A paint that outshines the card's own white in some band can be met there only nearly.
                var outshines = SmoothReflectance.For(paint.OverWhite).Max() > PaintOptics.CardWhite;
                Assert.InRange(ColourDifference.DeltaE00(paint.OverWhite, On(PaintOptics.CardWhite)), 0, outshines ? 1.5 : 0.5);
                Assert.InRange(ColourDifference.DeltaE00(paint.OverBlack, On(PaintOptics.CardBlack)), 0, 0.5);

                Lab On(double ground)
                {
                    var under = Enumerable.Repeat(SurfaceReflection.Inside(ground), Spectrum.Bands).ToArray();
                    return Lab.From(Observer.Look([.. optics.Over(under, film).Select(SurfaceReflection.SeenWithoutGloss)], Observer.D65));
                }
            });

    [Fact]
    public void ACardBrighterThanAnyFilmIsRefused() => Assert.Contains(
        "No film gives this card", Assert.Throws<ArgumentException>(() => PaintOptics.Of(Paint(new(60, 0, 0), new(99.5, 0, 0), 20))).Message, StringComparison.Ordinal);

    [Fact]
    public void EveryPaintOfTheDemoComesBack() => Assert.All(DemoWorld.AllKits.SelectMany(k => k.Paints), paint =>
    {
        var optics = PaintOptics.Of(paint);
        foreach (var (ground, card) in new[] { (PaintOptics.CardBlack, paint.OverBlack), (PaintOptics.CardWhite, paint.OverWhite) })
        {
            var under = Enumerable.Repeat(SurfaceReflection.Inside(ground), Spectrum.Bands).ToArray();
            var seen = Lab.From(Observer.Look([.. optics.Over(under, paint.CardFilmUm).Select(SurfaceReflection.SeenWithoutGloss)], Observer.D65));
            Assert.InRange(ColourDifference.DeltaE00(card, seen), 0, 0.5);
        }
    });

    [Theory]
    [InlineData(0)]
    [InlineData(-3)]
    [InlineData(1_000_000)]
    [InlineData(double.NaN)]
    public void AFilmOfNothingOrAMetreIsRefused(double um) =>
        Assert.Contains("µm", Assert.Throws<ArgumentException>(() => PaintOptics.Of(Paint(new(40, 10, 10), new(45, 11, 11), um))).Message, StringComparison.Ordinal);

    private static PaintDescription Paint(Lab black, Lab white, double film) =>
        new("x", "Test", Material.WaterCake, Finish.Matt, film, black, white, 20, 50, true, true);
}
