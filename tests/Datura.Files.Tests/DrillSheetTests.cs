using Datura.Core.Drills;
using Datura.Core.Photos;
using Datura.Files.Photos;
using Datura.Files.Sheets;

namespace Datura.Files.Tests;

/// <summary>Practice sheets on paper, and a simulated photo of one that was painted: from the picture back to the strokes.</summary>
public class DrillSheetTests
{
    private static DrillLay Lay(DrillKind kind, DrillGround ground = DrillGround.Card) => DrillLay.Of(DrillFigure.Of(kind), GroundSurface.Of(ground, new()));

    // As the browser does it: four corners, and every point of the sheet looked up in the photo.
    private static InkPicture FromAbove(PaintedSheet sheet, double stepMm = 0.25)
    {
        var (card, f) = (sheet.Lay.Ground, PracticeCard.FrameMm);
        var map = Homography.Of([(f, f), (card.WidthMm - f, f), (card.WidthMm - f, card.HeightMm - f), (f, card.HeightMm - f)], sheet.Corners)!;
        var (columns, rows, rgba) = ((int)Math.Ceiling(card.WidthMm / stepMm), (int)Math.Ceiling(card.HeightMm / stepMm), sheet.Rgba());
        var rgb = new byte[3 * columns * rows];
        for (var n = 0; n < columns * rows; n++)
        {
            var (x, y) = map.Of((n % columns + 0.5) * stepMm, (n / columns + 0.5) * stepMm);
            var at = 4 * (Math.Clamp((int)y, 0, sheet.HeightPx - 1) * sheet.WidthPx + Math.Clamp((int)x, 0, sheet.WidthPx - 1));
            Array.Copy(rgba, at, rgb, 3 * n, 3);
        }

        return new(rgb, columns, rows, stepMm);
    }

    [Theory]
    [InlineData(DrillKind.ThickToThin, 0.5, false)]
    [InlineData(DrillKind.ThickToThin, 1.4, false)]
    [InlineData(DrillKind.SymmetricPair, 1.4, true)]
    [InlineData(DrillKind.EqualDrops, 0.8, false)]
    [InlineData(DrillKind.WebThreads, 0.6, true)]
    public void WhatWasPaintedIsReadOffAPhoto(DrillKind kind, double offMm, bool upsideDown)
    {
        var lay = Lay(kind);
        var made = new SimulatedHand(offMm, 10).Paints(lay.Strokes, new(4));
        var truth = DrillScore.Of(lay.Strokes, [.. made])!;
        var photo = new PaintedSheet(lay, made);
        var picture = FromAbove(photo);
        var score = lay.Score(InkReading.Of((upsideDown ? picture.HalfTurned() : picture).Upwards(), lay))!;
        Assert.Equal(0, score.Missing);
        Assert.InRange(score.ShapeMm - truth.ShapeMm, -0.35, 0.35);
        Assert.InRange(score.PlaceMm - truth.PlaceMm, -0.5, 0.5);
    }

    [Fact]
    public void ABareSheetIsNoPractice()
    {
        var lay = Lay(DrillKind.Petals);
        Assert.Null(lay.Score(InkReading.Of(FromAbove(new(lay, [])), lay)));
    }

    [Theory]
    [InlineData(DrillGround.Card)]
    [InlineData(DrillGround.Hand)]
    [InlineData(DrillGround.Forearm)]
    public void SheetsArePrintedOnPaperThatHoldsThem(DrillGround ground)
    {
        var lay = Lay(DrillKind.ThickToThin, ground);
        Assert.True(lay.Ground.WidthMm < 205 && lay.Ground.HeightMm < 240, $"{lay.Ground.WidthMm} {lay.Ground.HeightMm}");
        var pdf = DrillSheetPdf.Pdf("Practice", lay, DrillMarks.Words(ground, false), PaperSize.A4);
        Assert.Equal("%PDF"u8.ToArray(), pdf[..4]);
        // Left hand or right: the same four places, seen from the other side.
        Assert.Equal(DrillMarks.Words(ground, false).Order(), DrillMarks.Words(ground, true).Order());
    }

    // The demo's photo: DATURA_WRITE=1 takes it anew.
    [Fact]
    public void ThePhotoOfTheDemoShowsWhatItShould()
    {
        var lay = Lay(DrillKind.SymmetricPair);
        var photo = new PaintedSheet(lay, new SimulatedHand(1.1, 14, 8).Paints(lay.Strokes, new(11)));
        var path = Path.Combine(Repository.Root, "web", "public", "demo-photos", "drill-card.jpg");
        if (Environment.GetEnvironmentVariable("DATURA_WRITE") == "1")
        {
            File.WriteAllBytes(path, photo.Jpeg());
        }

        Assert.True(new FileInfo(path).Length is > 20_000 and < 900_000);
        Assert.InRange(lay.Score(InkReading.Of(FromAbove(photo), lay))!.ShapeMm, 0.4, 1.5);
    }
}
