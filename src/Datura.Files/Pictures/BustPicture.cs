using Datura.Core;
using Datura.Core.Paint;

namespace Datura.Files.Pictures;

/// <summary>Pictures of a painted bust.</summary>
public static class BustPicture
{
    /// <summary>The neutral grey on which colours are judged.</summary>
    public const byte SurroundGrey = 118;

    private const int PaintPixels = 768;

    // Over this height of the chart the bust fades into the ground, mm; the browser's bust has the same number (SkinScene.ts).
    private const double EndsOverMm = 34;

    private static byte Faded(byte value, double share) => (byte)(SurroundGrey + share * (value - SurroundGrey) + 0.5);

    /// <summary>Lights the paint of every pixel of a bust.</summary>
    public static byte[] Rgba(BustBuffer buffer, PaintPicture paint) => Rgba(buffer, paint, paint.Rgba());

    // The same with pixels of the chart that show more than the paint.
    internal static byte[] Rgba(BustBuffer buffer, PaintPicture paint, byte[] chart) => Lit(buffer, paint, (x, y) => Between(chart, paint.Window, x, y));

    // Lights what is seen at the chart place of every pixel.
    private static byte[] Lit(BustBuffer buffer, PaintPicture paint, Func<double, double, (byte R, byte G, byte B)> seen)
    {
        var result = new byte[buffer.Width * buffer.Height * 4];
        Parallel.For(0, buffer.Height, row =>
        {
            for (var n = row * buffer.Width; n < (row + 1) * buffer.Width; n++)
            {
                var shade = buffer.Shade[n];
                var (r, g, b) = (SurroundGrey, SurroundGrey, SurroundGrey);
                if (shade > 0)
                {
                    var (x, y) = buffer.Chart[n];
                    var (c, surface) = (seen(x, y), paint.SurfaceAt(x, y));
                    // Metal gives its own colour to the highlight and is darker beside it. The browser's bust has the same numbers (SkinScene.ts).
                    var matt = shade * (float)(1 - 0.4 * surface.Metal);
                    var shine = buffer.Highlight[n] * (float)(surface.Gloss * (0.5 + 0.7 * surface.Metal));
                    var own = (float)surface.Metal;
                    (r, g, b) = (Lit(c.R, matt, shine, own), Lit(c.G, matt, shine, own), Lit(c.B, matt, shine, own));
                    if (y < buffer.LowestMm + EndsOverMm)
                    {
                        // The bust ends softly; nobody is cut off there.
                        var share = SmoothStep.Rise(buffer.LowestMm, buffer.LowestMm + EndsOverMm, y);
                        (r, g, b) = (Faded(r, share), Faded(g, share), Faded(b, share));
                    }
                }

                (result[4 * n], result[4 * n + 1], result[4 * n + 2], result[4 * n + 3]) = (r, g, b, 255);
            }
        });
        return result;
    }

    /// <summary>The finished paint from one side, drawn at twice the size and averaged down so that edges are clean.</summary>
    public static (byte[] Rgba, int Width, int Height) Finished(PlannedLook look, BustView view, int width, int height)
    {
        var buffer = BustBuffer.Render(look.Body.Mesh, view, width * 2, height * 2);
        return (Finished(look, buffer, PaintPixels), width, height);
    }

    /// <summary>The finished paint in a buffer of twice the wanted size.</summary>
    public static byte[] Finished(PlannedLook look, BustBuffer twice, int paintPixels) =>
        Halved(Featured(twice, look, Painted(look, look.Coats.Count, paintPixels, grained: true), Eyes.Open), twice.Width / 2, twice.Height / 2);

    private static byte[] Featured(BustBuffer buffer, PlannedLook look, PaintPicture paint, Eyes eyes) => Rgba(buffer, paint, Featured(look, paint, eyes));

    /// <summary>The chart's pixels, four bytes each, with brows, hair and eyes.</summary>
    public static byte[] Featured(PlannedLook look, PaintPicture paint, Eyes eyes, Hair hair = Hair.TiedBack)
    {
        var chart = paint.Rgba();
        FaceFeatures.Onto(chart, paint, look.Body, eyes, hair);
        return chart;
    }

    /// <summary>The same view after every step; the first picture is the bare face.</summary>
    public static IReadOnlyList<byte[]> Steps(PlannedLook look, BustView view, int width, int height)
    {
        var buffer = BustBuffer.Render(look.Body.Mesh, view, width * 2, height * 2);
        // So small a picture sees one pixel of the chart in several, and no grain.
        var paint = new PaintPicture(look.Skin, new(PaintPixels));
        byte[] Seen(Eyes eyes) => Halved(Lit(buffer, paint, FaceFeatures.Seen(paint, look.Body, eyes)), width, height);
        var pictures = new List<byte[]> { Seen(Eyes.Open) };
        foreach (var (step, poses) in look.Coats.Zip(look.Plan.Steps.Select(s => s.Poses)))
        {
            paint.Lay(step);
            // Lids are painted closed, and seen so; the finished face looks at one.
            var eyes = pictures.Count < look.Coats.Count && poses.Any(p => p.Pose == Pose.EyesClosed) ? Eyes.Closed : Eyes.Open;
            pictures.Add(Seen(eyes));
        }

        return pictures;
    }

    /// <summary>As it is seen in a mirror, for whoever paints herself; its own inverse.</summary>
    public static byte[] Mirrored(byte[] rgba, int width, int height)
    {
        var result = new byte[rgba.Length];
        for (var y = 0; y < height; y++)
        {
            for (var x = 0; x < width; x++)
            {
                Buffer.BlockCopy(rgba, (y * width + x) * 4, result, (y * width + width - 1 - x) * 4, 4);
            }
        }

        return result;
    }

    /// <summary>Bust pictures after every step side by side in one picture, left to right.</summary>
    public static byte[] Strip(PlannedLook look, BustView view, int width, int height)
    {
        var steps = Steps(look, view, width, height);
        return Png.Of(Beside(steps, width, height), steps.Count * width, height);
    }

    /// <summary>Pictures of one size, left to right.</summary>
    public static byte[] Beside(IReadOnlyList<byte[]> pictures, int width, int height)
    {
        var total = pictures.Count * width;
        var rgba = new byte[total * height * 4];
        for (var k = 0; k < pictures.Count; k++)
        {
            for (var y = 0; y < height; y++)
            {
                Buffer.BlockCopy(pictures[k], y * width * 4, rgba, (y * total + k * width) * 4, width * 4);
            }
        }

        return rgba;
    }

    /// <summary>The chart's paint after a number of steps.</summary>
    public static PaintPicture Painted(PlannedLook look, int steps, int pixels = PaintPixels, ChromaticAdaptation? light = null, bool grained = false)
    {
        var paint = new PaintPicture(look.Skin, new(pixels), light, grained);
        paint.Lay(look.Coats.Take(steps).SelectMany(s => s));
        return paint;
    }

    /// <summary>The chart's paint after a number of coats, in the order of work.</summary>
    public static PaintPicture PaintedCoats(PlannedLook look, int coats, int pixels, ChromaticAdaptation? light = null, bool grained = false)
    {
        var paint = new PaintPicture(look.Skin, new(pixels), light, grained);
        paint.Lay(look.Coats.SelectMany(s => s).Take(coats));
        return paint;
    }

    // Between the middles of the four pixels about a place, so that thin lines do not break into steps.
    internal static (byte R, byte G, byte B) Between(byte[] chart, ChartWindow window, double xMm, double yMm)
    {
        var pixels = window.Pixels;
        var (column, row) = (Math.Clamp(window.ColumnOf(xMm) - 0.5, 0, pixels - 1), Math.Clamp(window.RowOf(yMm) - 0.5, 0, pixels - 1));
        var (x, y) = ((int)column, (int)row);
        var (right, low) = ((float)(column - x), (float)(row - y));
        int a = 4 * (y * pixels + x), b = a + (x + 1 < pixels ? 4 : 0), c = a + (y + 1 < pixels ? 4 * pixels : 0), d = c + (b - a);
        byte Mixed(int k) => (byte)((1 - low) * ((1 - right) * chart[a + k] + right * chart[b + k]) + low * ((1 - right) * chart[c + k] + right * chart[d + k]) + 0.5f);
        return (Mixed(0), Mixed(1), Mixed(2));
    }

    private static byte Lit(byte value, float shade, float shine, float own) =>
        (byte)Math.Clamp(value * shade + shine * (255 + own * (1.6f * value - 255)) + 0.5f, 0, 255);

    internal static byte[] Halved(byte[] rgba, int width, int height)
    {
        var result = new byte[width * height * 4];
        for (var y = 0; y < height; y++)
        {
            for (var x = 0; x < width * 4; x++)
            {
                var c = x % 4;
                var from = 2 * y * width * 8 + 2 * (x / 4) * 4 + c;
                result[y * width * 4 + x] = (byte)((rgba[from] + rgba[from + 4] + rgba[from + width * 8] + rgba[from + width * 8 + 4] + 2) / 4);
            }
        }

        return result;
    }
}
