using Datura.Core.Paint;
using CsCheck;

namespace Datura.Core.Tests.Paint;

/// <summary>A colour off a photo with something white in it.</summary>
public class PhotoColourTests
{
    // IEC 61966-2-1, the other way: what a camera writes for a share of light.
    private static double Written(double linear) => 255 * (linear <= 0.0031308 ? 12.92 * linear : 1.055 * Math.Pow(linear, 1 / 2.4) - 0.055);

    private static (double, double, double) Written((double R, double G, double B) light) => (Written(light.R), Written(light.G), Written(light.B));

    // The white itself is a neutral of its own reflectance: L* = 116 Y^(1/3) − 16 (CIE 15).
    [Theory]
    [InlineData(230, 230, 230, 0.88)]
    [InlineData(240, 215, 180, 0.9)]
    [InlineData(150, 170, 200, 0.7)]
    public void TheWhiteComesBackNeutral(double r, double g, double b, double reflectance)
    {
        var lab = PhotoColour.Of((r, g, b), (r, g, b), reflectance);
        Assert.Equal(116 * Math.Cbrt(reflectance) - 16, lab.L, 0.02);
        Assert.InRange(Math.Abs(lab.A) + Math.Abs(lab.B), 0, 0.03);
    }

    // Whatever the lamp's colour and the exposure, a surface keeps its colour: the lamp multiplies each channel of spot and white alike.
    [Fact]
    public void NeitherTheLampNorTheExposureChangesTheColour() =>
        Gen.Select(Gen.Double[0.02, 0.85], Gen.Double[0.02, 0.85], Gen.Double[0.02, 0.85], Gen.Double[0.35, 1], Gen.Double[0.35, 1], Gen.Double[0.35, 1]).Sample((r, g, b, lampR, lampG, lampB) =>
        {
            const double white = 0.88;
            Lab Seen(double x, double y, double z) => PhotoColour.Of(Written((r * x, g * y, b * z)), Written((white * x, white * y, white * z)), white);
            Assert.InRange(ColourDifference.DeltaE00(Seen(1, 1, 1), Seen(lampR, lampG, lampB)), 0, 1e-6);
        });

    // Colours of sRGB with published L*a*b* (D65, CIE 15 formulas): mid grey 119 has L* 50; the primaries follow from IEC 61966-2-1.
    [Theory]
    [InlineData(119, 119, 119, 50.0, 0, 0)]
    [InlineData(200, 0, 0, 41.3, 66.8, 54.6)]
    [InlineData(0, 200, 0, 70.0, -71.6, 69.1)]
    public void KnownColoursComeBack(double r, double g, double b, double l, double aStar, double bStar) =>
        Assert.InRange(ColourDifference.DeltaE00(new(l, aStar, bStar), PhotoColour.Of((r, g, b), (250, 250, 250), Whole(250))), 0, 1);

    private static double Whole(double value) => Math.Pow((value / 255 + 0.055) / 1.055, 2.4);

    [Theory]
    [InlineData(253, 240, 230, "overexposed")]
    [InlineData(200, 180, 40, "dark")]
    public void AWhiteThatTellsNothingIsRefused(double r, double g, double b, string word) =>
        Assert.Contains(word, Assert.Throws<InputException>(() => PhotoColour.Of((100, 80, 70), (r, g, b))).Message, StringComparison.Ordinal);
}
