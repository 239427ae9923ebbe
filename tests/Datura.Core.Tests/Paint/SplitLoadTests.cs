using CsCheck;
using Datura.Core.Paint;

namespace Datura.Core.Tests.Paint;

/// <summary>A sponge loaded with several colours lays a gradient: order, overlap, direction, flip, glow (common practice).</summary>
public class SplitLoadTests
{
    private static readonly PaintMix Rainbow = new([new("beacon-red", 1), new("lantern-yellow", 2), new("kelp-green", 1), new("mussel-blue", 1)]);

    private static readonly Lab Pale = new(72, 9, 16);

    [Fact]
    public void TheEndsAreTheFirstAndTheLastColour()
    {
        var load = new SplitLoad(Overlap: 1);
        Assert.Equal("beacon-red", Assert.Single(load.At(Rainbow, 0).Shares).Paint);
        Assert.Equal("mussel-blue", Assert.Single(load.At(Rainbow, 1).Shares).Paint);
    }

    // Each colour is as wide as its parts; where they overlap the two run into each other evenly and nothing is lost.
    [Fact]
    public void EveryPlaceHasOneColourOrTwoNeighbours() =>
        Gen.Select(Gen.Double[0, 1], Gen.Double[0, 1]).Sample((along, overlap) =>
        {
            var shares = new SplitLoad(overlap).At(Rainbow, along).Shares;
            Assert.Equal(1, shares.Sum(s => s.Parts), 1e-5);
            var places = shares.Select(s => Rainbow.Shares.ToList().FindIndex(r => r.Paint == s.Paint)).ToArray();
            Assert.True(places.Length == 1 || (places.Length == 2 && places[1] == places[0] + 1));
        });

    [Fact]
    public void WithoutOverlapColoursMeetAtTheirWidths()
    {
        var load = new SplitLoad(Overlap: 0);
        string At(double along) => Assert.Single(load.At(Rainbow, along).Shares).Paint;
        Assert.Equal(("beacon-red", "lantern-yellow"), (At(0.199), At(0.201)));
        Assert.Equal(("lantern-yellow", "kelp-green"), (At(0.599), At(0.601)));
    }

    [Fact]
    public void ThePowderyEdgeThinsTheFilmToNothingAtTheLastColour()
    {
        var load = new SplitLoad(Powder: 0.4);
        Assert.Equal(1, load.FilmAt(0.6), 1e-12);
        Assert.Equal(0, load.FilmAt(1), 1e-12);
        Assert.True(load.FilmAt(0.7) > load.FilmAt(0.8) && load.FilmAt(0.8) > load.FilmAt(0.95));
    }

    // A sponge that is turned over for the other side gives the mirror image; one that is not, the same picture shifted.
    [Fact]
    public void AFlippedSpongeIsMirroredAndAnUnflippedOneIsNot()
    {
        var flipped = Picture(new(AxisDeg: 0, Flipped: true));
        var kept = Picture(new(AxisDeg: 0, Flipped: false));
        foreach (var x in new[] { 42.0, 50, 61, 77 })
        {
            Assert.InRange(Far(flipped.At(x, 0), flipped.At(-x, 0)), 0, 8);
            Assert.InRange(Far(kept.At(x, 0), kept.At(x - 120, 0)), 0, 8);
        }

        Assert.True(Far(kept.At(42, 0), kept.At(-42, 0)) > 60);
    }

    [Fact]
    public void TheColoursRunTheWayTheSpongeIsHeld()
    {
        var up = Picture(new(AxisDeg: 90));
        Assert.Equal(Optic("beacon-red"), Hue(up.At(60, -18)), 25.0);
        Assert.Equal(Optic("mussel-blue"), Hue(up.At(60, 18)), 25.0);
        var down = Picture(new(AxisDeg: -90));
        Assert.Equal(Optic("beacon-red"), Hue(down.At(60, 18)), 25.0);
    }

    // Lit from within: brightest in the middle, then outwards through yellow and orange (common practice).
    [Fact]
    public void AGlowIsBrightestInTheMiddle()
    {
        var load = new SplitLoad(Overlap: 0.8, FromMiddle: true);
        var colours = new PaintMix([new("chalk-white", 1), new("lantern-yellow", 1), new("rust", 1)]);
        var picture = new PaintPicture(Pale, new(512));
        picture.Lay(Coat(load, colours, Square(Side.Left, 60)));
        double[] lightness = [.. new[] { 0.0, 6, 12, 18 }.Select(d => Lightness(picture.At(60 + d, 0)))];
        Assert.Equal(lightness.OrderDescending(), lightness);
    }

    [Fact]
    public void OfOneColourASplitLoadIsThePlainCoat()
    {
        var one = new PaintMix([new("rust", 1)]);
        var (split, plain) = (new PaintPicture(Pale, new(256)), new PaintPicture(Pale, new(256)));
        split.Lay(Coat(new(), one, Square(Side.Left, 60)));
        plain.Lay(new LaidCoat([Square(Side.Left, 60)], PaintOptics.Of(one, DemoWorld.Kit), 60));
        Assert.Equal(plain.Rgba(), split.Rgba());
    }

    private static PaintPicture Picture(SplitLoad load)
    {
        var picture = new PaintPicture(Pale, new(512));
        picture.Lay(Coat(load, Rainbow, Square(Side.Left, 60), Square(Side.Right, -60)));
        return picture;
    }

    private static LaidCoat Coat(SplitLoad load, PaintMix colours, params Mark[] marks) =>
        new(marks, PaintOptics.Of(load.At(colours, 0.5), DemoWorld.Kit), 60) { Split = SplitPaint.Of(load, colours, DemoWorld.Kit) };

    private static RegionMark Square(Side side, double x) =>
        new("x", side, Curves.Polygon([new(x - 20, -20), new(x + 20, -20), new(x + 20, 20), new(x - 20, 20)]), 0.5);

    private static double Far(Srgb a, Srgb b) => Math.Abs(a.R - b.R) + Math.Abs(a.G - b.G) + Math.Abs(a.B - b.B);

    private static double Lightness(Srgb c) => 0.3 * c.R + 0.59 * c.G + 0.11 * c.B;

    private static double Hue(Srgb c) => Degrees(PhotoColour.Of((c.R, c.G, c.B), (240, 240, 240)));

    private static double Optic(string paint) => Degrees(new PaintStackProbe(PaintOptics.Of(PaintOptics.Find(DemoWorld.Kit, paint))).OpaqueColour);

    private static double Degrees(Lab c) => Math.Atan2(c.B, c.A) * 180 / Math.PI;
}
