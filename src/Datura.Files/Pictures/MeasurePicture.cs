using System.Collections.Concurrent;
using Datura.Core.Body;
using Datura.Core.Paint;
using SkiaSharp;

namespace Datura.Files.Pictures;

/// <summary>A small picture of where a measure is taken, on the reference body.</summary>
public static class MeasurePicture
{
    private static readonly Lab Clay = new(66, 6, 12);

    private static readonly ConcurrentDictionary<(string Measure, int Pixels), byte[]> Drawn = new();

    /// <returns>PNG, the same for everybody and so drawn once.</returns>
    public static byte[] Png(Measure measure, int pixels) => Drawn.GetOrAdd((measure.Id, pixels), _ => Draw(measure, pixels));

    private static byte[] Draw(Measure measure, int pixels)
    {
        var body = FittedBody.Reference;
        var view = ViewOf(measure, body);
        var size = pixels * 2;
        var buffer = BustBuffer.Render(body.Mesh, view, size, size);
        var rgba = BustPicture.Rgba(buffer, new PaintPicture(Clay, new(64)));
        using var bitmap = new SKBitmap(new SKImageInfo(size, size, SKColorType.Rgba8888, SKAlphaType.Opaque));
        System.Runtime.InteropServices.Marshal.Copy(rgba, 0, bitmap.GetPixels(), rgba.Length);
        using var canvas = new SKCanvas(bitmap);
        Draw(canvas, Line(measure, body).Select(p => view.Project(p, size, size)).ToArray());
        using var small = bitmap.Resize(new SKImageInfo(pixels, pixels), new SKSamplingOptions(SKFilterMode.Linear, SKMipmapMode.Linear));
        using var data = small.Encode(SKEncodedImageFormat.Png, 90);
        return data.ToArray();
    }

    // Only what faces the viewer of a girth; of a difference the two places themselves.
    private static IEnumerable<Vec3> Line(Measure measure, FittedBody body) => measure.Reading switch
    {
        GirthReading girth => Enumerable.Range(-18, 37).Select(k => body.Skin.Position(new(k * 5 * Math.PI / 180, girth.HeightMm))),
        ReachDifference reach => new[] { 1, 0, 2 }.Select(k => body.Skin.Position(reach.Places()[k])),
        _ => measure.Reading.Places().Select(body.Skin.Position),
    };

    private static BustView ViewOf(Measure measure, FittedBody body)
    {
        if (measure.Id is "headLength" or "headGirth")
        {
            return BustView.FaceClose with { TurnDeg = -62, HeightMm = 300 };
        }

        if (measure.Group == MeasureGroup.NeckAndChest)
        {
            return BustView.Front with { HeightMm = 470 };
        }

        // Near enough that the length fills a good part of the picture.
        var line = Line(measure, body).ToArray();
        double low = line.Min(p => p.Y), high = line.Max(p => p.Y);
        var extent = Math.Max(high - low, line.Max(p => p.X) - line.Min(p => p.X));
        return BustView.FaceClose with
        {
            TurnDeg = measure.Id == "noseDepth" ? -40 : 0,
            CentreYMm = (low + high) / 2,
            HeightMm = measure.Id == "noseDepth" ? 240 : Math.Clamp(1.7 * extent, 150, 300),
        };
    }

    private static void Draw(SKCanvas canvas, (float X, float Y, float Z)[] line)
    {
        using var halo = new SKPaint { Color = new SKColor(255, 255, 255, 210), Style = SKPaintStyle.Stroke, StrokeWidth = 9, IsAntialias = true, StrokeCap = SKStrokeCap.Round };
        using var pen = new SKPaint { Color = new SKColor(0x5B, 0x3F, 0x8C), Style = SKPaintStyle.Stroke, StrokeWidth = 5, IsAntialias = true, StrokeCap = SKStrokeCap.Round };
        using var dot = new SKPaint { Color = new SKColor(0x5B, 0x3F, 0x8C), IsAntialias = true };
        foreach (var paint in new[] { halo, pen })
        {
            for (var k = 1; k < line.Length; k++)
            {
                canvas.DrawLine(line[k - 1].X, line[k - 1].Y, line[k].X, line[k].Y, paint);
            }
        }

        foreach (var end in new[] { line[0], line[^1] })
        {
            canvas.DrawCircle(end.X, end.Y, 8, dot);
        }
    }
}
