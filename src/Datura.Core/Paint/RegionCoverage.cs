using Datura.Core.Body;
using Datura.Core.Shapes;

namespace Datura.Core.Paint;

/// <summary>Film share over a filled figure: antialiased, thinning out across its soft edge, and faded down the body.</summary>
internal static class RegionCoverage
{
    private const int LinesPerPixel = 3;

    public static (int Left, int Top, int Width, int Height, float[] Share) Of(RegionMark region, ChartWindow window)
    {
        var box = region.Outline.EnvelopeInternal;
        var margin = (int)Math.Ceiling(region.EdgeMm / 2 / window.MmPerPixel) + 2;
        var left = Math.Clamp((int)Math.Floor(window.ColumnOf(box.MinX)) - margin, 0, window.Pixels);
        var right = Math.Clamp((int)Math.Ceiling(window.ColumnOf(box.MaxX)) + margin, left, window.Pixels);
        var top = Math.Clamp((int)Math.Floor(window.RowOf(box.MaxY)) - margin, 0, window.Pixels);
        var bottom = Math.Clamp((int)Math.Ceiling(window.RowOf(box.MinY)) + margin, top, window.Pixels);
        int width = right - left, height = bottom - top;
        var share = new float[width * height];
        if (share.Length == 0)
        {
            return (left, top, width, height, share);
        }

        Fill(region, window, left, bottom, width, height, share);
        var half = (int)Math.Round(region.EdgeMm / window.MmPerPixel / 4);
        if (half > 0)
        {
            // Two box averages make the film fall off along a smooth ramp as wide as the soft edge.
            for (var pass = 0; pass < 2; pass++)
            {
                Average(share, height, width, width, 1, half);
                Average(share, width, height, 1, width, half);
            }
        }

        if (region.Fade is { } fade)
        {
            for (var y = 0; y < height; y++)
            {
                var keep = (float)fade.At(window.YOfRow(top + y + 0.5));
                for (var x = 0; x < width; x++)
                {
                    share[y * width + x] *= keep;
                }
            }
        }

        return (left, top, width, height, share);
    }

    private static void Fill(RegionMark region, ChartWindow window, int left, int bottom, int width, int height, float[] share)
    {
        var step = window.MmPerPixel / LinesPerPixel;
        var firstY = window.YOfRow(bottom) + step / 2;
        foreach (var (y, from, to) in ScanLines.Of(region.Outline, firstY, step, height * LinesPerPixel))
        {
            var row = height - 1 - (int)Math.Floor((y - window.YOfRow(bottom)) / window.MmPerPixel);
            if (row < 0 || row >= height)
            {
                continue;
            }

            var a = Math.Clamp(window.ColumnOf(from) - left, 0, width);
            var b = Math.Clamp(window.ColumnOf(to) - left, 0, width);
            for (var x = (int)a; x < b; x++)
            {
                var covered = Math.Min(b, x + 1) - Math.Max(a, x);
                ref var cell = ref share[row * width + x];
                cell = Math.Min(1, cell + (float)(covered / LinesPerPixel));
            }
        }
    }

    // Running average along lines; beyond the ends the map is empty.
    private static void Average(float[] map, int lines, int length, int lineStep, int step, int half)
    {
        Parallel.For(0, lines, line =>
        {
            var start = line * lineStep;
            var result = new float[length];
            double sum = 0;
            for (var k = 0; k < Math.Min(half, length); k++)
            {
                sum += map[start + k * step];
            }

            for (var k = 0; k < length; k++)
            {
                if (k + half < length)
                {
                    sum += map[start + (k + half) * step];
                }

                if (k - half - 1 >= 0)
                {
                    sum -= map[start + (k - half - 1) * step];
                }

                result[k] = (float)(sum / (2 * half + 1));
            }

            for (var k = 0; k < length; k++)
            {
                map[start + k * step] = result[k];
            }
        });
    }
}
