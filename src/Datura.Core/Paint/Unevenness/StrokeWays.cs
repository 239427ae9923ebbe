using NetTopologySuite.Geometries;

namespace Datura.Core.Paint.Unevenness;

/// <summary>Which way the bristles of a coat went, over the chart: along a stroke, along the longer way of a figure.</summary>
public sealed class StrokeWays
{
    /// <summary>Ways told apart, over half a turn.</summary>
    public const int Count = 8;

    private const double CellMm = 4;
    private const int Cells = (int)(ChartWindow.SideMm / CellMm) + 1;

    private readonly byte[] way = new byte[Cells * Cells];

    public static StrokeWays Of(IReadOnlyList<Mark> marks)
    {
        var result = new StrokeWays();
        foreach (var mark in marks)
        {
            switch (mark)
            {
                case RegionMark region:
                    result.Fill(region.Outline.EnvelopeInternal, LongerWay(region.Outline));
                    break;
                case StrokeMark stroke:
                    for (var k = 1; k < stroke.Path.Count; k++)
                    {
                        var (a, b) = (stroke.Path[k - 1], stroke.Path[k]);
                        var box = new Envelope(a.XMm, b.XMm, a.YMm, b.YMm);
                        box.ExpandBy(stroke.WidthsMm[k] / 2);
                        result.Fill(box, (b - a).Angle());
                    }

                    break;
            }
        }

        return result;
    }

    /// <summary>Number of the way at a place, from 0; way k runs at k · π / <see cref="Count"/>.</summary>
    public int At(double xMm, double yMm) => way[Row(yMm) * Cells + Column(xMm)];

    private static int Column(double xMm) => Math.Clamp((int)((xMm + ChartWindow.SideMm / 2) / CellMm), 0, Cells - 1);

    private static int Row(double yMm) => Math.Clamp((int)((ChartWindow.TopMm - yMm) / CellMm), 0, Cells - 1);

    private void Fill(Envelope box, double rad)
    {
        var number = (byte)(((int)Math.Round(rad / Math.PI * Count) % Count + Count) % Count);
        for (var row = Row(box.MaxY); row <= Row(box.MinY); row++)
        {
            for (var column = Column(box.MinX); column <= Column(box.MaxX); column++)
            {
                way[row * Cells + column] = number;
            }
        }
    }

    // The principal axis of its corners.
    private static double LongerWay(Geometry figure)
    {
        var corners = figure.Coordinates;
        if (corners.Length == 0)
        {
            return 0;
        }

        var (x, y) = (corners.Average(c => c.X), corners.Average(c => c.Y));
        double xx = corners.Sum(c => (c.X - x) * (c.X - x)), yy = corners.Sum(c => (c.Y - y) * (c.Y - y)), xy = corners.Sum(c => (c.X - x) * (c.Y - y));
        return 0.5 * Math.Atan2(2 * xy, xx - yy);
    }
}
