using System.Runtime.Intrinsics;
using NetTopologySuite.Geometries;

namespace Datura.Core.Paint;

/// <summary>How much of the full film lies on every pixel of a part of the window, in <see cref="Levels"/> even steps from none to all.</summary>
public sealed class CoverageMap
{
    /// <summary>Film shares told apart.</summary>
    public const int Levels = 32;

    private readonly float[] share;
    private readonly float[]? along;

    private CoverageMap(int left, int top, int width, int height, bool split)
        : this(left, top, width, height, new float[width * height]) => along = split ? new float[width * height] : null;

    private CoverageMap(int left, int top, int width, int height, float[] share)
    {
        (Left, Top, Width, Height) = (left, top, width, height);
        this.share = share;
    }

    public int Left { get; }

    public int Top { get; }

    public int Width { get; }

    public int Height { get; }

    /// <summary>Share of the film as a whole number below <see cref="Levels"/>, row by row.</summary>
    public byte[] Level { get; private set; } = [];

    /// <summary>Place along a split load, as a whole number below <see cref="SplitPaint.StepCount"/>; empty for one colour.</summary>
    public byte[] Step { get; private set; } = [];

    public static CoverageMap Of(IReadOnlyList<Mark> marks, ChartWindow window) => Of(marks, window, null);

    /// <summary>Coverage of several marks of one coat; where they meet the thicker one counts.</summary>
    public static CoverageMap Of(IReadOnlyList<Mark> marks, ChartWindow window, SplitLoad? split)
    {
        // A figure alone is its own map (measured: a sixth of a base's time).
        if (marks is [RegionMark alone] && split is null)
        {
            var (x, y, width, height, film) = RegionCoverage.Of(alone, window);
            var only = new CoverageMap(x, y, width, height, film);
            only.Settle(null);
            return only;
        }

        var box = new Envelope();
        foreach (var mark in marks)
        {
            box.ExpandToInclude(Reach(mark));
        }

        box.ExpandBy(6 * window.MmPerPixel);
        var left = Math.Clamp((int)Math.Floor(window.ColumnOf(box.MinX)), 0, window.Pixels);
        var right = Math.Clamp((int)Math.Ceiling(window.ColumnOf(box.MaxX)), left, window.Pixels);
        var top = Math.Clamp((int)Math.Floor(window.RowOf(box.MaxY)), 0, window.Pixels);
        var bottom = Math.Clamp((int)Math.Ceiling(window.RowOf(box.MinY)), top, window.Pixels);
        var map = new CoverageMap(left, top, right - left, bottom - top, split is not null);
        if (map.share.Length == 0 || box.IsNull)
        {
            return map;
        }

        foreach (var mark in marks)
        {
            var way = split is null ? null : SplitWay.Of(split, mark);
            switch (mark)
            {
                case RegionMark region:
                    map.Merge(RegionCoverage.Of(region, window), way, window);
                    break;
                case StrokeMark stroke:
                    for (var k = 1; k < stroke.Path.Count; k++)
                    {
                        map.Line(window, stroke.Path[k - 1], stroke.Path[k], stroke.WidthsMm[k - 1], stroke.WidthsMm[k], way);
                    }

                    break;
                case DotMark dot:
                    map.Dot(window, dot, way);
                    break;
            }
        }

        map.Settle(split);
        return map;
    }

    private void Settle(SplitLoad? split)
    {
        Level = Levelled(share);
        if (along is null)
        {
            return;
        }

        Step = new byte[share.Length];
        for (var n = 0; n < share.Length; n++)
        {
            Step[n] = (byte)(along[n] * (SplitPaint.StepCount - 1) + 0.5f);
            Level[n] = (byte)(share[n] * split!.FilmAt(along[n]) * (Levels - 1) + 0.5);
        }
    }

    // The nearest level of each; 32 at once (measured: a quarter of the time).
    private static byte[] Levelled(float[] share)
    {
        var level = new byte[share.Length];
        var n = 0;
        for (; n + Vector256<byte>.Count <= share.Length; n += Vector256<byte>.Count)
        {
            var (a, b, c, d) = (Four(0), Four(1), Four(2), Four(3));
            Vector256.Narrow(Vector256.Narrow(a, b), Vector256.Narrow(c, d)).AsByte().StoreUnsafe(ref level[n]);
        }

        for (; n < share.Length; n++)
        {
            level[n] = (byte)(share[n] * (Levels - 1) + 0.5f);
        }

        return level;

        Vector256<int> Four(int k) => Vector256.ConvertToInt32(Vector256.LoadUnsafe(ref share[n + k * Vector256<float>.Count]) * (Levels - 1) + Vector256.Create(0.5f));
    }

    private static Envelope Reach(Mark mark)
    {
        var box = mark.Box().Copy();
        box.ExpandBy(mark switch { RegionMark r => r.EdgeMm / 2, StrokeMark s => s.WidthsMm.Max() / 2, DotMark d => d.ReachMm, _ => 0 });
        return box;
    }

    private void Merge((int Left, int Top, int Width, int Height, float[] Share) part, SplitWay? way, ChartWindow window)
    {
        var ofMiddle = way is { FromMiddle: true } ? FromOutline.Depth(part.Share, part.Width, part.Height) : null;
        int from = Math.Max(0, Left - part.Left), to = Math.Min(part.Width, Left + Width - part.Left);
        for (var y = Math.Max(0, Top - part.Top); y < Math.Min(part.Height, Top + Height - part.Top); y++)
        {
            var source = part.Share.AsSpan(y * part.Width, part.Width);
            var row = (part.Top + y - Top) * Width + part.Left - Left;
            for (var x = from; x < to; x++)
            {
                ref var cell = ref share[row + x];
                if (source[x] <= cell)
                {
                    continue;
                }

                cell = source[x];
                if (way is not null)
                {
                    along![row + x] = ofMiddle is not null ? 1 - ofMiddle[y * part.Width + x]
                        : way.At(window.XOfColumn(part.Left + x + 0.5), window.YOfRow(part.Top + y + 0.5));
                }
            }
        }
    }

    // Round on the skin: per pixel the distance from its middle as the skin measures it.
    private void Dot(ChartWindow window, DotMark dot, SplitWay? way)
    {
        double ax = window.ColumnOf(dot.At.XMm), ay = window.RowOf(dot.At.YMm), radius = dot.DiameterMm / 2 / window.MmPerPixel;
        var reach = dot.ReachMm / window.MmPerPixel + 1;
        for (var y = Math.Max(Top, (int)Math.Floor(ay - reach)); y <= Math.Min(Top + Height - 1, (int)Math.Ceiling(ay + reach)); y++)
        {
            for (var x = Math.Max(Left, (int)Math.Floor(ax - reach)); x <= Math.Min(Left + Width - 1, (int)Math.Ceiling(ax + reach)); x++)
            {
                // Rows run down, the chart's y up.
                var far = dot.Measure.LengthMm(x + 0.5 - ax, ay - y - 0.5);
                var covered = (float)Math.Clamp(radius + 0.5 - far, 0, Math.Min(1, 2 * radius));
                var n = (y - Top) * Width + x - Left;
                if (covered > share[n])
                {
                    share[n] = covered;
                    if (way is not null)
                    {
                        along![n] = way.FromMiddle ? (float)Math.Clamp(far / Math.Max(radius, 0.5), 0, 1) : way.At(window.XOfColumn(x + 0.5), window.YOfRow(y + 0.5));
                    }
                }
            }
        }
    }

    // A tapering line: per pixel the distance to the segment against the half width there.
    private void Line(ChartWindow window, ChartPoint from, ChartPoint to, double fromWidthMm, double toWidthMm, SplitWay? way)
    {
        double ax = window.ColumnOf(from.XMm), ay = window.RowOf(from.YMm), bx = window.ColumnOf(to.XMm), by = window.RowOf(to.YMm);
        double ra = fromWidthMm / 2 / window.MmPerPixel, rb = toWidthMm / 2 / window.MmPerPixel;
        var reach = Math.Max(ra, rb) + 1;
        var x0 = Math.Max(Left, (int)Math.Floor(Math.Min(ax, bx) - reach));
        var x1 = Math.Min(Left + Width - 1, (int)Math.Ceiling(Math.Max(ax, bx) + reach));
        var y0 = Math.Max(Top, (int)Math.Floor(Math.Min(ay, by) - reach));
        var y1 = Math.Min(Top + Height - 1, (int)Math.Ceiling(Math.Max(ay, by) + reach));
        double dx = bx - ax, dy = by - ay, length2 = dx * dx + dy * dy;
        for (var y = y0; y <= y1; y++)
        {
            for (var x = x0; x <= x1; x++)
            {
                double px = x + 0.5 - ax, py = y + 0.5 - ay;
                var t = length2 > 0 ? Math.Clamp((px * dx + py * dy) / length2, 0, 1) : 0;
                double ex = px - t * dx, ey = py - t * dy;
                var radius = ra + t * (rb - ra);
                // A line thinner than a pixel keeps its amount of paint by covering the pixel in part.
                var covered = (float)Math.Clamp(radius + 0.5 - Math.Sqrt(ex * ex + ey * ey), 0, Math.Min(1, 2 * radius));
                var n = (y - Top) * Width + x - Left;
                if (covered > share[n])
                {
                    share[n] = covered;
                    if (way is not null)
                    {
                        // Rows of the picture run down, so left of the way is right of it there.
                        along![n] = way.AcrossMark && length2 > 0
                            ? way.Beside((ex * dy - ey * dx) / Math.Sqrt(length2) / Math.Max(radius, 0.5))
                            : way.FromMiddle
                            ? (float)Math.Clamp(Math.Sqrt(ex * ex + ey * ey) / Math.Max(radius, 0.5), 0, 1)
                            : way.At(window.XOfColumn(x + 0.5), window.YOfRow(y + 0.5));
                    }
                }
            }
        }
    }
}
