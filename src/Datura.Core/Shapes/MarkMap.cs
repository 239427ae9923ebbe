using NetTopologySuite.Geometries;

namespace Datura.Core.Shapes;

/// <summary>Carries marks to other places of the chart, point by point.</summary>
public static class MarkMap
{
    /// <summary>The mark with every point carried; widths and edges stay, what was measured of it is forgotten.</summary>
    public static Mark Of(Mark mark, Func<ChartPoint, ChartPoint> carried) => (mark with { OnSkin = null }) switch
    {
        RegionMark r => r with { Outline = Of(r.Outline, carried), Across = r.Across is { } across ? new(carried(across.WholeAt), carried(across.GoneAt)) : null },
        StrokeMark s => s with { Path = [.. s.Path.Select(carried)] },
        DotMark d => d with { At = carried(d.At) },
        _ => throw new NotSupportedException($"A mark of type {mark.GetType().Name} cannot be carried."),
    };

    public static Geometry Of(Geometry outline, Func<ChartPoint, ChartPoint> carried)
    {
        var copy = outline.Copy();
        copy.Apply(new EachCoordinate(carried));
        copy.GeometryChanged();
        return copy.IsValid ? copy : copy.Buffer(0);
    }

    private sealed class EachCoordinate(Func<ChartPoint, ChartPoint> carried) : ICoordinateFilter
    {
        public void Filter(Coordinate at)
        {
            var there = carried(new(at.X, at.Y));
            (at.X, at.Y) = (there.XMm, there.YMm);
        }
    }
}
