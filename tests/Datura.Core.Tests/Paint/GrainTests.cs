using Datura.Core.Hands;
using Datura.Core.Paint;
using Datura.Core.Paint.Unevenness;

namespace Datura.Core.Tests.Paint;

/// <summary>Paint that looks like paint: the film varies, its mean does not.</summary>
public class GrainTests
{
    private static readonly Lab Skin = new(64, 10, 16);

    private static readonly float[] Linear = [.. Enumerable.Range(0, 256).Select(v => v / 255.0).Select(v => (float)(v <= 0.04045 ? v / 12.92 : Math.Pow((v + 0.055) / 1.055, 2.4)))];

    public static TheoryData<GrainForm> Forms => [.. Enum.GetValues<GrainForm>()];

    public static TheoryData<string> Looks => ["kelp-bride", "storm-cormorant", "quay-seal", "drowned-lamp-keeper"];

    private static PaintPicture Square(GrainForm form, double depth, double rim, double filmUm, string paint, bool grained)
    {
        var square = Curves.Polygon([new(-60, -80), new(60, -80), new(60, 40), new(-60, 40)]);
        var picture = new PaintPicture(Skin, new(1024), null, grained);
        picture.Lay(new LaidCoat([new RegionMark("x", Side.Middle, square, 1)], PaintOptics.Of(new([new(paint, 1)]), DemoWorld.Kit), filmUm) { Grain = new(form, depth, rim) });
        return picture;
    }

    // Light adds up: the mean is taken of linear channels.
    private static Lab Mean(byte[] rgba, Func<int, bool> counts)
    {
        double r = 0, g = 0, b = 0, n = 0;
        for (var k = 0; k < rgba.Length / 4; k++)
        {
            if (counts(k))
            {
                (r, g, b, n) = (r + Linear[rgba[4 * k]], g + Linear[rgba[4 * k + 1]], b + Linear[rgba[4 * k + 2]], n + 1);
            }
        }

        return Lab.From(Srgb.ToTristimulus(r / n, g / n, b / n));
    }

    private static double Spread(byte[] rgba, Func<int, bool> counts)
    {
        var values = Enumerable.Range(0, rgba.Length / 4).Where(counts).Select(k => (double)rgba[4 * k + 1]).ToArray();
        var mean = values.Average();
        return Math.Sqrt(values.Average(v => (v - mean) * (v - mean)));
    }

    private static bool InSquare(int pixel) => new ChartWindow(1024) is var w && w.XOfColumn(pixel % 1024) is > -55 and < 55 && w.YOfRow(pixel / 1024) is > -75 and < 35;

    [Theory]
    [MemberData(nameof(Forms))]
    public void GrainKeepsTheMeanColour(GrainForm form)
    {
        foreach (var (paint, um) in new[] { ("chalk-white", 12.0), ("tarn-black", 8.0), ("rust", 20.0), ("verdigris", 4.0) })
        {
            var (smooth, grained) = (Square(form, 0.5, 0.3, um, paint, false).Rgba(), Square(form, 0.5, 0.3, um, paint, true).Rgba());
            Assert.InRange(ColourDifference.DeltaE00(Mean(smooth, InSquare), Mean(grained, InSquare)), 0, 0.5);
        }
    }

    [Theory]
    [MemberData(nameof(Looks))]
    public void GrainKeepsTheMeanColourOfALook(string look)
    {
        var planned = DemoWorld.Plan(look);
        byte[] Of(bool grained)
        {
            var picture = new PaintPicture(planned.Skin, new(1024), null, grained);
            picture.Lay(planned.Coats.SelectMany(s => s));
            return picture.Rgba();
        }

        var (smooth, rough) = (Of(false), Of(true));
        Assert.InRange(ColourDifference.DeltaE00(Mean(smooth, _ => true), Mean(rough, _ => true)), 0, 0.5);
        // And of every third of the face by itself.
        for (var band = 0; band < 3; band++)
        {
            var from = 1024 * (150 + 130 * band);
            Assert.InRange(ColourDifference.DeltaE00(Mean(smooth, k => k >= from && k < from + 1024 * 130), Mean(rough, k => k >= from && k < from + 1024 * 130)), 0, 0.5);
        }

        Assert.NotEqual(smooth, rough);
    }

    // Where the film hides everything its unevenness is not seen; where it is thin it is.
    [Fact]
    public void GrainIsSeenWhereTheFilmIsThin()
    {
        double Seen(double um) => Spread(Square(GrainForm.Stipple, 0.3, 0, um, "tarn-black", true).Rgba(), InSquare);
        Assert.True(Seen(5) > 3 * Seen(60));
        Assert.True(Seen(5) > 4);
    }

    [Fact]
    public void TheCoarserTheGrainTheMoreItIsSeen()
    {
        double Seen(double depth) => Spread(Square(GrainForm.Stipple, depth, 0, 8, "chalk-white", true).Rgba(), InSquare);
        Assert.True(Seen(0.1) < Seen(0.3) && Seen(0.3) < Seen(0.6));
        Assert.Equal(0, Seen(0), 9);
    }

    // A bristle mark is long one way: neighbours along it are more alike than across.
    [Fact]
    public void BristleMarksRunAlongTheStroke()
    {
        var across = new[] { new ChartPoint(-50, 0), new(0, 0), new(50, 0) };
        double Likeness(bool upright)
        {
            var path = upright ? across.Select(p => new ChartPoint(p.YMm, p.XMm - 40)).ToArray() : across;
            var picture = new PaintPicture(Skin, new(1024), null, true);
            picture.Lay(new LaidCoat([new StrokeMark("x", Side.Middle, path, [20, 20, 20])], PaintOptics.Of(new([new("chalk-white", 1)]), DemoWorld.Kit), 8) { Grain = new(GrainForm.Bristle, 0.5, 0) });
            var (rgba, w) = (picture.Rgba(), new ChartWindow(1024));
            double along = 0, aside = 0;
            for (var k = 1024; k < 1024 * 1023; k++)
            {
                var (x, y) = (w.XOfColumn(k % 1024), w.YOfRow(k / 1024));
                if (upright ? Math.Abs(x) < 8 && Math.Abs(y + 40) < 45 : Math.Abs(y) < 8 && Math.Abs(x) < 45)
                {
                    along += Math.Abs(rgba[4 * k + 1] - rgba[4 * (k + 1) + 1]);
                    aside += Math.Abs(rgba[4 * k + 1] - rgba[4 * (k + 1024) + 1]);
                }
            }

            return aside / along;
        }

        Assert.True(Likeness(false) > 2);
        Assert.True(Likeness(true) < 0.5);
    }

    // Paint is carried to the edge of a wet stroke: darker there than in the middle, paler just inside.
    [Fact]
    public void AWetStrokeDriesWithARim()
    {
        var rgba = Square(GrainForm.None, 0, 0.5, 6, "tarn-black", true).Rgba();
        var w = new ChartWindow(1024);
        double Green(double xMm) => rgba[4 * ((int)w.RowOf(-20) * 1024 + (int)w.ColumnOf(xMm)) + 1];
        var middle = Green(0);
        double[] near = [.. Enumerable.Range(0, 16).Select(k => Green(-60 + 0.25 * k))];
        Assert.Contains(near, g => g < middle - 3);
        Assert.Contains(near, g => g > middle + 3 && g < Green(-75));
    }

    // Common practice: a dry brush shows its bristles, a sponge its grain, too much water runs; what is buffed is even.
    [Theory]
    [InlineData(Tool.FlatBrush, Technique.DryBrush, Water.Dry, GrainForm.Bristle)]
    [InlineData(Tool.Sponge, Technique.Dab, Water.Damp, GrainForm.Stipple)]
    [InlineData(Tool.Round5, Technique.Stroke, Water.Runny, GrainForm.Streak)]
    public void TheHandDecidesTheGrain(string tool, Technique technique, Water water, GrainForm form)
    {
        var role = new CoatRole("x", "X", Stage.BodyColour, tool, 1, 50);
        var hand = HandChoice.Of(role, new CoatLay { Technique = technique, Water = water }, new([new("chalk-white", 1)]), DemoWorld.Kit);
        Assert.Equal(form, HandGrain.Of(hand, Finish.Matt).Form);
        Assert.Equal(GrainForm.Glitter, HandGrain.Of(hand, Finish.Sparkle).Form);
    }

    [Fact]
    public void WhatIsAskedOfAPlaceHasNoGrain()
    {
        var (smooth, grained) = (Square(GrainForm.Stipple, 0.6, 0, 6, "rust", false), Square(GrainForm.Stipple, 0.6, 0, 6, "rust", true));
        Assert.Equal(smooth.At(3, -10), grained.At(3, -10));
    }

    // Every eighth of a tile is as large as the others, and the deviations have mean 0: so the mean film is kept exactly.
    [Fact]
    public void ATileIsEvenlyFilled()
    {
        Assert.Equal(0, GrainTile.Deviations.Sum(), 9);
        foreach (var tile in new[] { GrainTile.Stipple, GrainTile.Bristle, GrainTile.Streak, GrainTile.Flakes })
        {
            var counts = new int[GrainTile.Steps];
            for (var n = 0; n < GrainTile.Cells * GrainTile.Cells; n++)
            {
                counts[tile.At(n % GrainTile.Cells, n / GrainTile.Cells)]++;
            }

            Assert.All(counts, c => Assert.Equal(GrainTile.Cells * GrainTile.Cells / GrainTile.Steps, c));
        }
    }
}
