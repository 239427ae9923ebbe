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

    private static readonly PaintMix LightThenDark = new([new("chalk-white", 1), new("tarn-black", 1)]);

    // A mark at any slant, drawn by a brush that is loaded on one side, keeps its dark edge on the outside, on both sides of the face.
    [Fact]
    public void ASlantedMarkKeepsItsDarkEdgeOutside() =>
        Gen.Select(Gen.Double[-75, 75], Gen.Bool, Gen.Bool).Sample((slant, left, filled) =>
        {
            var (dy, dx) = Math.SinCos(slant * Math.PI / 180);
            var (x, y) = (left ? 60.0 : -60, -20.0);
            var side = left ? Side.Left : Side.Right;
            // From below to above, leaning; its normal towards the side of the face.
            (double X, double Y) way = (dy, dx), normal = left ? (dx, -dy) : (-dx, dy);
            ChartPoint At(double along, double across) => new(x + along * way.X + across * normal.X, y + along * way.Y + across * normal.Y);
            Mark mark = filled
                ? new RegionMark("x", side, Curves.Polygon([At(-30, -5), At(30, -5), At(30, 5), At(-30, 5)]), 0.5)
                : new StrokeMark("x", side, [At(-30, 0), At(0, 0), At(30, 0)], [10, 10, 10]);
            var picture = new PaintPicture(Pale, new(512));
            picture.Lay(Coat(new(Overlap: 0.3, AcrossMark: true), LightThenDark, mark));
            foreach (var along in new[] { -20.0, 0, 20 })
            {
                double Seen(double across) => Lightness(picture.At(At(along, across).XMm, At(along, across).YMm));
                Assert.True(Seen(3) + 40 < Seen(-3), $"{slant} {side} {filled}");
            }
        }, iter: 60);

    // A mark that bends is followed: its two edges have the two colours all along.
    [Fact]
    public void ABentMarkHasItsColoursAlongBothEdges()
    {
        ChartPoint On(double deg, double radius) => new(90 - radius * Math.Cos(deg * Math.PI / 180), -20 + radius * Math.Sin(deg * Math.PI / 180));
        double[] bend = [.. Enumerable.Range(0, 41).Select(k => -50 + 2.5 * k)];
        var mark = new RegionMark("x", Side.Left, Curves.Polygon([.. bend.Select(d => On(d, 36)), .. bend.Reverse().Select(d => On(d, 48))]), 0.5);
        var picture = new PaintPicture(Pale, new(512));
        picture.Lay(Coat(new(Overlap: 0.3, AcrossMark: true), LightThenDark, mark));
        foreach (var deg in new[] { -35.0, -10, 10, 35 })
        {
            double Seen(double radius) => Lightness(picture.At(On(deg, radius).XMm, On(deg, radius).YMm));
            Assert.True(Seen(39) + 40 < Seen(45));
        }
    }

    // Turned over it is the mirror image; not turned over, the dark edge lies inside on the right.
    [Fact]
    public void ABrushThatIsNotTurnedOverHasItsDarkEdgeInsideOnTheRight()
    {
        double Seen(bool flipped, double x)
        {
            var picture = new PaintPicture(Pale, new(512));
            picture.Lay(Coat(new(Overlap: 0.3, AcrossMark: true, Flipped: flipped), LightThenDark, Stroke(Side.Left, 60), Stroke(Side.Right, -60)));
            return Lightness(picture.At(x, -20));
        }

        Assert.True(Seen(true, -63) < Seen(true, -57) && Seen(true, 63) < Seen(true, 57));
        Assert.True(Seen(false, -63) > Seen(false, -57) && Seen(false, 63) < Seen(false, 57));
    }

    private static StrokeMark Stroke(Side side, double x) => new("x", side, [new(x, -40), new(x, 0)], [10, 10]);

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
