using Datura.Core.Paint;

namespace Datura.Core.Tests.Paint;

/// <summary>Washes, casts and colours off a photo.</summary>
public class WashTests
{
    private static readonly PaintDescription[] Paints = [.. DemoWorld.Kit.Paints.Where(p => Materials.Mixes(p.Material))];

    // What a thin film makes of a skin is found again as a wash.
    [Theory]
    [InlineData("rust", 0.3)]
    [InlineData("mussel-blue", 0.15)]
    [InlineData("chalk-white", 0.5)]
    public void AWashIsFoundAgain(string paint, double share)
    {
        foreach (var face in DemoWorld.Faces)
        {
            var skin = PaintStack.OnSkin(face.Skin);
            var description = PaintOptics.Find(DemoWorld.Kit, paint);
            var wanted = skin.With(PaintOptics.Of(description), share * description.CoatFilmUm).Colour();
            var wash = WashSearch.For(wanted, skin, Paints);
            Assert.InRange(wash.DeltaE, 0, 0.6);
            Assert.InRange(wash.Share, 0.05, 1);
        }
    }

    // Of a large kit only the likeliest go into pairs: what that loses against every pair of all is not seen (common practice: half a ΔE00).
    [Fact]
    public void OfALargeKitTheLikeliestPairsAreEnough()
    {
        for (var seed = 0; seed < 3; seed++)
        {
            var random = new Random(seed);
            PaintDescription[] large = [.. Enumerable.Range(0, 160).Select(n =>
            {
                var (l, a, b) = (15 + 70 * random.NextDouble(), 90 * random.NextDouble() - 45, 90 * random.NextDouble() - 45);
                return Paints[n % Paints.Length] with { Id = $"p{n}", OverBlack = new(0.8 * l, 0.8 * a, 0.8 * b), OverWhite = new(Math.Min(97, 1.05 * l), a, b) };
            })];
            var skin = PaintStack.OnSkin(DemoWorld.Faces[seed % DemoWorld.Faces.Count].Skin);
            var wanted = new Lab(25 + 50 * random.NextDouble(), 60 * random.NextDouble() - 30, 60 * random.NextDouble() - 30);
            Assert.InRange(WashSearch.For(wanted, skin, large).DeltaE, 0, WashSearch.For(wanted, skin, large, large.Length).DeltaE + 0.5);
        }
    }

    [Fact]
    public void BareSkinNeedsTheThinnestFilm()
    {
        var skin = PaintStack.OnSkin(DemoWorld.Faces[0].Skin);
        Assert.InRange(WashSearch.For(skin.Colour(), skin, Paints).DeltaE, 0, 2);
    }

    [Theory]
    [InlineData("chalk-white", 60)]
    [InlineData("chalk-white", 75)]
    [InlineData("tarn-black", 30)]
    public void ACastTakesTheSkinJustToTheWantedLightness(string paint, double wanted)
    {
        var skin = PaintStack.OnSkin(new(48, 12, 18));
        var optics = PaintOptics.Of(PaintOptics.Find(DemoWorld.Kit, paint));
        var um = Hiding.CastUm(optics, skin, wanted)!.Value;
        Assert.Equal(wanted, skin.With(optics, um).Colour().L, 0.01);
    }

    [Fact]
    public void BlackCastsNoLight() =>
        Assert.Null(Hiding.CastUm(PaintOptics.Of(PaintOptics.Find(DemoWorld.Kit, "tarn-black")), PaintStack.OnSkin(new(48, 12, 18)), 70));

    // White paper beside a patch of known sRGB colour in the same light gives that colour back, whatever the light.
    [Theory]
    [InlineData(1, 1, 1)]
    [InlineData(0.9, 0.7, 0.5)]
    [InlineData(0.5, 0.6, 0.8)]
    public void AWhiteReferenceTakesTheLightOut(double r, double g, double b)
    {
        static double Encoded(double linear) => 255 * (linear <= 0.0031308 ? 12.92 * linear : 1.055 * Math.Pow(linear, 1 / 2.4) - 0.055);
        var truth = Lab.From(Srgb.ToTristimulus(0.42, 0.25, 0.17));
        var found = PhotoColour.Of(
            (Encoded(0.42 * r), Encoded(0.25 * g), Encoded(0.17 * b)), (Encoded(0.88 * r), Encoded(0.88 * g), Encoded(0.88 * b)));
        Assert.InRange(ColourDifference.DeltaE00(truth, found), 0, 0.05);
    }

    [Fact]
    public void ABurntOrDarkWhiteIsRefusedWithAdvice()
    {
        Assert.Contains("overexposed", Assert.Throws<InputException>(() => PhotoColour.Of((90, 80, 70), (255, 255, 255))).Message, StringComparison.Ordinal);
        Assert.Contains("dark", Assert.Throws<InputException>(() => PhotoColour.Of((9, 8, 7), (40, 41, 42))).Message, StringComparison.Ordinal);
        Assert.Throws<InputException>(() => PhotoColour.Of((double.NaN, 0, 0), (200, 200, 200)));
    }

    [Fact]
    public void LinearScreenColoursComeBack()
    {
        var (r, g, b) = Srgb.Linear(Srgb.ToTristimulus(0.3, 0.6, 0.1));
        Assert.Equal((0.3, 0.6, 0.1), (Math.Round(r, 5), Math.Round(g, 5), Math.Round(b, 5)));
    }
}
