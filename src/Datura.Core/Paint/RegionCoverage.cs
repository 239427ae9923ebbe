namespace Datura.Core.Paint;

/// <summary>Film share over a filled figure: antialiased, thinning out across its soft edge, and faded down the body.</summary>
internal static class RegionCoverage
{
    private const int LinesPerPixel = 3;

    // From this half width of the average on, in pixels, a film is smooth enough to be found on every other pixel.
    private const int Smooth = 4;

    public static (int Left, int Top, int Width, int Height, float[] Share) Of(RegionMark region, ChartWindow window)
    {
        if (region.Reserve is { } reserve)
        {
            return Spared(Of(region with { Outline = reserve.Whole, Reserve = null }, window), reserve, window);
        }

        var half = (int)Math.Round(region.EdgeMm / window.MmPerPixel / 4);
        if (half >= Smooth && window.Pixels % 2 == 0)
        {
            return Doubled(Of(region, new(window.Pixels / 2)));
        }

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
        if (half > 0)
        {
            // Two box averages make the film fall off along a smooth ramp as wide as the soft edge.
            for (var pass = 0; pass < 2; pass++)
            {
                Across(share, width, height, half);
                Down(share, width, height, half);
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

        if (region.Across is { } across)
        {
            for (var n = 0; n < share.Length; n++)
            {
                share[n] *= share[n] > 0 ? (float)across.At(new(window.XOfColumn(left + n % width + 0.5), window.YOfRow(top + n / width + 0.5))) : 0;
            }
        }

        return (left, top, width, height, share);
    }

    // What is spared has a clean edge, however soft that of the whole is.
    private static (int Left, int Top, int Width, int Height, float[] Share) Spared(
        (int Left, int Top, int Width, int Height, float[] Share) whole, Reserve reserve, ChartWindow window)
    {
        var spared = Of(new RegionMark("", Side.Middle, reserve.Spared, Reserve.EdgeMm), window);
        for (var y = Math.Max(spared.Top, whole.Top); y < Math.Min(spared.Top + spared.Height, whole.Top + whole.Height); y++)
        {
            for (var x = Math.Max(spared.Left, whole.Left); x < Math.Min(spared.Left + spared.Width, whole.Left + whole.Width); x++)
            {
                whole.Share[(y - whole.Top) * whole.Width + x - whole.Left] *= 1 - spared.Share[(y - spared.Top) * spared.Width + x - spared.Left];
            }
        }

        return whole;
    }

    // Between the middles of coarse pixels the film changes evenly (measured: a soft base in a third of the time, within one level).
    private static (int Left, int Top, int Width, int Height, float[] Share) Doubled((int Left, int Top, int Width, int Height, float[] Share) coarse)
    {
        int width = 2 * coarse.Width, height = 2 * coarse.Height;
        var share = new float[width * height];
        var between = new float[coarse.Width + 2];
        for (var y = 0; y < height; y++)
        {
            var near = coarse.Share.AsSpan(y / 2 * coarse.Width, coarse.Width);
            var other = Math.Clamp(y / 2 + (y % 2 == 0 ? -1 : 1), 0, coarse.Height - 1);
            var far = coarse.Share.AsSpan(other * coarse.Width, coarse.Width);
            for (var x = 0; x < coarse.Width; x++)
            {
                between[x + 1] = 0.75f * near[x] + 0.25f * far[x];
            }

            (between[0], between[^1]) = (between[1], between[^2]);
            var row = share.AsSpan(y * width, width);
            for (var x = 0; x < coarse.Width; x++)
            {
                row[2 * x] = 0.75f * between[x + 1] + 0.25f * between[x];
                row[2 * x + 1] = 0.75f * between[x + 1] + 0.25f * between[x + 2];
            }
        }

        return (2 * coarse.Left, 2 * coarse.Top, width, height, share);
    }

    // Each span raises the row at its start and lowers it at its end; the running sum is the coverage, so that the pixels inside
    // are touched once and not once a line.
    private static void Fill(RegionMark region, ChartWindow window, int left, int bottom, int width, int height, float[] share)
    {
        const float weight = 1f / LinesPerPixel;
        var step = window.MmPerPixel / LinesPerPixel;
        var changes = new float[height * (width + 2)];
        foreach (var (y, from, to) in ScanLines.Of(region.Outline, window.YOfRow(bottom) + step / 2, step, height * LinesPerPixel))
        {
            var row = height - 1 - (int)Math.Floor((y - window.YOfRow(bottom)) / window.MmPerPixel);
            if (row < 0 || row >= height)
            {
                continue;
            }

            Change(changes.AsSpan(row * (width + 2), width + 2), Math.Clamp(window.ColumnOf(from) - left, 0, width), weight);
            Change(changes.AsSpan(row * (width + 2), width + 2), Math.Clamp(window.ColumnOf(to) - left, 0, width), -weight);
        }

        for (var y = 0; y < height; y++)
        {
            var sum = 0f;
            var change = changes.AsSpan(y * (width + 2), width);
            var row = share.AsSpan(y * width, width);
            for (var x = 0; x < width; x++)
            {
                sum += change[x];
                row[x] = Math.Clamp(sum, 0, 1);
            }
        }
    }

    private static void Change(Span<float> changes, double at, float by)
    {
        var whole = (int)at;
        var part = (float)(at - whole);
        changes[whole] += by * (1 - part);
        changes[whole + 1] += by * part;
    }

    // Running averages; beyond the ends the map is empty.
    private static void Across(float[] map, int width, int height, int half)
    {
        var size = 2 * half + 1;
        var line = new float[width];
        for (var y = 0; y < height; y++)
        {
            var row = map.AsSpan(y * width, width);
            row.CopyTo(line);
            var sum = 0f;
            for (var k = 0; k < Math.Min(half, width); k++)
            {
                sum += line[k];
            }

            for (var x = 0; x < width; x++)
            {
                sum += x + half < width ? line[x + half] : 0;
                sum -= x - half - 1 >= 0 ? line[x - half - 1] : 0;
                row[x] = Math.Max(0, sum / size);
            }
        }
    }

    // All columns at once, so that memory is read in order.
    private static void Down(float[] map, int width, int height, int half)
    {
        var size = 2 * half + 1;
        var before = (float[])map.Clone();
        var sums = new float[width];
        for (var k = 0; k < Math.Min(half, height); k++)
        {
            Add(sums, before.AsSpan(k * width, width), 1);
        }

        for (var y = 0; y < height; y++)
        {
            if (y + half < height)
            {
                Add(sums, before.AsSpan((y + half) * width, width), 1);
            }

            if (y - half - 1 >= 0)
            {
                Add(sums, before.AsSpan((y - half - 1) * width, width), -1);
            }

            var row = map.AsSpan(y * width, width);
            for (var x = 0; x < width; x++)
            {
                row[x] = Math.Max(0, sums[x] / size);
            }
        }
    }

    private static void Add(Span<float> sums, ReadOnlySpan<float> line, float sign)
    {
        for (var x = 0; x < sums.Length; x++)
        {
            sums[x] += sign * line[x];
        }
    }
}
