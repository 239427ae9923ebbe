using Datura.Core.Paint;
using NetTopologySuite.Geometries;

namespace Datura.Core.Tests.Paint;

public class PaintTests
{
    private static readonly Lab Pale = DemoWorld.Faces[0].Skin;
    private static readonly Lab Dark = DemoWorld.Faces[2].Skin;

    [Fact]
    public void EveryPaintReproducesItsOwnCard()
    {
        foreach (var paint in DemoWorld.Kit.Paints)
        {
            Assert.Equal(0, ColourDifference.DeltaE00(paint.OverBlack, OnCard(paint, PaintOptics.CardBlack)), 1.0);
            Assert.Equal(0, ColourDifference.DeltaE00(paint.OverWhite, OnCard(paint, PaintOptics.CardWhite)), 1.0);
        }
    }

    [Fact]
    public void BareSkinKeepsItsColour()
    {
        foreach (var face in DemoWorld.Faces)
        {
            Assert.Equal(0, ColourDifference.DeltaE00(face.Skin, PaintStack.OnSkin(face.Skin).Colour()), 0.01);
        }
    }

    // Individual typology angle, Chardon et al. 1991; the demo's faces stand for three classes.
    [Fact]
    public void TheDemoFacesHaveThreeClassesOfSkin() =>
        Assert.Equal(["very light", "intermediate", "dark"], DemoWorld.Faces.Select(f => SkinTone.Class(f.Skin)));

    [Fact]
    public void ANonsenseSkinToneIsRefusedInWords() =>
        Assert.Contains("no skin tone", Assert.Throws<InputException>(() => SkinTone.Reflectance(new(50, -60, 0))).Message, StringComparison.Ordinal);

    [Fact]
    public void MoreWhiteIsLighterOnDarkSkin()
    {
        var white = Optics("chalk-white");
        var lightness = new[] { 0.0, 2, 5, 10, 20, 40, 80 }.Select(um => PaintStack.OnSkin(Dark).With(white, um).Colour().L).ToArray();
        Assert.Equal(lightness.Order(), lightness);
    }

    [Fact]
    public void DarkSkinNeedsMoreWhiteToHideThanPaleSkin()
    {
        var white = Optics("chalk-white");
        double Shows(Lab skin) => ColourDifference.DeltaE00(PaintStack.OnSkin(skin).With(white, 20).Colour(), new PaintStackProbe(white).OpaqueColour);
        Assert.True(Shows(Dark) > Shows(Pale));
    }

    // Common practice: white over red goes pink.
    [Fact]
    public void WhiteOverRedGoesPink()
    {
        var red = PaintStack.OnSkin(Pale).With(Optics("beacon-red"), 40);
        var over = red.With(Optics("chalk-white"), 10).Colour();
        var reserved = PaintStack.OnSkin(Pale).With(Optics("chalk-white"), 60).Colour();
        Assert.True(over.A > reserved.A + 4);
        Assert.True(over.L > red.Colour().L + 10);
    }

    [Fact]
    public void APaintMixedWithItselfIsItself()
    {
        var mix = PaintOptics.Of(new PaintMix([new("rust", 2), new("rust", 3)]), DemoWorld.Kit);
        var one = Optics("rust");
        Assert.All(Enumerable.Range(0, Spectrum.Bands), b => Assert.Equal(one.K[b], mix.K[b], 1e-12));
    }

    [Fact]
    public void WetIntoWetOfOnePaintIsOneThickCoat()
    {
        var kelp = Optics("kelp-green");
        var wet = PaintStack.OnSkin(Pale).With(kelp, 8).IntoWet(kelp, 12).Colour();
        Assert.Equal(0, ColourDifference.DeltaE00(wet, PaintStack.OnSkin(Pale).With(kelp, 20).Colour()), 1e-6);
    }

    // Common practice: yellow and blue make a green, greener than either.
    [Fact]
    public void YellowAndBlueMakeGreen()
    {
        double Green(params PaintShare[] shares) => -new PaintStackProbe(PaintOptics.Of(new PaintMix(shares), DemoWorld.Kit)).OpaqueColour.A;
        var mix = Green(new("lantern-yellow", 3), new("mussel-blue", 1));
        Assert.True(mix > Green(new PaintShare("lantern-yellow", 1)) + 2);
        Assert.True(mix > Green(new PaintShare("mussel-blue", 1)) + 2);
    }

    [Fact]
    public void AnUnknownPaintIsNamed() =>
        Assert.Contains("tar", Assert.Throws<InputException>(() => PaintOptics.Of(new PaintMix([new("tar", 1)]), DemoWorld.Kit)).Message, StringComparison.Ordinal);

    [Fact]
    public void InAPictureTheMiddleOfACoatIsTheStackAndTheRestIsSkin()
    {
        var coat = new LaidCoat([Square(30, 4)], Optics("rust"), 18);
        var picture = new PaintPicture(Pale, new(256));
        picture.Lay(coat);
        Assert.Equal(Srgb.From(PaintStack.OnSkin(Pale).With(coat.Paint, 18).Colour()), picture.At(0, 0));
        Assert.Equal(Srgb.From(Pale), picture.At(60, 0));
    }

    [Theory]
    [InlineData(0)]
    [InlineData(6)]
    [InlineData(18)]
    public void ASoftEdgeMovesPaintButLosesNone(double edgeMm)
    {
        var window = new ChartWindow(512);
        var map = CoverageMap.Of([Square(30, edgeMm)], window);
        var mm2 = map.Level.Sum(l => l / (CoverageMap.Levels - 1.0)) * window.MmPerPixel * window.MmPerPixel;
        Assert.Equal(60 * 60, mm2, 60 * 60 * 0.01);
    }

    [Fact]
    public void AFineLineKeepsItsAmountOfPaint()
    {
        double Paint(int pixels)
        {
            var window = new ChartWindow(pixels);
            var line = new StrokeMark("line", Side.Middle, [new(-50, 3), new(50, 11)], [0.4, 0.4]);
            return CoverageMap.Of([line], window).Level.Sum(l => l / (CoverageMap.Levels - 1.0)) * window.MmPerPixel * window.MmPerPixel;
        }

        Assert.Equal(Paint(2048), Paint(512), 0.35 * Paint(2048));
    }

    private static RegionMark Square(double halfMm, double edgeMm) => new("x", Side.Middle, GeometryFactory.Default.CreatePolygon(
        [new(-halfMm, -halfMm), new(halfMm, -halfMm), new(halfMm, halfMm), new(-halfMm, halfMm), new(-halfMm, -halfMm)]), edgeMm);

    private static PaintOptics Optics(string paint) => PaintOptics.Of(PaintOptics.Find(DemoWorld.Kit, paint));

    private static Lab OnCard(PaintDescription paint, double card)
    {
        var ground = Enumerable.Repeat(SurfaceReflection.Inside(card), Spectrum.Bands).ToArray();
        var seen = PaintOptics.Of(paint).Over(ground, paint.CardFilmUm).Select(SurfaceReflection.SeenWithoutGloss).ToArray();
        return Lab.From(Observer.Look(seen, Observer.D65));
    }
}
