using CsCheck;
using Datura.Core.Order;
using Datura.Core.Paint;

namespace Datura.Core.Tests.Paint;

public class LightTests
{
    private static readonly double[] White = [.. Enumerable.Repeat(1.0, Spectrum.Bands)];

    // CIE 15: chromaticities of A and D65 (from memory).
    [Theory]
    [InlineData("daylight", 0.31272, 0.32903)]
    [InlineData("lampLight", 0.44757, 0.40745)]
    public void KnownLampsHaveTheirChromaticity(string lamp, double x, double y)
    {
        var (cx, cy) = Observer.White(Lamps.Find(lamp).Power).Chromaticity;
        Assert.Equal(x, cx, 0.0006);
        Assert.Equal(y, cy, 0.0006);
    }

    [Fact]
    public void ByDayNothingChanges() => Gen.Double[0.02, 0.98].Array[Spectrum.Bands].Sample(reflectance =>
        Assert.InRange(ColourDifference.DeltaE00(new ChromaticAdaptation(Observer.D65).Colour(reflectance), Lab.From(Observer.Look(reflectance, Observer.D65))), 0, 0.01));

    // To a whitish light the eye adapts: white looks nearly white. To a saturated wash it does not.
    [Theory]
    [InlineData("lampLight", true)]
    [InlineData("warmLed", true)]
    [InlineData("uvFree", true)]
    [InlineData("red", false)]
    [InlineData("green", false)]
    [InlineData("blue", false)]
    public void TheEyeAdaptsToLampsAndNotToWashes(string lamp, bool adapts)
    {
        var white = new ChromaticAdaptation(Lamps.Find(lamp).Power).Colour(White);
        Assert.Equal(100, white.L, 6.0);
        Assert.True(adapts ? white.Chroma() < 14 : white.Chroma() > 20, $"{white}");
    }

    // CIECAM02 (CIE 159:2004), average surround: worked by hand at 0, 20, 100 and 318.31 cd/m² (the last stands for full
    // daylight viewing; from memory).
    [Theory]
    [InlineData(0, 0.8240)]
    [InlineData(20, 0.8584)]
    [InlineData(100, 0.9407)]
    [InlineData(318.31, 0.9945)]
    public void TheEyeAdaptsMoreTheBrighterItIs(double cdM2, double degree) => Assert.Equal(degree, ChromaticAdaptation.DegreeAt(cdM2), 1e-3);

    // ANSI C78.377 (from memory): white is sold within 0.006 of the tolerance's centre, which lies 0 to 0.004 above the black body.
    [Theory]
    [InlineData("warmLed", 2580, 2870)]
    [InlineData("coolLed", 5310, 6020)]
    public void LedsAreWhiteAsSold(string lamp, double fromKelvin, double toKelvin)
    {
        var (u, v) = Uv(Observer.White(Lamps.Find(lamp).Power));
        var (kelvin, away) = Enumerable.Range(0, 2000).Select(k => 2000 * Math.Pow(1.001, k)).Select(k => (Kelvin: k, At: Uv(Observer.White(Lamps.BlackBody(k)))))
            .Select(b => (b.Kelvin, Away: Math.Sqrt((u - b.At.U) * (u - b.At.U) + (v - b.At.V) * (v - b.At.V)) * Math.Sign(v - b.At.V))).MinBy(b => Math.Abs(b.Away));
        Assert.InRange(kelvin, fromKelvin, toKelvin);
        Assert.InRange(away, -0.004, 0.008);
    }

    // CIE 1960.
    private static (double U, double V) Uv(Tristimulus c) => (4 * c.X / (c.X + 15 * c.Y + 3 * c.Z), 6 * c.Y / (c.X + 15 * c.Y + 3 * c.Z));

    [Fact]
    public void InRedLightWhiteAndRedGrowAlike()
    {
        double[] red = Spectrum.Of(nm => nm < 600 ? 0.05 : 0.85), white = Spectrum.Of(_ => 0.88);
        double Apart(string lamp) => new ChromaticAdaptation(Lamps.Find(lamp).Power) is var eye ? ColourDifference.DeltaE00(eye.Colour(red), eye.Colour(white)) : 0;
        Assert.True(Apart("daylight") > 40);
        Assert.True(Apart("red") < LostColours.ClearDeltaE, $"{Apart("red")}");
        Assert.True(Apart("green") > 20);
    }

    [Fact]
    public void TwoLampsTogetherLieBetweenThem()
    {
        double X(params LampLevel[] lamps) => Observer.White(Lamps.Together(lamps)).Chromaticity.X;
        Assert.InRange(X(new("red", 0.5), new("blue", 0.5)), X(new LampLevel("blue", 1)), X(new LampLevel("red", 1)));
        Assert.Equal(X(new LampLevel("amber", 0.3)), X(new LampLevel("amber", 1)), 1e-9);
    }

    [Fact]
    public void NoLightIsRefused()
    {
        Assert.Throws<InputException>(() => Lamps.Together([]));
        Assert.Throws<InputException>(() => Lamps.Together([new("red", 0)]));
        Assert.Throws<InputException>(() => Lamps.Together([new("red", double.NaN)]));
        Assert.Throws<InputException>(() => Lamps.Together([new("moonshine", 1)]));
    }

    [Fact]
    public void NoScreenColourIsCutOffForBeingTooBright() => Assert.All(Lamps.All, lamp =>
    {
        var eye = new ChromaticAdaptation(lamp.Power);
        var (dim, bright) = (eye.Shown([.. White.Select(w => 0.5 * w)]), eye.Shown(White));
        Assert.True(dim.R + dim.G + dim.B < bright.R + bright.G + bright.B, lamp.Id);
    });

    [Fact]
    public void LostPairsAreClearByDayAndHardlySeenInTheLight()
    {
        var planned = DemoWorld.Plan("kelp-bride");
        Assert.Empty(LostColours.Of(planned.InOrder, planned.Colours!, DemoWorld.Kit, new ChromaticAdaptation(Observer.D65)));
        var lost = LostColours.Of(planned.InOrder, planned.Colours!, DemoWorld.Kit, new ChromaticAdaptation(Lamps.Find("red").Power));
        Assert.NotEmpty(lost);
        Assert.All(lost, p => Assert.True(p.DeltaEDay >= LostColours.ClearDeltaE && p.DeltaELight <= LostColours.LostDeltaE));
        Assert.All(lost.Where(p => p.Better is not null), p => Assert.True(p.DeltaEBetter > LostColours.LostDeltaE));
    }

    [Fact]
    public void ACoreEndsInTheColourThatIsSeen()
    {
        var planned = DemoWorld.Plan("drowned-lamp-keeper");
        var picture = new PaintPicture(planned.Skin, new(256));
        foreach (var coat in planned.Coats.SelectMany(s => s))
        {
            picture.Lay(coat);
        }

        foreach (var (x, y) in new[] { (32.0, -10.0), (0.0, -60.0), (40.0, 40.0), (0.0, -210.0) })
        {
            var core = picture.CoreAt(x, y);
            Assert.Equal(-1, core[0].Coat);
            Assert.Equal(core.Skip(1).Select(c => c.Coat).Order(), core.Skip(1).Select(c => c.Coat));
            Assert.Equal(picture.At(x, y), Srgb.From(Observer.Look(core[^1].Seen, Observer.D65)));
        }
    }

    [Fact]
    public void MoreCoatsOfABaseHideMoreAndWhereThereIsNoneNothingIsSaid()
    {
        double Shows(int coats)
        {
            var part = DemoWorld.Part("skinBase") with { Coats = new Dictionary<string, int> { ["ground"] = coats } };
            var planned = DemoWorld.PlanOf(part);
            var picture = new PaintPicture(planned.Skin, new(128));
            foreach (var coat in planned.Coats.SelectMany(s => s))
            {
                picture.Lay(coat);
            }

            var shows = picture.BaseShows(coat => coat == 0);
            Assert.Null(shows[0]);
            return shows.Where(s => s is not null).Average(s => s!.Value);
        }

        Assert.True(Shows(4) < Shows(2) && Shows(2) < Shows(1));
    }
}
