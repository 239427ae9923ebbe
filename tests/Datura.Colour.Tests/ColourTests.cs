
namespace Datura.Colour.Tests;

public class ColourTests
{
    // Sharma, Wu, Dalal, Color Research and Application 30 (2005) 21–30, table 1.
    [Fact]
    public void Ciede2000AgreesWithThePublishedPairs()
    {
        foreach (var row in Values.Rows("ciede2000.csv").Select(r => r.Select(c => c.Number()).ToArray()))
        {
            Lab one = new(row[0], row[1], row[2]), two = new(row[3], row[4], row[5]);
            Assert.Equal(row[6], ColourDifference.DeltaE00(one, two), 1e-4);
            Assert.Equal(row[6], ColourDifference.DeltaE00(two, one), 1e-4);
        }
    }

    // Second opinion: values written by tests/e2e/make-colour-values.mjs with a general-purpose colour library.
    [Fact]
    public void ConversionsAgreeWithAnotherLibrary()
    {
        foreach (var row in Values.Rows("culori.csv"))
        {
            var n = row.Take(6).Select(c => c.Number()).ToArray();
            var rgb = Srgb.From(new Lab(n[0], n[1], n[2]));
            var hex = Convert.FromHexString(row[6][1..]);
            Assert.InRange(Math.Abs(rgb.R - hex[0]), 0, 1);
            Assert.InRange(Math.Abs(rgb.G - hex[1]), 0, 1);
            Assert.InRange(Math.Abs(rgb.B - hex[2]), 0, 1);
            Assert.Equal(row[7].Number(), ColourDifference.DeltaE00(new(n[0], n[1], n[2]), new(n[3], n[4], n[5])), 1e-4);
        }
    }

    // CIE 15: A 0.44757, 0.40745; D65 0.31272, 0.32903. Ten-nanometre tables cut at 730 nm agree to three places.
    [Fact]
    public void LightsHaveTheirPublishedChromaticity()
    {
        var (ax, ay) = Observer.White(Observer.A).Chromaticity;
        var (dx, dy) = Observer.White(Observer.D65).Chromaticity;
        Assert.Equal(0.44757, ax, 5e-4);
        Assert.Equal(0.40745, ay, 5e-4);
        Assert.Equal(0.31272, dx, 5e-4);
        Assert.Equal(0.32903, dy, 5e-4);
    }

    [Fact]
    public void WhiteIsWhite()
    {
        Assert.Equal(new Srgb(255, 255, 255), Srgb.From(Lab.D65White));
        Assert.Equal(100, Lab.From(Lab.D65White).L, 1e-9);
    }

    [Fact]
    public void LabComesBackFromXyz()
    {
        foreach (var lab in new[] { new Lab(3, 1, -2), new(50, 40, -30), new(96, -4, 8) })
        {
            var back = Lab.From(lab.ToTristimulus());
            Assert.Equal(lab.L, back.L, 1e-9);
            Assert.Equal(lab.A, back.A, 1e-9);
            Assert.Equal(lab.B, back.B, 1e-9);
        }
    }

    [Theory]
    [InlineData(95, 0, 2)]
    [InlineData(12, 0, -1)]
    [InlineData(50, 55, 30)]
    [InlineData(60, -35, 20)]
    [InlineData(80, 5, 75)]
    public void ASmoothReflectanceHasItsColourAndStaysBetweenBlackAndWhite(double l, double a, double b)
    {
        var spectrum = SmoothReflectance.Find(new(l, a, b))!;
        Assert.All(spectrum, r => Assert.InRange(r, 0, 1));
        Assert.Equal(0, ColourDifference.DeltaE00(new(l, a, b), Lab.From(Observer.Look(spectrum, Observer.D65))), 0.01);
    }

    [Fact]
    public void AColourNoSurfaceCanHaveHasNone() => Assert.Null(SmoothReflectance.Find(new(60, 120, -120)));
}
