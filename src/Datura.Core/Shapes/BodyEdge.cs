using Datura.Core.Body;
using NetTopologySuite.Geometries;

namespace Datura.Core.Shapes;

/// <summary>Cuts off what would lie where the modelled body has no skin: below the chest, beyond the crown.</summary>
public static class BodyEdge
{
    // The body's back on the chart, wider than any, mm.
    private const double BackMm = 400;

    /// <returns>The mark as far as there is skin for it; null where there is none.</returns>
    public static Mark? Kept(Mark mark, FittedBody body)
    {
        var (low, high) = body.Chart.YRange;
        var box = mark.Box();
        if (mark is RegionMark { Outline.IsEmpty: true })
        {
            return null;
        }

        if (box.MinY >= low && box.MaxY <= high)
        {
            return mark;
        }

        return (mark with { OnSkin = null }) switch
        {
            RegionMark r => r.Outline.Intersection(GeometryFactory.Default.ToGeometry(new Envelope(-BackMm, BackMm, low, high))) is { IsEmpty: false } left ? r with { Outline = left } : null,
            StrokeMark s => Longest(s, low, high),
            _ => null,
        };
    }

    // The longest piece that lies on skin; a line that leaves the body and comes back is two, and the lesser one is not worth its stroke.
    private static StrokeMark? Longest(StrokeMark stroke, double low, double high)
    {
        var (best, start) = (0..0, -1);
        for (var k = 0; k <= stroke.Path.Count; k++)
        {
            var on = k < stroke.Path.Count && stroke.Path[k].YMm >= low && stroke.Path[k].YMm <= high;
            if (on && start < 0)
            {
                start = k;
            }
            else if (!on && start >= 0)
            {
                best = k - start > best.End.Value - best.Start.Value ? start..k : best;
                start = -1;
            }
        }

        return best.End.Value - best.Start.Value > 1 ? stroke with { Path = [.. stroke.Path.Take(best)], WidthsMm = [.. stroke.WidthsMm.Take(best)] } : null;
    }
}
