using Datura.Core.Drills;
using SkiaSharp;

namespace Datura.Files.Sheets;

/// <summary>A sheet to practise on, at true size: what is to be painted in pale lines, marks to measure a photo by, a bar to measure the print, and rows for scores.</summary>
public static class DrillSheetPdf
{
    private const float PointsPerMm = 72 / 25.4f;
    private const float Margin = 14;
    private const float HeadMm = 26;
    private const float BarMm = 100;
    private const int Rows = 5;

    /// <param name="marks">Words for its four marks.</param>
    public static byte[] Pdf(string title, DrillLay lay, IReadOnlyList<string> marks, PaperSize paper)
    {
        using var stream = new MemoryStream();
        using (var document = SKDocument.CreatePdf(stream, new SKDocumentPdfMetadata { Title = title, Creator = "Datura" }))
        {
            using var canvas = document.BeginPage(paper.Width, paper.Height);
            canvas.Scale(PointsPerMm);
            Head(canvas, title, lay.Ground.Ground);
            canvas.Save();
            canvas.Translate(Math.Max(2, (paper.Width / PointsPerMm - (float)lay.Ground.WidthMm) / 2), Margin + HeadMm);
            Sheet(canvas, lay, marks);
            canvas.Restore();
            Table(canvas, Margin + HeadMm + (float)lay.Ground.HeightMm + 8, paper);
            document.EndPage();
        }

        return stream.ToArray();
    }

    /// <summary>The sheet itself, in mm.</summary>
    internal static void Sheet(SKCanvas canvas, DrillLay lay, IReadOnlyList<string> marks)
    {
        // On a card pale enough that a photo's measuring does not take print for paint.
        using var pale = new SKPaint { Color = lay.Ground.Ground == DrillGround.Card ? new SKColor(224, 224, 230) : new SKColor(110, 110, 120), Style = SKPaintStyle.Stroke, StrokeWidth = 0.25f, IsAntialias = true };
        foreach (var stroke in lay.Strokes)
        {
            using var path = Closed(stroke.Edge());
            canvas.DrawPath(path, pale);
        }

        if (lay.Ground.Ground == DrillGround.Card)
        {
            Frame(canvas, lay.Ground);
            return;
        }

        using var edge = new SKPaint { Color = new SKColor(90, 90, 90), Style = SKPaintStyle.Stroke, StrokeWidth = 0.3f, IsAntialias = true };
        using var outline = Closed(lay.Ground.Outline);
        canvas.DrawPath(outline, edge);
        foreach (var (mark, words) in lay.Ground.Marks.Zip(marks))
        {
            var (x, y) = ((float)mark.XMm, (float)mark.YMm);
            canvas.DrawLine(x - 2, y, x + 2, y, edge);
            canvas.DrawLine(x, y - 2, x, y + 2, edge);
            Text(canvas, words, x + 2.4f, y - 1, SheetFonts.Text, 2.4f);
        }
    }

    // A frame with a tick every 5 mm, and a square that tells what is up.
    private static void Frame(SKCanvas canvas, GroundSurface card)
    {
        using var black = new SKPaint { Color = SKColors.Black, Style = SKPaintStyle.Stroke, StrokeWidth = 0.8f };
        using var tick = new SKPaint { Color = SKColors.Black, Style = SKPaintStyle.Stroke, StrokeWidth = 0.2f };
        using var solid = new SKPaint { Color = SKColors.Black };
        var (l, t, r, b) = ((float)PracticeCard.FrameMm, (float)PracticeCard.FrameMm, (float)(card.WidthMm - PracticeCard.FrameMm), (float)(card.HeightMm - PracticeCard.FrameMm));
        // The line lies outside what is measured.
        canvas.DrawRect(SKRect.Create(l - 0.4f, t - 0.4f, r - l + 0.8f, b - t + 0.8f), black);
        var (up, side) = ((float)PracticeCard.UpMarkMm, (float)PracticeCard.UpMarkSideMm);
        canvas.DrawRect(SKRect.Create(up, up, side, side), solid);
        for (var mm = 0; mm <= r - l; mm += 5)
        {
            canvas.DrawLine(l + mm, t - 1, l + mm, t - (mm % 10 == 0 ? 3 : 2), tick);
        }

        for (var mm = 0; mm <= b - t; mm += 5)
        {
            canvas.DrawLine(l - 1, t + mm, l - (mm % 10 == 0 ? 3 : 2), t + mm, tick);
        }
    }

    private static void Head(SKCanvas canvas, string title, DrillGround ground)
    {
        Text(canvas, title, Margin, Margin + 4, SheetFonts.Heading, 5.4f);
        Text(canvas, $"Print at 100 %, without fitting to the page. {HowTo(ground)}", Margin, Margin + 10, SheetFonts.Text, 2.6f);
        using var bar = new SKPaint { Color = SKColors.Black, Style = SKPaintStyle.Stroke, StrokeWidth = 0.4f };
        var y = Margin + 17;
        canvas.DrawLine(Margin, y, Margin + BarMm, y, bar);
        for (var mm = 0; mm <= BarMm; mm += 10)
        {
            canvas.DrawLine(Margin + mm, y - (mm % 50 == 0 ? 2 : 1), Margin + mm, y, bar);
        }

        Text(canvas, "100 mm", Margin + BarMm + 2, y + 1, SheetFonts.Text, 2.8f);
    }

    private static string HowTo(DrillGround ground) => ground == DrillGround.Card
        ? "Paint between the pale lines, with dark paint; take the photo from straight above, whole frame in it, no shadow."
        : "Lay it beside hand or arm and paint the figure there, by the four marks; take the photo from straight above, all four in it.";

    private static void Table(SKCanvas canvas, float top, PaperSize paper)
    {
        var (width, heads) = (paper.Width / PointsPerMm - 2 * Margin, new[] { "Day", "Minutes", "Off, mm", "Width to and fro, %", "Notes" });
        ReadOnlySpan<float> at = [0, 0.16f, 0.3f, 0.44f, 0.66f];
        using var rule = new SKPaint { Color = new SKColor(150, 150, 150), Style = SKPaintStyle.Stroke, StrokeWidth = 0.2f };
        for (var k = 0; k < heads.Length; k++)
        {
            Text(canvas, heads[k], Margin + at[k] * width, top + 3, SheetFonts.Bold, 2.8f);
        }

        for (var row = 1; row <= Rows; row++)
        {
            canvas.DrawLine(Margin, top + 8 * row, Margin + width, top + 8 * row, rule);
        }
    }

    private static SKPath Closed(IReadOnlyList<ChartPoint> ring)
    {
        using var builder = new SKPathBuilder();
        builder.AddPoly([.. ring.Select(p => new SKPoint((float)p.XMm, (float)p.YMm))], true);
        return builder.Detach();
    }

    private static void Text(SKCanvas canvas, string text, float x, float y, SKTypeface face, float size)
    {
        using var font = new SKFont(face, size) { Subpixel = true, LinearMetrics = true, Hinting = SKFontHinting.None };
        using var ink = new SKPaint { Color = SKColors.Black, IsAntialias = true };
        canvas.DrawText(text, x, y, SKTextAlign.Left, font, ink);
    }
}
