using Datura.Core.Drills;
using Datura.Core.Photos;
using Datura.Files.Sheets;
using SkiaSharp;

namespace Datura.Files.Photos;

/// <summary>
/// A stand-in for a practice card that somebody painted and photographed: the printed sheet with paint on it, on a table, from a slant, under a lamp, with
/// noise and JPEG; its frame's corners are known. For demo and tests.
/// </summary>
public sealed record PaintedSheet(DrillLay Lay, IReadOnlyList<DrillStroke> Made)
{
    public SKColor Paint { get; init; } = new(46, 58, 84);

    public int WidthPx { get; init; } = 1600;

    public int HeightPx { get; init; } = 1200;

    /// <summary>How much farther from the camera its upper edge is, as a share of the picture's width.</summary>
    public double Slant { get; init; } = 0.05;

    /// <summary>How much darker the far corner is, 0 to 1.</summary>
    public double Falloff { get; init; } = 0.15;

    /// <summary>Standard deviation of noise, of 255.</summary>
    public double Noise { get; init; } = 3;

    public bool UpsideDown { get; init; }

    public int Seed { get; init; } = 1;

    private const float PixelsPerMm = 10;
    private const double Room = 0.08;

    /// <summary>Corners of the frame in the picture, from the card's upper left round the way.</summary>
    public IReadOnlyList<(double X, double Y)> Corners
    {
        get
        {
            var (w, h, cut) = (WidthPx, HeightPx, Slant * WidthPx);
            (double X, double Y)[] seen = [(Room * w + cut, Room * h), ((1 - Room) * w - cut, Room * h), ((1 - Room) * w, (1 - Room) * h), (Room * w, (1 - Room) * h)];
            return UpsideDown ? [seen[2], seen[3], seen[0], seen[1]] : seen;
        }
    }

    /// <summary>Four bytes a pixel, row by row from the top.</summary>
    public byte[] Rgba()
    {
        var ground = Lay.Ground;
        var (columns, rows) = ((int)(ground.WidthMm * PixelsPerMm), (int)(ground.HeightMm * PixelsPerMm));
        using var flat = new SKBitmap(new SKImageInfo(columns, rows, SKColorType.Rgba8888, SKAlphaType.Opaque));
        using (var canvas = new SKCanvas(flat))
        {
            canvas.Clear(new SKColor(246, 245, 241));
            canvas.Scale(PixelsPerMm);
            DrillSheetPdf.Sheet(canvas, Lay, []);
            using var brush = new SKPaint { Color = Paint, IsAntialias = true };
            foreach (var stroke in Made)
            {
                using var builder = new SKPathBuilder();
                builder.AddPoly([.. stroke.Edge().Select(p => new SKPoint((float)p.XMm, (float)p.YMm))], true);
                using var path = builder.Detach();
                canvas.DrawPath(path, brush);
            }
        }

        var (f, corners) = (PracticeCard.FrameMm, Corners);
        var from = Homography.Of(corners, [(f, f), (ground.WidthMm - f, f), (ground.WidthMm - f, ground.HeightMm - f), (f, ground.HeightMm - f)])!;
        var (random, span, rgba) = (new SeededRandom((ulong)Seed), flat.GetPixelSpan().ToArray(), new byte[4 * WidthPx * HeightPx]);
        byte[] table = [84, 62, 48];
        for (var y = 0; y < HeightPx; y++)
        {
            for (var x = 0; x < WidthPx; x++)
            {
                var (mx, my) = from.Of(x + 0.5, y + 0.5);
                var light = 1 - Falloff * (x / (double)WidthPx + y / (double)HeightPx) / 2;
                for (var c = 0; c < 3; c++)
                {
                    var value = mx < 0 || my < 0 || mx >= ground.WidthMm || my >= ground.HeightMm ? table[c] : Between(span, columns, rows, mx * PixelsPerMm - 0.5, my * PixelsPerMm - 0.5, c);
                    var grain = Noise * 1.2 * (random.Unit() + random.Unit() + random.Unit() + random.Unit() - 2);
                    rgba[4 * (y * WidthPx + x) + c] = (byte)Math.Clamp(value * light + grain + 0.5, 0, 255);
                }

                rgba[4 * (y * WidthPx + x) + 3] = 255;
            }
        }

        return rgba;
    }

    /// <summary>As a file.</summary>
    public byte[] Jpeg(int quality = 88) => SimulatedCamera.Encoded(Rgba(), WidthPx, HeightPx, SKEncodedImageFormat.Jpeg, quality);

    private static double Between(byte[] rgba, int columns, int rows, double x, double y, int channel)
    {
        var (i, j) = (Math.Clamp((int)Math.Floor(x), 0, columns - 2), Math.Clamp((int)Math.Floor(y), 0, rows - 2));
        var (s, t) = (Math.Clamp(x - i, 0, 1), Math.Clamp(y - j, 0, 1));
        double At(int di, int dj) => rgba[4 * ((j + dj) * columns + i + di) + channel];
        return (1 - t) * ((1 - s) * At(0, 0) + s * At(1, 0)) + t * ((1 - s) * At(0, 1) + s * At(1, 1));
    }
}
