using SkiaSharp;

namespace Datura.Files.Sheets;

/// <summary>Text and pictures on a growing PDF: wraps words, starts pages, writes the foot of each.</summary>
internal sealed class SheetCanvas : IDisposable
{
    public const float Margin = 40;
    private const float FootHeight = 26;

    private readonly SKDocument document;
    private readonly PaperSize paper;
    private readonly string foot;
    private readonly float margin;
    private SKCanvas canvas;

    /// <param name="margin">Of the page, points; small paper has a small one.</param>
    public SheetCanvas(Stream stream, PaperSize paper, string title, string foot, float margin = Margin)
    {
        this.margin = margin;
        this.paper = paper;
        this.foot = foot;
        document = SKDocument.CreatePdf(stream, new SKDocumentPdfMetadata { Title = title, Creator = "Datura", RasterDpi = 200, EncodingQuality = 90 });
        canvas = document.BeginPage(paper.Width, paper.Height);
        Y = margin;
    }

    public float Y { get; set; }

    public int Page { get; private set; } = 1;

    public float Left => margin;

    public float Width => paper.Width - 2 * margin;

    public float Bottom => paper.Height - margin - FootHeight;

    /// <summary>Starts a new page when less than this height is left.</summary>
    public void Need(float height)
    {
        if (Y + height <= Bottom)
        {
            return;
        }

        Foot();
        document.EndPage();
        canvas = document.BeginPage(paper.Width, paper.Height);
        Page++;
        Y = margin;
    }

    public void Text(string text, float x, float y, SKTypeface face, float size, byte grey = 20, SKTextAlign align = SKTextAlign.Left)
    {
        using var font = Font(face, size);
        using var ink = new SKPaint { Color = new SKColor(grey, grey, grey), IsAntialias = true };
        canvas.DrawText(Printable(text), x, y, align, font, ink);
    }

    // The text face has neither a micro sign nor a Delta.
    internal static string Printable(string text) => text.Replace("µm", "micron", StringComparison.Ordinal).Replace("ΔE", "dE", StringComparison.Ordinal);

    /// <summary>Wrapped text from the given top.</summary>
    /// <returns>Height used.</returns>
    public float Paragraph(string text, float x, float top, float width, SKTypeface face, float size, byte grey = 20)
    {
        var y = top;
        foreach (var line in Wrap(text, width, face, size))
        {
            y += size * 1.28f;
            Text(line, x, y - size * 0.28f, face, size, grey);
        }

        return y - top;
    }

    public static IReadOnlyList<string> Wrap(string text, float width, SKTypeface face, float size)
    {
        text = Printable(text);
        using var font = Font(face, size);
        var lines = new List<string>();
        var line = "";
        foreach (var word in text.Split(' '))
        {
            var longer = line.Length == 0 ? word : $"{line} {word}";
            if (line.Length > 0 && font.MeasureText(longer) > width)
            {
                lines.Add(line);
                line = word;
            }
            else
            {
                line = longer;
            }
        }

        lines.Add(line);
        return lines;
    }

    public static float ParagraphHeight(string text, float width, SKTypeface face, float size) =>
        Wrap(text, width, face, size).Count * size * 1.28f;

    public void Picture(byte[] rgba, int pixelWidth, int pixelHeight, SKRect where)
    {
        using var bitmap = new SKBitmap(new SKImageInfo(pixelWidth, pixelHeight, SKColorType.Rgba8888, SKAlphaType.Opaque));
        System.Runtime.InteropServices.Marshal.Copy(rgba, 0, bitmap.GetPixels(), rgba.Length);
        using var image = SKImage.FromBitmap(bitmap);
        Picture(image, where);
    }

    public void Picture(SKImage image, SKRect where)
    {
        canvas.DrawImage(image, where, new SKSamplingOptions(SKFilterMode.Linear));
        using var edge = new SKPaint { Style = SKPaintStyle.Stroke, StrokeWidth = 0.5f, Color = new SKColor(90, 90, 90) };
        canvas.DrawRect(where, edge);
    }

    public void Swatch(string hex, SKRect where)
    {
        using var fill = new SKPaint { Color = SKColor.Parse(hex) };
        using var edge = new SKPaint { Style = SKPaintStyle.Stroke, StrokeWidth = 0.7f, Color = SKColors.Black };
        canvas.DrawRect(where, fill);
        canvas.DrawRect(where, edge);
    }

    public void Rule(float x1, float y1, float x2, float y2, float width = 0.6f, byte grey = 120)
    {
        using var pen = new SKPaint { Style = SKPaintStyle.Stroke, StrokeWidth = width, Color = new SKColor(grey, grey, grey) };
        canvas.DrawLine(x1, y1, x2, y2, pen);
    }

    public void Dispose()
    {
        Foot();
        document.EndPage();
        document.Close();
        document.Dispose();
    }

    // Without hinting the advances are the font's own, so that text can be searched and copied from the PDF.
    private static SKFont Font(SKTypeface face, float size) =>
        new(face, size) { Subpixel = true, LinearMetrics = true, Hinting = SKFontHinting.None };

    private void Foot()
    {
        var (y, size) = (paper.Height - margin + 4, margin < Margin ? 6f : 8f);
        Rule(margin, y - 14, paper.Width - margin, y - 14);
        Text(foot, margin, y, SheetFonts.Text, size, 60);
        Text($"page {Page}", paper.Width - margin, y, SheetFonts.Text, size, 60, SKTextAlign.Right);
    }
}
