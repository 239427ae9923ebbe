namespace Datura.Core.Body;

/// <summary>Where a face creases (common practice): lines in the brow, crow's feet, nose to mouth, mouth to chin, rings of the neck.</summary>
public static class SkinCreases
{
    /// <summary>Each crease of the wearer's left, as a line on the chart; those across the middle end there.</summary>
    public static IReadOnlyList<IReadOnlyList<ChartPoint>> Of(FittedBody body)
    {
        ChartPoint At(Landmark landmark, double outMm, double upMm) => body.At(landmark) + new ChartPoint(outMm, upMm);
        return
        [
            [At(Landmark.Alare, 3, 5), 0.5 * (At(Landmark.Alare, 3, 5) + At(Landmark.Cheilion, 8, 2)) + new ChartPoint(3, 2), At(Landmark.Cheilion, 8, 2), At(Landmark.Cheilion, 7, -8)],
            [At(Landmark.Cheilion, 2, -3), At(Landmark.Cheilion, 4, -14), At(Landmark.Cheilion, 1, -26)],
            [At(Landmark.Exocanthion, 5, 1), At(Landmark.Exocanthion, 18, 4)],
            [At(Landmark.Exocanthion, 5, -2), At(Landmark.Exocanthion, 17, -7)],
            [At(Landmark.Glabella, 0, 18), At(Landmark.BrowPeak, 0, 17), At(Landmark.BrowOuter, 2, 20)],
            [At(Landmark.Glabella, 0, 30), At(Landmark.BrowPeak, 0, 29), At(Landmark.BrowOuter, 2, 30)],
            [At(Landmark.BrowInner, -4, -6), At(Landmark.BrowInner, -3, 10)],
            [At(Landmark.ThyroidNotch, 0, 14), At(Landmark.ThyroidNotch, 34, 20)],
            [At(Landmark.ThyroidNotch, 0, -14), At(Landmark.ThyroidNotch, 36, -6)],
        ];
    }

    // Nearer than this a line runs in the crease (by judgement).
    private const double NearMm = 7;

    /// <returns>The heading of the crease a place lies in, rad, either way along it; null where skin lies smooth.</returns>
    public static double? HeadingRad(FittedBody body, ChartPoint at)
    {
        var here = at.XMm < 0 ? body.Mirrored(at) : at;
        (double Mm, double Rad)? best = null;
        foreach (var crease in Of(body))
        {
            for (var k = 1; k < crease.Count; k++)
            {
                var along = crease[k] - crease[k - 1];
                var share = Math.Clamp(((here - crease[k - 1]).XMm * along.XMm + (here - crease[k - 1]).YMm * along.YMm) / Math.Max(1e-9, along.Length() * along.Length()), 0, 1);
                var mm = (crease[k - 1] + share * along - here).Length();
                if (mm < NearMm && (best is null || mm < best.Value.Mm))
                {
                    best = (mm, along.Angle());
                }
            }
        }

        return best is not { } found ? null : at.XMm < 0 ? Math.PI - found.Rad : found.Rad;
    }
}
