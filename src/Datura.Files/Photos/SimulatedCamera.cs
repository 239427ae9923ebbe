using Datura.Core;
using Datura.Core.Body;
using Datura.Core.Paint;
using Datura.Core.Photos;
using Datura.Files.Pictures;
using SkiaSharp;

namespace Datura.Files.Photos;

/// <summary>
/// A stand-in for a camera: what it would take of a fitted body with paint on it, through a lens, under a lamp, with noise, a white
/// balance that is off, JPEG and a card in the picture; and the truth of all of it. For demo and tests.
/// </summary>
public sealed record SimulatedCamera(PhotoCamera Camera, CameraLamp Lamp)
{
    /// <summary>Standard deviation of noise, of 255.</summary>
    public double Noise { get; init; } = 2;

    /// <summary>JPEG quality, 1 to 100; 0 for none.</summary>
    public int Jpeg { get; init; } = 90;

    public int Seed { get; init; } = 1;

    /// <summary>Where a card is held; null for none.</summary>
    public HeldAgainst? Card { get; init; }

    /// <summary>How its long side slopes, degrees.</summary>
    public double CardSlopeDeg { get; init; } = 4;

    private const int ChartPixels = 1024;
    private const byte CardGrey = 240;
    private const double BackGrey = 0.16;

    /// <summary>Takes a photo of a painted face.</summary>
    public TakenPhoto Take(PlannedLook look, Eyes eyes = Eyes.Open) => Take(look, BustPicture.Painted(look, look.Coats.Count, ChartPixels, grained: true), eyes);

    /// <summary>Takes a photo of a bare face.</summary>
    public TakenPhoto Take(FittedBody body, Lab skin, Eyes eyes = Eyes.Open) => Take(new PlannedLook(null!, body, skin, []), new PaintPicture(skin, new(ChartPixels)), eyes);

    /// <summary>Takes a photo of whatever lies on the chart.</summary>
    public TakenPhoto Take(PlannedLook look, PaintPicture paint, Eyes eyes = Eyes.Open)
    {
        var (width, height) = ((int)Camera.Lens.WidthPx, (int)Camera.Lens.HeightPx);
        var camera = Camera.Pose.CameraMm;
        (float, float, float) Project(Vec3 at) => Camera.Draw(at) is var d ? ((float)d.X, (float)d.Y, (float)-d.AwayMm) : default;
        (float, float) Light(Vec3 at, Vec3 normal)
        {
            var half = (Lamp.From.Unit() + (camera - at).Unit()).Unit();
            return ((float)Math.Max(1e-3, Lamp.On(normal)), (float)Math.Pow(Math.Max(0, normal.Dot(half)), 26));
        }

        var buffer = BustBuffer.Render(look.Body.Mesh, Project, Light, width, height);
        var chart = BustPicture.Featured(look, paint, eyes);
        var linear = new float[3 * width * height];
        Parallel.For(0, height, y =>
        {
            for (var x = 0; x < width; x++)
            {
                var n = y * width + x;
                var (r, g, b) = (BackGrey, BackGrey, BackGrey);
                if (buffer.Shade[n] > 0)
                {
                    var (cx, cy) = buffer.Chart[n];
                    var shade = Lamp.Exposure * buffer.Shade[n];
                    var shine = 0.25 * buffer.Highlight[n] * paint.SurfaceAt(cx, cy).Gloss;
                    var (pr, pg, pb) = BustPicture.Between(chart, paint.Window, cx, cy);
                    (r, g, b) = (Srgb.LinearOf(pr) * shade + shine, Srgb.LinearOf(pg) * shade + shine, Srgb.LinearOf(pb) * shade + shine);
                }

                (linear[3 * n], linear[3 * n + 1], linear[3 * n + 2]) = ((float)r, (float)g, (float)b);
            }
        });
        var held = Card is { } against ? Hold(look.Body, against, linear, width, height) : null;
        return new(Developed(linear, width, height), width, height, Camera, held);
    }

    // Pressed on until it touches.
    private HeldThing Hold(FittedBody body, HeldAgainst against, float[] linear, int width, int height)
    {
        var v = against == HeldAgainst.Forehead ? 68 : -84;
        var middle = body.Skin.Position(new(0, v));
        var (sin, cos) = Math.SinCos(CardSlopeDeg * Math.PI / 180);
        var outward = body.Skin.Normal(new(0, v));
        var across = new Vec3(cos, sin, 0);
        var normal = (outward - outward.Dot(across) * across).Unit();
        var up = normal.Cross(across);
        var (l, w) = (HeldThing.CardLongMm / 2, HeldThing.CardShortMm / 2);
        var most = body.Mesh.Positions.Select(p => p - middle).Where(p => Math.Abs(p.Dot(across)) < l && Math.Abs(p.Dot(up)) < w).Max(p => p.Dot(normal));
        var at = middle + most * normal;
        var corners = new[] { (-l, w), (l, w), (l, -w), (-l, -w) }.Select(c => Camera.Draw(at + c.Item1 * across + c.Item2 * up)).ToArray();
        using var mask = new SKBitmap(new SKImageInfo(width, height, SKColorType.Gray8));
        using (var canvas = new SKCanvas(mask))
        {
            canvas.Clear(SKColors.Black);
            using var outline = new SKPathBuilder();
            outline.AddPoly([.. corners.Select(c => new SKPoint((float)c.X, (float)c.Y))], true);
            using var path = outline.Detach();
            using var white = new SKPaint { Color = SKColors.White, IsAntialias = true };
            canvas.DrawPath(path, white);
        }

        var grey = Srgb.LinearOf(CardGrey) * Lamp.Exposure * Lamp.On(normal);
        var share = mask.GetPixelSpan();
        for (var n = 0; n < width * height; n++)
        {
            for (var c = 0; c < 3 && share[n] > 0; c++)
            {
                linear[3 * n + c] += share[n] / 255f * ((float)grey - linear[3 * n + c]);
            }
        }

        return new(against, [.. corners.SelectMany(c => new[] { c.X, c.Y })]);
    }

    private byte[] Developed(float[] linear, int width, int height)
    {
        var random = new SeededRandom((ulong)Seed);
        var rgba = new byte[4 * width * height];
        double[] gains = [Lamp.Red, 1, Lamp.Blue];
        for (var n = 0; n < width * height; n++)
        {
            for (var c = 0; c < 3; c++)
            {
                var grain = Noise * 1.2 * (random.Unit() + random.Unit() + random.Unit() + random.Unit() - 2);
                rgba[4 * n + c] = (byte)Math.Clamp(Srgb.ShownOf(gains[c] * linear[3 * n + c]) + grain + 0.5, 0, 255);
            }

            rgba[4 * n + 3] = 255;
        }

        if (Jpeg <= 0)
        {
            return rgba;
        }

        using var bitmap = SKBitmap.Decode(Encoded(rgba, width, height, SKEncodedImageFormat.Jpeg, Jpeg));
        using var read = bitmap.Copy(SKColorType.Rgba8888);
        return read.Bytes;
    }

    /// <summary>A photo as a file.</summary>
    public static byte[] Encoded(byte[] rgba, int width, int height, SKEncodedImageFormat format, int quality)
    {
        using var bitmap = new SKBitmap(new SKImageInfo(width, height, SKColorType.Rgba8888, SKAlphaType.Opaque));
        rgba.CopyTo(bitmap.GetPixelSpan());
        using var data = bitmap.Encode(format, quality);
        return data.ToArray();
    }
}
