using Datura.Core.Body;
using Datura.Core.Paint;
using SkiaSharp;

namespace Datura.Files.Pictures;

/// <summary>
/// What every face has and no paint is: brows and hair under the paint; eyes, lashes and hair that hangs loose over it. Sizes are common
/// practice (iris 11.7 mm); colours are by eye and belong to nobody.
/// </summary>
public static class FaceFeatures
{
    private const double IrisMm = 11.7;
    private const double PupilShare = 1.0 / 3;
    private const int BrowHairs = 70;
    private const int Strands = 260;
    private const int LooseStrands = 420;

    private static readonly SKColor DarkHair = new(58, 44, 37);
    private static readonly SKColor LightHair = new(92, 70, 56);
    private static readonly SKColor Lash = new(38, 28, 26);
    private static readonly SKColor White = new(226, 219, 212);
    private static readonly SKColor Iris = new(92, 84, 70);

    private static readonly FewKept<(FittedBody Body, int Pixels, string What), byte[]> Drawn = new(KeptDrawings);

    // A few faces at the sizes of bust, strip and card; one of them is 4 MB.
    private const int KeptDrawings = 24;

    /// <summary>Puts the features on a picture of the chart.</summary>
    /// <param name="rgba">Four bytes a pixel; changed in place.</param>
    /// <param name="paint">Where nothing is painted, hair and brows are seen whole; through paint brows are seen in part.</param>
    public static void Onto(byte[] rgba, PaintPicture paint, FittedBody body, Eyes eyes, Hair hair = Hair.TiedBack)
    {
        var pixels = paint.Window.Pixels;
        var (under, over) = Of(body, pixels, eyes, hair);
        Parallel.For(0, pixels, y =>
        {
            for (var n = y * pixels; n < (y + 1) * pixels; n++)
            {
                if (under[4 * n + 3] > 0 || over[4 * n + 3] > 0)
                {
                    (rgba[4 * n], rgba[4 * n + 1], rgba[4 * n + 2]) = Blended((rgba[4 * n], rgba[4 * n + 1], rgba[4 * n + 2]), under, over, n, paint.IsBare(n % pixels, y));
                }
            }
        });
    }

    /// <summary>What is seen at a place of the chart, for pictures too small to draw the whole chart for.</summary>
    public static Func<double, double, (byte R, byte G, byte B)> Seen(PaintPicture paint, FittedBody body, Eyes eyes)
    {
        var (window, pixels) = (paint.Window, paint.Window.Pixels);
        var (under, over) = Of(body, pixels, eyes, Hair.TiedBack);
        // What is settled once is read by many at once.
        _ = paint.At(0, 0);
        return (x, y) =>
        {
            var own = paint.At(x, y);
            var (column, row) = ((int)Math.Clamp(window.ColumnOf(x), 0, pixels - 1), (int)Math.Clamp(window.RowOf(y), 0, pixels - 1));
            return Blended((own.R, own.G, own.B), under, over, row * pixels + column, paint.IsBare(column, row));
        };
    }

    private static (byte[] Under, byte[] Over) Of(FittedBody body, int pixels, Eyes eyes, Hair hair) => (
        Drawn.Get((body, pixels, "hair"), () => Draw(pixels, pen => Under(pen, body))),
        Drawn.Get((body, pixels, $"{eyes} {hair}"), () => Draw(pixels, pen => Over(pen, body, eyes, hair))));

    // The drawings are premultiplied.
    private static (byte R, byte G, byte B) Blended((byte R, byte G, byte B) own, byte[] under, byte[] over, int n, bool isBare)
    {
        var seen = isBare ? Over(own, under, n) : own;
        return Over(seen, over, n);

        static (byte R, byte G, byte B) Over((byte R, byte G, byte B) below, byte[] drawing, int n)
        {
            var rest = 255 - drawing[4 * n + 3];
            return rest == 255 ? below
                : ((byte)(drawing[4 * n] + (below.R * rest + 127) / 255), (byte)(drawing[4 * n + 1] + (below.G * rest + 127) / 255), (byte)(drawing[4 * n + 2] + (below.B * rest + 127) / 255));
        }
    }

    private static byte[] Draw(int pixels, Action<SKCanvas> draw)
    {
        using var bitmap = new SKBitmap(new SKImageInfo(pixels, pixels, SKColorType.Rgba8888, SKAlphaType.Premul));
        using var canvas = new SKCanvas(bitmap);
        canvas.Clear(SKColors.Transparent);
        // Chart millimetres, y upwards.
        var scale = (float)(pixels / ChartWindow.SideMm);
        canvas.Scale(scale, -scale);
        canvas.Translate((float)ChartWindow.SideMm / 2, -(float)ChartWindow.TopMm);
        draw(canvas);
        canvas.Flush();
        return bitmap.Bytes;
    }

    private static void Under(SKCanvas canvas, FittedBody body)
    {
        ScalpHair(canvas, body);
        foreach (var right in new[] { false, true })
        {
            Brow(canvas, body, right, 150);
        }
    }

    private static void Over(SKCanvas canvas, FittedBody body, Eyes eyes, Hair hair)
    {
        foreach (var right in new[] { false, true })
        {
            // Paint goes between the hairs and on them; most of a brow is still seen through a thin coat.
            Brow(canvas, body, right, 90);
            if (eyes == Eyes.Open)
            {
                OpenEye(canvas, body, right);
            }
            else
            {
                ClosedEye(canvas, body, right);
            }
        }

        if (hair == Hair.Loose)
        {
            LooseHair(canvas, body);
        }
    }

    private static SKPoint At(FittedBody body, Landmark landmark, bool right, double outMm = 0, double upMm = 0)
    {
        var left = body.At(landmark) + new ChartPoint(outMm, upMm);
        var at = right ? body.Mirrored(left) : left;
        return new((float)at.XMm, (float)at.YMm);
    }

    private static SKPath Curve(params SKPoint[] points)
    {
        using var builder = new SKPathBuilder();
        var line = Curves.Through([.. points.Select(p => new ChartPoint(p.X, p.Y))], closed: false);
        builder.MoveTo((float)line[0].XMm, (float)line[0].YMm);
        foreach (var p in line.Skip(1))
        {
            builder.LineTo((float)p.XMm, (float)p.YMm);
        }

        return builder.Detach();
    }

    private static void Stroke(SKCanvas canvas, SKColor colour, byte alpha, float width, params SKPoint[] points)
    {
        using var pen = new SKPaint { IsAntialias = true, Style = SKPaintStyle.Stroke, StrokeWidth = width, StrokeCap = SKStrokeCap.Round, Color = colour.WithAlpha(alpha) };
        using var path = Curve(points);
        canvas.DrawPath(path, pen);
    }

    private static void Brow(SKCanvas canvas, FittedBody body, bool right, byte alpha)
    {
        var line = Curves.Through([body.At(Landmark.BrowInner), body.At(Landmark.BrowPeak), body.At(Landmark.BrowOuter)], closed: false);
        var random = new SeededRandom(right ? 5u : 6u);
        for (var k = 0; k < BrowHairs; k++)
        {
            var t = (k + random.Unit()) / BrowHairs;
            var along = (Curves.At(line, Math.Min(1, t + 0.05)) - Curves.At(line, Math.Max(0, t - 0.05))).Angle();
            var heading = along + 1.1 * Math.Pow(1 - t, 2) + 0.15 + 0.2 * random.Either();
            var half = 2.5 * (1 - 0.75 * t);
            var foot = Curves.At(line, t) + new ChartPoint(0, half * random.Either() - 0.6);
            var tip = foot + (4 + 3 * random.Unit()) * new ChartPoint(Math.Cos(heading), Math.Sin(heading));
            var (a, b) = right ? (body.Mirrored(foot), body.Mirrored(tip)) : (foot, tip);
            Stroke(canvas, DarkHair, alpha, 0.55f, new((float)a.XMm, (float)a.YMm), new((float)b.XMm, (float)b.YMm));
        }
    }

    private static void ClosedEye(SKCanvas canvas, FittedBody body, bool right)
    {
        var line = new[] { At(body, Landmark.Endocanthion, right, 2, -0.5), At(body, Landmark.PalpebraleInferius, right, -6, 1.2), At(body, Landmark.PalpebraleInferius, right, 2, 0.6), At(body, Landmark.Exocanthion, right, -1, 0) };
        Stroke(canvas, Lash, 190, 0.9f, line);
        LashesOn(canvas, line, right, -1);
    }

    private static void OpenEye(SKCanvas canvas, FittedBody body, bool right)
    {
        SKPoint L(Landmark landmark, double outMm, double upMm) => At(body, landmark, right, outMm, upMm);
        var (inner, outer) = (L(Landmark.Endocanthion, 1, 0), L(Landmark.Exocanthion, 0, 0));
        SKPoint[] upper = [inner, L(Landmark.PalpebraleSuperius, -7, 0.8), L(Landmark.PalpebraleSuperius, 1, 2), L(Landmark.PalpebraleSuperius, 9, 0.6), outer];
        SKPoint[] lower = [inner, L(Landmark.PalpebraleInferius, -7, 1.2), L(Landmark.PalpebraleInferius, 1, 0.2), L(Landmark.PalpebraleInferius, 9, 1.2), outer];
        using var opening = new SKPathBuilder();
        using (var above = Curve(upper))
        using (var below = Curve([.. lower.Reverse()]))
        {
            opening.AddPath(above);
            opening.AddPath(below, SKPathAddMode.Extend);
        }

        opening.Close();
        using var aperture = opening.Detach();
        var middle = new SKPoint((upper[2].X + lower[2].X) / 2, (upper[2].Y + lower[2].Y) / 2 + 0.8f);
        canvas.Save();
        canvas.ClipPath(aperture, SKClipOperation.Intersect, true);
        using (var white = new SKPaint { Color = White, IsAntialias = true })
        {
            canvas.DrawPaint(white);
        }

        using (var iris = new SKPaint { IsAntialias = true })
        {
            var radius = (float)IrisMm / 2;
            iris.Shader = SKShader.CreateRadialGradient(middle, radius, [new(128, 116, 92), Iris, new(48, 42, 38)], [0.3f, 0.75f, 1], SKShaderTileMode.Clamp);
            canvas.DrawCircle(middle, radius, iris);
            iris.Shader = null;
            iris.Color = new(16, 14, 14);
            canvas.DrawCircle(middle, radius * (float)PupilShare, iris);
            // One light for both eyes, at the same hour.
            iris.Color = new(250, 250, 250, 230);
            canvas.DrawCircle(middle.X - 1.7f, middle.Y + 1.9f, 0.95f, iris);
        }

        // The upper lid throws its shadow on the ball.
        Stroke(canvas, Lash, 90, 4.5f, upper);
        canvas.Restore();
        Stroke(canvas, Lash, 220, 1.3f, upper);
        Stroke(canvas, new(120, 80, 72), 120, 0.7f, lower);
        Stroke(canvas, new(90, 58, 50), 90, 0.9f, [L(Landmark.Endocanthion, 3, 5), L(Landmark.PalpebraleSuperius, 0, 5.6), L(Landmark.Exocanthion, 1, 5)]);
        LashesOn(canvas, upper, right, 1);
    }

    private static void LashesOn(SKCanvas canvas, SKPoint[] lid, bool right, int up)
    {
        var line = Curves.Through([.. lid.Select(p => new ChartPoint(p.X, p.Y))], closed: false);
        for (var k = 0; k < 22; k++)
        {
            var t = 0.12 + 0.85 * k / 21;
            var at = Curves.At(line, t);
            var outwards = (right ? -1 : 1) * (t - 0.35) * 4.5;
            Stroke(canvas, Lash, 170, 0.4f, new((float)at.XMm, (float)at.YMm), new((float)(at.XMm + 0.6 * outwards), (float)(at.YMm + up * 2.0)), new((float)(at.XMm + outwards), (float)(at.YMm + up * (2.6 + 1.6 * t))));
        }
    }

    // From the parting over the temples and in front of the ears to below the jaw, ends uneven.
    private static void LooseHair(SKCanvas canvas, FittedBody body)
    {
        ChartPoint L(Landmark landmark, double outMm, double upMm) => body.At(landmark) + new ChartPoint(outMm, upMm);
        var high = body.Chart.YRange.High;
        var random = new SeededRandom(12);
        foreach (var right in new[] { false, true })
        {
            SKPoint Here(ChartPoint p) => new((float)(right ? -p.XMm : p.XMm), (float)p.YMm);
            for (var k = 0; k < LooseStrands; k++)
            {
                // Those in front start low on the parting and fall nearest to the cheek.
                var back = (k + random.Unit()) / LooseStrands;
                var wave = 2.5 * random.Either();
                var root = new ChartPoint(1.5 * random.Unit(), L(Landmark.Trichion, 0, 2).YMm + back * (high - body.At(Landmark.Trichion).YMm));
                var temple = L(Landmark.Frontotemporale, 4 + 52 * back + wave, 14 + 24 * back);
                var ear = L(Landmark.Tragion, -24 + 58 * back + wave, 16);
                var jaw = L(Landmark.Gonion, -12 + 62 * back - wave, 4);
                var tip = L(Landmark.Gonion, -16 + 60 * back + wave, -22 - 16 * random.Unit());
                var colour = random.Unit() < 0.4 ? LightHair : DarkHair;
                Stroke(canvas, colour, (byte)(150 + 90 * random.Unit()), 1.5f, Here(root), Here(0.5 * (root + temple) + new ChartPoint(6 * (1 - back), 9)), Here(temple), Here(ear), Here(jaw), Here(tip));
            }
        }
    }

    // Swept back from the hairline, round the ears, down to the nape.
    private static void ScalpHair(SKCanvas canvas, FittedBody body)
    {
        ChartPoint L(Landmark landmark, double outMm, double upMm) => body.At(landmark) + new ChartPoint(outMm, upMm);
        ChartPoint[] left =
        [
            L(Landmark.Trichion, 0, 3), L(Landmark.Trichion, 26, 3), L(Landmark.Frontotemporale, -8, 11), L(Landmark.Frontotemporale, 20, -8),
            L(Landmark.Tragion, -28, 24), L(Landmark.Tragion, -18, 6), L(Landmark.Tragion, -13, 26), L(Landmark.Tragion, 2, 47), L(Landmark.Tragion, 30, 44),
            L(Landmark.Mastoidale, 30, 10), L(Landmark.Mastoidale, 36, -22),
        ];
        var line = Curves.Through(left, closed: false);
        var (high, back) = (body.Chart.YRange.High + 40, 400.0);
        var random = new SeededRandom(9);
        foreach (var right in new[] { false, true })
        {
            SKPoint Here(ChartPoint p) => new((float)(right ? -p.XMm : p.XMm), (float)p.YMm);
            using var builder = new SKPathBuilder();
            builder.MoveTo(Here(new(0, high)));
            foreach (var p in line)
            {
                builder.LineTo(Here(p));
            }

            builder.LineTo(Here(new(back, left[^1].YMm)));
            builder.LineTo(Here(new(back, high)));
            builder.Close();
            using var area = builder.Detach();
            using (var fill = new SKPaint { IsAntialias = true, Color = DarkHair, MaskFilter = SKMaskFilter.CreateBlur(SKBlurStyle.Normal, 2.2f) })
            {
                canvas.DrawPath(area, fill);
            }

            for (var k = 0; k < Strands; k++)
            {
                var t = random.Unit();
                var foot = Curves.At(line, t) + new ChartPoint(2 * random.Either(), 3 + 2.5 * random.Unit());
                // Up and back from the brow, back over the ear, down at the nape.
                var heading = t < 0.45 ? Math.PI / 2 - 1.3 * t : t < 0.75 ? 1.2 : 0.3 - 0.9 * (t - 0.75);
                var length = 18 + 60 * random.Unit();
                var (middle, tip) = (foot + 0.5 * length * new ChartPoint(Math.Cos(heading), Math.Sin(heading)), foot + length * new ChartPoint(Math.Cos(heading - 0.3), Math.Sin(heading - 0.3)));
                Stroke(canvas, random.Unit() < 0.5 ? LightHair : DarkHair, (byte)(70 + 90 * random.Unit()), 0.8f, Here(foot), Here(middle), Here(tip));
            }
        }
    }
}
