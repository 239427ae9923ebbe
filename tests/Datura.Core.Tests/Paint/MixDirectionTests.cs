using Datura.Core.Paint;

namespace Datura.Core.Tests.Paint;

/// <summary>
/// Which way mixes go, against a second opinion: spectral.js 3.0.0 (npm, MIT), which mixes by one constant from RGB and weighs
/// colours by their luminance; tests/e2e/make-mixing-values.mjs writes the values. Only directions can be compared.
/// </summary>
public class MixDirectionTests
{
    // Where both are colourful, hues of the two opinions lie within this of each other for nearly all pairs.
    private const double HueDeg = 40;

    private static readonly (string Name, Lab One, Lab Two, Lab Theirs, Lab Ours)[] Pairs =
    [
        .. Values.Rows("mixing.csv").Select(r =>
        {
            Lab At(int k) => new(r[k].Number(), r[k + 1].Number(), r[k + 2].Number());
            return (r[0], At(1), At(4), At(7), Mixed(At(1), At(4)));
        }),
    ];

    [Fact]
    public void HuesOfMixesAgree()
    {
        var clear = Pairs.Where(p => p.Theirs.Chroma() > 15 && p.Ours.Chroma() > 15).ToArray();
        Assert.True(clear.Length > 25);
        Assert.True(clear.Count(p => Apart(p.Theirs, p.Ours) < HueDeg) >= 0.9 * clear.Length);
    }

    // Paint takes light away: no mix is lighter than the lighter of its two paints, in either opinion.
    [Fact]
    public void MixesLieBelowTheLighterPaint() => Assert.All(Pairs, p =>
    {
        Assert.True(p.Ours.L < Math.Max(p.One.L, p.Two.L) + 0.5);
        Assert.True(p.Theirs.L < Math.Max(p.One.L, p.Two.L) + 0.5);
    });

    // Common practice, and both opinions say the same: yellow and blue go green, white into red pink, pink and orange red.
    [Theory]
    [InlineData("yellow and blue", 90, 190)]
    [InlineData("white into red", -10, 40)]
    [InlineData("pink and orange", 15, 70)]
    [InlineData("red and yellow", 20, 78)]
    [InlineData("white into blue", 230, 310)]
    public void ClassicMixesGoTheKnownWay(string name, double from, double to)
    {
        var pair = Pairs.Single(p => p.Name == name);
        Assert.InRange(Hue(pair.Ours, from), from, to);
        Assert.InRange(Hue(pair.Theirs, from), from, to);
    }

    // Opaque paints of the two colours, stirred half and half; both scatter alike, as theirs do.
    private static Lab Mixed(Lab one, Lab two)
    {
        static PaintOptics Opaque(Lab c) => new(
            [.. PossibleColour.Reflectance(c).Select(SurfaceReflection.Inside).Select(r => (1 - r) * (1 - r) / (2 * r))], [.. Enumerable.Repeat(1.0, Spectrum.Bands)]);
        return new PaintStackProbe(WetFilm.Of(Opaque(one), 1, Opaque(two), 1).Paint).OpaqueColour;
    }

    private static double Hue(Lab c, double from)
    {
        var degrees = Math.Atan2(c.B, c.A) * 180 / Math.PI;
        return degrees < from ? degrees + 360 : degrees;
    }

    private static double Apart(Lab a, Lab b)
    {
        var d = Math.Abs(Math.Atan2(a.B, a.A) - Math.Atan2(b.B, b.A)) * 180 / Math.PI;
        return Math.Min(d, 360 - d);
    }
}
