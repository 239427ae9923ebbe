using Datura.Files.Sheets;
using SkiaSharp;

namespace Datura.Files.Templates;

/// <summary>Templates at true size on paper: one point is 25.4/72 mm and nothing is scaled.</summary>
public static class TemplatePdf
{
    /// <summary>Length of the bar to be measured after printing, mm.</summary>
    public const double ScaleBarMm = 100;

    private const float PointsPerMm = 72 / 25.4f;

    public static byte[] Of(string title, string wearer, TemplatePages pages, PaperSize paper)
    {
        using var stream = new MemoryStream();
        using (var document = SKDocument.CreatePdf(stream, new SKDocumentPdfMetadata { Title = $"{title}: templates", Creator = "Datura" }))
        {
            double widthMm = paper.Width / PointsPerMm, heightMm = paper.Height / PointsPerMm;
            double usable = widthMm - 2 * TemplatePages.MarginMm, tall = heightMm - 2 * TemplatePages.MarginMm - TemplatePages.HeadMm;
            for (var down = 0; down < pages.Down; down++)
            {
                for (var across = 0; across < pages.Across; across++)
                {
                    using var canvas = document.BeginPage(paper.Width, paper.Height);
                    canvas.Scale(PointsPerMm);
                    Head(canvas, title, wearer, pages, across, down);
                    canvas.Save();
                    var (left, top) = ((float)TemplatePages.MarginMm, (float)(TemplatePages.MarginMm + TemplatePages.HeadMm));
                    canvas.ClipRect(new(left, top, left + (float)usable, top + (float)tall));
                    canvas.Translate(
                        left - (float)(across * (usable - TemplatePages.OverlapMm)), top - (float)(down * (tall - TemplatePages.OverlapMm)));
                    foreach (var piece in pages.Pieces)
                    {
                        Draw(canvas, piece);
                    }

                    canvas.Restore();
                    if (pages.Across * pages.Down > 1)
                    {
                        GlueMarks(canvas, left, top, (float)usable, (float)tall, pages, across, down);
                    }

                    document.EndPage();
                }
            }
        }

        return stream.ToArray();
    }

    private static void Head(SKCanvas canvas, string title, string wearer, TemplatePages pages, int across, int down)
    {
        var (left, top) = ((float)TemplatePages.MarginMm, (float)TemplatePages.MarginMm);
        Text(canvas, title, left, top + 4, SheetFonts.Heading, 5.2f);
        Text(canvas, $"true size for {wearer} · print at 100 %, without fitting to the page", left, top + 9, SheetFonts.Text, 3);
        Text(canvas, "The bar is 100 mm long: measure it before cutting. Dashes are the cut, black dashes a slit, the chain line is the wearer's mid-line.", left, top + 13, SheetFonts.Text, 3);
        Text(canvas, FormattableString.Invariant($"sheet {(char)('A' + across)}{down + 1} of {pages.Across * pages.Down}"), left + 150, top + 4, SheetFonts.Bold, 3.4f);
        using var bar = new SKPaint { Color = SKColors.Black, Style = SKPaintStyle.Stroke, StrokeWidth = 0.5f };
        var y = top + 16.5f;
        canvas.DrawLine(left, y, left + (float)ScaleBarMm, y, bar);
        for (var mm = 0; mm <= ScaleBarMm; mm += 10)
        {
            canvas.DrawLine(left + mm, y - (mm % 50 == 0 ? 2 : 1), left + mm, y, bar);
        }

        Text(canvas, "100 mm", left + (float)ScaleBarMm + 2, y + 1, SheetFonts.Text, 3);
    }

    private static void Draw(SKCanvas canvas, PlacedPiece placed)
    {
        using var line = new SKPaint { Color = SKColors.Black, Style = SKPaintStyle.Stroke, StrokeWidth = 0.45f, IsAntialias = true };
        using var cut = new SKPaint { Color = new SKColor(90, 90, 90), Style = SKPaintStyle.Stroke, StrokeWidth = 0.25f, PathEffect = SKPathEffect.CreateDash([2.4f, 1.6f], 0) };
        using var slit = new SKPaint { Color = SKColors.Black, Style = SKPaintStyle.Stroke, StrokeWidth = 0.5f, PathEffect = SKPathEffect.CreateDash([2.4f, 1.6f], 0) };
        using var chain = new SKPaint { Color = new SKColor(0x5B, 0x3F, 0x8C), Style = SKPaintStyle.Stroke, StrokeWidth = 0.25f, PathEffect = SKPathEffect.CreateDash([5, 1.2f, 0.8f, 1.2f], 0) };
        var (left, _, _, top) = TemplatePages.Box(placed.Piece);
        var at = TemplatePages.On(placed, new(left, top));
        Text(canvas, TemplatePages.Caption(placed.Piece), (float)at.XMm, (float)at.YMm - 4.4f, SheetFonts.Bold, 3);
        if (TemplatePages.Warning(placed.Piece) is { } warning)
        {
            Text(canvas, warning.Sentence, (float)at.XMm, (float)at.YMm - 0.8f, SheetFonts.Text, 2.7f);
        }

        foreach (var ring in placed.Piece.Outlines)
        {
            Path(canvas, placed, ring, true, line);
        }

        foreach (var path in placed.Piece.Lines)
        {
            Path(canvas, placed, path, false, line);
        }

        foreach (var ring in placed.Piece.Cut)
        {
            Path(canvas, placed, ring, true, cut);
        }

        Path(canvas, placed, placed.Piece.Slit, false, slit);
        Path(canvas, placed, placed.Piece.CentreLine, false, chain);
        foreach (var mark in placed.Piece.Landmarks)
        {
            var p = TemplatePages.On(placed, mark.At);
            var (x, y) = ((float)p.XMm, (float)p.YMm);
            canvas.DrawLine(x - 1.5f, y, x + 1.5f, y, line);
            canvas.DrawLine(x, y - 1.5f, x, y + 1.5f, line);
            Text(canvas, mark.Words, x + 1.8f, y + 2.6f, SheetFonts.Text, 2.2f);
        }
    }

    private static void Path(SKCanvas canvas, PlacedPiece placed, IReadOnlyList<ChartPoint> line, bool closed, SKPaint pen)
    {
        if (line.Count < 2)
        {
            return;
        }

        using var builder = new SKPathBuilder();
        builder.AddPoly(line.Select(p => TemplatePages.On(placed, p)).Select(p => new SKPoint((float)p.XMm, (float)p.YMm)).ToArray(), closed);
        using var path = builder.Detach();
        canvas.DrawPath(path, pen);
    }

    // Corner ticks where the next sheet is laid over this one.
    private static void GlueMarks(SKCanvas canvas, float left, float top, float width, float height, TemplatePages pages, int across, int down)
    {
        using var pen = new SKPaint { Color = new SKColor(150, 150, 150), Style = SKPaintStyle.Stroke, StrokeWidth = 0.2f };
        var overlap = (float)TemplatePages.OverlapMm;
        if (across + 1 < pages.Across)
        {
            canvas.DrawLine(left + width - overlap, top, left + width - overlap, top + height, pen);
            Text(canvas, "lay the next sheet here", left + width - overlap - 30, top + height + 4, SheetFonts.Text, 2.6f);
        }

        if (down + 1 < pages.Down)
        {
            canvas.DrawLine(left, top + height - overlap, left + width, top + height - overlap, pen);
        }
    }

    private static void Text(SKCanvas canvas, string text, float x, float y, SKTypeface face, float size)
    {
        using var font = new SKFont(face, size) { Subpixel = true, LinearMetrics = true, Hinting = SKFontHinting.None };
        using var ink = new SKPaint { Color = SKColors.Black, IsAntialias = true };
        canvas.DrawText(text, x, y, SKTextAlign.Left, font, ink);
    }
}
