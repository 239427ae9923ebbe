using Datura.Core.Body;

namespace Datura.Core.Shapes;

/// <summary>The painter's own points between one face and anatomy.</summary>
public static class OwnPoints
{
    // What is pointed at so near a landmark is meant to be on it, mm (by judgement).
    private const double SnapMm = 4;

    /// <summary>Where a point lies on a body.</summary>
    public static ChartPoint On(FittedBody body, OwnPoint point) => point.At is { } landmark && Landmarks.Reference.ContainsKey(new(landmark))
        ? body.At(new Landmark(landmark))
        : body.Chart.ToChart(FittedBody.Reference.Chart.ToSkin(new(point.XMm, point.YMm)));

    /// <summary>The points of a part on a body, on the side where they are shown: the right one only when the part is there alone.</summary>
    public static IReadOnlyList<ChartPoint> Shown(PartKind kind, Part part, FittedBody body)
    {
        ChartPoint[] points = [.. (part.Drawn?.Points ?? []).Select(p => On(body, p))];
        if (points.Length == 0 || !kind.IsSided(part))
        {
            return points;
        }

        return points.Average(p => p.XMm) < 0 == (part.Sides == Sides.Right) ? points : [.. points.Select(body.Mirrored)];
    }

    /// <summary>The point of anatomy under a place of one face; on a landmark when it lies close to one.</summary>
    public static OwnPoint From(FittedBody body, ChartPoint at, bool snaps)
    {
        if (snaps && body.LandmarksOnChart.MinBy(l => (l.Value - at).Length()) is var near && (near.Value - at).Length() <= SnapMm)
        {
            var there = FittedBody.Reference.At(near.Key);
            return new(Math.Round(there.XMm, 2), Math.Round(there.YMm, 2), near.Key.Id);
        }

        var place = FittedBody.Reference.Chart.ToChart(body.Chart.ToSkin(at));
        return new(Math.Round(place.XMm, 2), Math.Round(place.YMm, 2));
    }
}
