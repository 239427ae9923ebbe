using Datura.Core;
using Datura.Core.Shapes.Transfer;
using SkiaSharp;

namespace Datura.Files.Pictures;

/// <summary>One picture with only what is drawn before the base, numbered in drawing order: from above down, the far side first.</summary>
public static class PencilMap
{
    private static readonly SKColor OnLight = new(0x3A, 0x2E, 0x55);
    private static readonly SKColor OnDark = new(0xF2, 0xE6, 0xC8);

    public static byte[] Of(PlannedLook look, DotPlan dots, int width, int height)
    {
        var view = BustView.Front with { CentreYMm = -62 };
        var buffer = BustBuffer.Render(look.Body.Mesh, view, 2 * width, 2 * height);
        var rgba = BustPicture.Finished(look with { Coats = [] }, buffer, 64);
        using var bitmap = new SKBitmap(new SKImageInfo(width, height, SKColorType.Rgba8888, SKAlphaType.Opaque));
        System.Runtime.InteropServices.Marshal.Copy(rgba, 0, bitmap.GetPixels(), rgba.Length);
        using var canvas = new SKCanvas(bitmap);
        SKPoint? On(ChartPoint p)
        {
            var place = look.Body.Chart.Position(p);
            var normal = view.Turned(look.Body.Skin.Normal(look.Body.Chart.ToSkin(p)));
            var (x, y, _) = view.Project(place, width, height);
            return normal.Z > 0.05 ? new SKPoint(x, y) : null;
        }

        // A pencil that can be seen on this skin.
        var pencil = look.Skin.L > 48 ? OnLight : OnDark;
        using var line = new SKPaint { Color = pencil, Style = SKPaintStyle.Stroke, StrokeWidth = width / 420f, IsAntialias = true, StrokeJoin = SKStrokeJoin.Round };
        using var fill = new SKPaint { Color = pencil, IsAntialias = true };
        using var face = new SKFont(Sheets.SheetFonts.Bold, width / 46f);
        using var ink = new SKPaint { Color = OnLight, IsAntialias = true };
        using var halo = new SKPaint { Color = new SKColor(255, 255, 255, 190), IsAntialias = true };
        foreach (var part in look.Parts)
        {
            foreach (var path in Lines(part))
            {
                Trace(canvas, path.Select(On), line);
            }
        }

        foreach (var figure in dots.Figures)
        {
            foreach (var dot in figure.Dots)
            {
                if (On(dot.At) is { } p)
                {
                    canvas.DrawCircle(p, width / 200f, fill);
                }
            }

            if (figure.Dots.Count > 0 && On(figure.Dots[0].At) is { } first)
            {
                var text = figure.Dots[0].Number.ToString(System.Globalization.CultureInfo.InvariantCulture);
                canvas.DrawCircle(first.X + width / 60f, first.Y - width / 60f, width / 62f, halo);
                canvas.DrawText(text, first.X + width / 60f, first.Y - width / 100f, SKTextAlign.Center, face, ink);
            }
        }

        using var data = bitmap.Encode(SKEncodedImageFormat.Png, 90);
        return data.ToArray();
    }

    // All outlines of the parts' first coats on both sides, and the strokes of parts drawn in lines only.
    private static IEnumerable<IReadOnlyList<ChartPoint>> Lines(ExpandedPart part)
    {
        if (part.Kind.Roles[0].Stage == Stage.Base)
        {
            return [];
        }

        var regions = part.Marks.Marks.OfType<RegionMark>().GroupBy(r => r.Role).FirstOrDefault()?.ToArray() ?? [];
        return regions.Length > 0
            ? regions.SelectMany(r => Curves.OuterRings(r.Outline))
            : part.Marks.Marks.OfType<StrokeMark>().Select(s => s.Path);
    }

    private static void Trace(SKCanvas canvas, IEnumerable<SKPoint?> points, SKPaint pen)
    {
        using var builder = new SKPathBuilder();
        var open = false;
        foreach (var p in points)
        {
            if (p is { } at)
            {
                if (open)
                {
                    builder.LineTo(at);
                }
                else
                {
                    builder.MoveTo(at);
                }
            }

            open = p is not null;
        }

        using var path = builder.Detach();
        canvas.DrawPath(path, pen);
    }
}
