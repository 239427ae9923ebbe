using Datura.Core.Body;
using Datura.Core.Shapes;
using NetTopologySuite.Geometries;

namespace Datura.Core.Paint;

/// <summary>The part of the chart that a square paint picture shows.</summary>
/// <param name="Pixels">Pixels per side.</param>
public sealed record ChartWindow(int Pixels)
{
    /// <summary>Side of the square, mm of chart.</summary>
    public const double SideMm = 544;

    /// <summary>Height of its upper edge above the nose root; the hair begins well below it.</summary>
    public const double TopMm = 124;

    public double MmPerPixel => SideMm / Pixels;

    public double ColumnOf(double xMm) => (xMm + SideMm / 2) / MmPerPixel;

    public double RowOf(double yMm) => (TopMm - yMm) / MmPerPixel;

    public double YOfRow(double row) => TopMm - row * MmPerPixel;
}

/// <summary>How much of the full film lies on every pixel of a part of the window, 0 to 1.</summary>
public sealed class CoverageMap
{
    private CoverageMap(int left, int top, int width, int height)
    {
        Left = left;
        Top = top;
        Width = width;
        Height = height;
        Share = new float[width * height];
    }

    public int Left { get; }

    public int Top { get; }

    public int Width { get; }

    public int Height { get; }

    public float[] Share { get; }

    /// <summary>Coverage of several marks of one coat; where they meet the thicker one counts.</summary>
    public static CoverageMap Of(IReadOnlyList<Mark> marks, ChartWindow window)
    {
        var box = new Envelope();
        foreach (var mark in marks)
        {
            box.ExpandToInclude(Reach(mark));
        }

        box.ExpandBy(2 * window.MmPerPixel);
        var left = Math.Clamp((int)Math.Floor(window.ColumnOf(box.MinX)), 0, window.Pixels);
        var right = Math.Clamp((int)Math.Ceiling(window.ColumnOf(box.MaxX)), left, window.Pixels);
        var top = Math.Clamp((int)Math.Floor(window.RowOf(box.MaxY)), 0, window.Pixels);
        var bottom = Math.Clamp((int)Math.Ceiling(window.RowOf(box.MinY)), top, window.Pixels);
        var map = new CoverageMap(left, top, right - left, bottom - top);
        if (map.Share.Length == 0 || box.IsNull)
        {
            return map;
        }

        foreach (var mark in marks)
        {
            switch (mark)
            {
                case RegionMark region:
                    map.Merge(RegionCoverage.Of(region, window));
                    break;
                case StrokeMark stroke:
                    for (var k = 1; k < stroke.Path.Count; k++)
                    {
                        map.Line(window, stroke.Path[k - 1], stroke.Path[k], stroke.WidthsMm[k - 1], stroke.WidthsMm[k]);
                    }

                    break;
                case DotMark dot:
                    map.Line(window, dot.At, dot.At, dot.DiameterMm, dot.DiameterMm);
                    break;
            }
        }

        return map;
    }

    private static Envelope Reach(Mark mark)
    {
        switch (mark)
        {
            case RegionMark region:
                var box = region.Outline.EnvelopeInternal.Copy();
                box.ExpandBy(region.EdgeMm / 2);
                return box;
            case StrokeMark stroke:
                var path = new Envelope();
                foreach (var p in stroke.Path)
                {
                    path.ExpandToInclude(p.XMm, p.YMm);
                }

                path.ExpandBy(stroke.WidthsMm.Max() / 2);
                return path;
            case DotMark dot:
                var around = new Envelope(new Coordinate(dot.At.XMm, dot.At.YMm));
                around.ExpandBy(dot.DiameterMm / 2);
                return around;
            default:
                return new();
        }
    }

    private void Merge((int Left, int Top, int Width, int Height, float[] Share) part)
    {
        for (var y = 0; y < part.Height; y++)
        {
            var row = part.Top + y - Top;
            if (row < 0 || row >= Height)
            {
                continue;
            }

            for (var x = 0; x < part.Width; x++)
            {
                var column = part.Left + x - Left;
                if (column >= 0 && column < Width)
                {
                    ref var cell = ref Share[row * Width + column];
                    cell = Math.Max(cell, part.Share[y * part.Width + x]);
                }
            }
        }
    }

    // A tapering line: per pixel the distance to the segment against the half width there.
    private void Line(ChartWindow window, ChartPoint from, ChartPoint to, double fromWidthMm, double toWidthMm)
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
                var share = Math.Clamp(radius + 0.5 - Math.Sqrt(ex * ex + ey * ey), 0, Math.Min(1, 2 * radius));
                ref var cell = ref Share[(y - Top) * Width + x - Left];
                cell = Math.Max(cell, (float)share);
            }
        }
    }
}
