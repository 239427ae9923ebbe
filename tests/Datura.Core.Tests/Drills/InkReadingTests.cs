using Datura.Core.Drills;

namespace Datura.Core.Tests.Drills;

/// <summary>Sheets painted with faults that are known, under uneven light and with noise: what was planted is what is read.</summary>
public class InkReadingTests
{
    public static TheoryData<DrillKind, DrillGround> All
    {
        get
        {
            var all = new TheoryData<DrillKind, DrillGround>();
            foreach (var kind in Enum.GetValues<DrillKind>())
            {
                foreach (var ground in Enum.GetValues<DrillGround>())
                {
                    all.Add(kind, ground);
                }
            }

            return all;
        }
    }

    private static DrillLay Lay(DrillKind kind, DrillGround ground = DrillGround.Card) => DrillLay.Of(DrillFigure.Of(kind), GroundSurface.Of(ground, new()));

    private static DrillScore Read(DrillLay lay, IReadOnlyList<DrillStroke> made, int seed = 1) => lay.Score(InkReading.Of(DrawnSheet.Of(lay.Ground, made, seed), lay))!;

    [Theory]
    [MemberData(nameof(All))]
    public void WhatIsPaintedAsItShouldBeReadsAsSuch(DrillKind kind, DrillGround ground)
    {
        var lay = Lay(kind, ground);
        var score = Read(lay, lay.Strokes);
        Assert.Equal(0, score.Missing);
        // A curved ground is seen from the side at its edges, where half a millimetre is hard to see.
        Assert.InRange(score.ShapeMm, 0, ground == DrillGround.Card ? 0.5 : 0.8);
        Assert.InRange(score.PlaceMm, 0, 1);
        // Laid small, its lines are hardly a picture point wide.
        Assert.InRange(score.WidthPercent, -15, ground == DrillGround.Card ? 20 : 35);
        Assert.InRange(score.CoveredPercent, 97, 100);
    }

    [Theory]
    [InlineData(DrillKind.ThickToThin, 1.2)]
    [InlineData(DrillKind.SymmetricPair, 1.5)]
    [InlineData(DrillKind.SplitLoad, 1.5)]
    [InlineData(DrillKind.Petals, 1.0)]
    public void AHandThatStraysIsReadAsFarAsItStrays(DrillKind kind, double offMm)
    {
        var (lay, off) = (Lay(kind), new List<double>());
        for (var seed = 1; seed <= 6; seed++)
        {
            var made = new SimulatedHand(offMm, 0).Paints(lay.Strokes, new(seed));
            // The truth by the strokes themselves, without any picture.
            var truth = DrillScore.Of(lay.Strokes, [.. made])!;
            off.Add(Read(lay, made, seed).ShapeMm - truth.ShapeMm);
        }

        Assert.InRange(off.Average(), -0.3, 0.3);
        Assert.All(off, o => Assert.InRange(o, -0.6, 0.6));
    }

    [Theory]
    [InlineData(DrillKind.ThickToThin, 20)]
    [InlineData(DrillKind.SplitLoad, 15)]
    [InlineData(DrillKind.EqualDrops, 20)]
    public void WidthAndItsUnevennessAreRead(DrillKind kind, double wider)
    {
        var lay = Lay(kind);
        var (plain, wide, shaky) = (Read(lay, lay.Strokes), Read(lay, new SimulatedHand(0, 0, wider).Paints(lay.Strokes, new(3))), Read(lay, new SimulatedHand(0, 18).Paints(lay.Strokes, new(3))));
        Assert.InRange(wide.WidthPercent - plain.WidthPercent, wider - 7, wider + 7);
        Assert.True(shaky.UnevenPercent > plain.UnevenPercent + 4, $"{plain.UnevenPercent} {shaky.UnevenPercent}");
        Assert.True(shaky.Quality < plain.Quality);
    }

    [Fact]
    public void HolesAndLeftOutStrokesAreRead()
    {
        var lay = Lay(DrillKind.EvenSponge);
        var patchy = lay.Score(InkReading.Of(DrawnSheet.Of(lay.Ground, lay.Strokes, holes: 0.2), lay))!;
        Assert.InRange(patchy.CoveredPercent, 70, 93);
        Assert.True(patchy.TonePercent > 2 * Read(lay, lay.Strokes).TonePercent);
        var five = Lay(DrillKind.ThickToThin);
        Assert.Equal(2, Read(five, [.. five.Strokes.Skip(2)]).Missing);
        Assert.Null(five.Score(InkReading.Of(DrawnSheet.Of(five.Ground, []), five)));
    }

    // White on dark skin, red on light: paint is what differs from what lies bare about it.
    [Theory]
    [InlineData(235, 235, 230, 96, 62, 44)]
    [InlineData(190, 30, 40, 224, 184, 160)]
    [InlineData(30, 30, 34, 150, 104, 78)]
    public void PaintOfAnyColourIsSeenOnSkinOfAnyTone(byte r, byte g, byte b, byte skinR, byte skinG, byte skinB)
    {
        var lay = Lay(DrillKind.SymmetricPair, DrillGround.Hand);
        var score = lay.Score(InkReading.Of(DrawnSheet.Of(lay.Ground, lay.Strokes, 1, (r, g, b), (skinR, skinG, skinB)), lay))!;
        Assert.Equal(0, score.Missing);
        Assert.InRange(score.ShapeMm, 0, 0.8);
    }

    [Fact]
    public void ACardHeldUpsideDownIsTurned()
    {
        var lay = Lay(DrillKind.WebThreads);
        var (at, side) = (PracticeCard.UpMarkMm, PracticeCard.UpMarkSideMm);
        var square = new DrillStroke([new(at, at + side / 2), new(at + side, at + side / 2)], [side, side]);
        var picture = DrawnSheet.Of(lay.Ground, [.. lay.Strokes, square]);
        Assert.Same(picture, picture.Upwards());
        Assert.Equal(picture.Rgb, picture.HalfTurned().Upwards().Rgb);
        Assert.Equal(0, lay.Score(InkReading.Of(picture.HalfTurned().Upwards(), lay))!.Missing);
    }

    // Nonsense of every sort is read without a fall.
    [Fact]
    public void NoiseIsNoPaint()
    {
        var random = new Random(5);
        for (var k = 0; k < 12; k++)
        {
            var lay = Lay(Enum.GetValues<DrillKind>()[k % 7], Enum.GetValues<DrillGround>()[k % 3]);
            var (columns, rows) = ((int)Math.Ceiling(lay.Ground.WidthMm / 0.25), (int)Math.Ceiling(lay.Ground.HeightMm / 0.25));
            var rgb = new byte[3 * columns * rows];
            if (k % 2 == 0)
            {
                random.NextBytes(rgb);
            }

            var read = InkReading.Of(new(rgb, columns, rows, 0.25), lay);
            Assert.Equal(lay.Figure.Strokes.Count, read.Strokes.Count);
            Assert.True(read.CoveredPercent is >= 0 and <= 100);
            if (lay.Score(read) is { } score)
            {
                Assert.True(double.IsFinite(score.Quality) && score.Quality is >= 0 and <= 1);
            }
        }
    }
}
