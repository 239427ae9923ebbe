using CsCheck;
using Datura.Core.Paint;

namespace Datura.Core.Tests.Paint;

public class FilmTests
{
    // Computed from Kubelka, J. Opt. Soc. Am. 38 (1948) 448, by separate code.
    [Fact]
    public void FilmsAgreeWithTheClosedForm()
    {
        foreach (var row in Values.Rows("film_two_flux.csv").Select(r => r.Select(c => c.Number()).ToArray()))
        {
            Assert.Equal(row[4], Film.Over(Film.Layer(row[0], row[1], row[2]), row[3]), 1e-6);
        }
    }

    [Theory]
    [InlineData(0.1, 1)]
    [InlineData(2, 1)]
    [InlineData(0.003, 0.4)]
    public void AThickFilmHasTheOpaqueReflectance(double k, double s)
    {
        var q = k / s;
        Assert.Equal(1 + q - Math.Sqrt(q * q + 2 * q), Film.Over(Film.Layer(k, s, 1e5), 0.7), 1e-9);
    }

    [Fact]
    public void NoFilmIsNoChange() => Assert.Equal(0.37, Film.Over(Film.Layer(1, 1, 0), 0.37), 1e-12);

    [Fact]
    public void TwoFilmsOfOnePaintAreOneOfBothThicknesses()
    {
        var half = Film.Layer(0.02, 0.05, 12);
        Assert.Equal(Film.Over(Film.Layer(0.02, 0.05, 24), 0.3), Film.Over(half, Film.Over(half, 0.3)), 1e-12);
    }

    [Fact]
    public void NoStackMakesLight() =>
        Gen.Select(Gen.Double[0, 5], Gen.Double[0, 5], Gen.Double[0, 200], Gen.Double[0, 1]).Sample((k, s, x, ground) =>
        {
            var layer = Film.Layer(k, s, x);
            Assert.InRange(layer.R + layer.T, -1e-12, 1 + 1e-9);
            Assert.InRange(Film.Over(layer, ground), -1e-12, 1 + 1e-9);
        });

    [Fact]
    public void AbsorptionAndScatteringComeBackFromACard() =>
        // An opaque film no longer tells K and S apart from its thickness.
        Gen.Select(Gen.Double[0.001, 0.1], Gen.Double[0.002, 0.12], Gen.Double[8, 40]).Where((k, s, x) => Film.Layer(k, s, x).T >= 0.02).Sample((k, s, x) =>
        {
            var film = Film.Layer(k, s, x);
            var (k2, s2) = Film.Solve(Film.Over(film, 0.02), Film.Over(film, 0.9), 0.02, 0.9, x);
            Assert.Equal(k, k2, 0.001 * k + 1e-6);
            Assert.Equal(s, s2, 0.001 * s + 1e-6);
        });

    [Fact]
    public void ACardDarkerOverWhiteIsRefusedInWords()
    {
        var problem = Assert.Throws<InputException>(() => Film.Solve(0.5, 0.3, 0.02, 0.9, 20));
        Assert.Contains("darker over white", problem.Message, StringComparison.Ordinal);
    }

    // Saunderson, J. Opt. Soc. Am. 32 (1942) 727.
    [Fact]
    public void SurfaceReflectionFollowsSaunderson()
    {
        const double r = 0.5;
        Assert.Equal(0.04 + 0.96 * 0.4 * r / (1 - 0.6 * r), SurfaceReflection.SeenWithGloss(r), 1e-12);
        Assert.Equal(r, SurfaceReflection.Inside(SurfaceReflection.SeenWithoutGloss(r)), 1e-12);
    }
}
