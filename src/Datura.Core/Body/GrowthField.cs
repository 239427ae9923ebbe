namespace Datura.Core.Body;

/// <summary>
/// The way hair, feathers and scales lie (common practice): from the nose outwards and back, back over the brow, down on the cheek,
/// down and outwards on the neck. Between the places where it is known it turns evenly.
/// </summary>
public static class GrowthField
{
    // Landmark, and the heading there on the wearer's left: 0 outwards, up is π/2, rad (from memory).
    private static readonly (Landmark At, double HeadingRad)[] Known =
    [
        (Landmark.Trichion, 1.45), (Landmark.Glabella, 1.4), (Landmark.BrowInner, 1.25), (Landmark.BrowPeak, 0.85), (Landmark.BrowOuter, 0.35),
        (Landmark.Frontotemporale, 0.6), (Landmark.Pronasale, 0.1), (Landmark.Alare, -0.3), (Landmark.Exocanthion, 0.05), (Landmark.PalpebraleInferius, -0.35),
        (Landmark.Cheekbone, -0.55), (Landmark.Zygion, -0.75), (Landmark.Tragion, -1.0), (Landmark.Subnasale, -0.9), (Landmark.Cheilion, -0.9), (Landmark.LabialeInferius, -1.4),
        (Landmark.Gonion, -1.15), (Landmark.Gnathion, -1.5), (Landmark.Submentale, -1.55), (Landmark.ThyroidNotch, -1.45), (Landmark.Mastoidale, -1.25),
        (Landmark.Suprasternale, -1.2), (Landmark.ClavicleInner, -1.0), (Landmark.ClavicleOuter, -0.8), (Landmark.Midsternale, -1.3),
    ];

    /// <returns>Heading on the chart, rad; on the wearer's right its mirror image.</returns>
    public static double HeadingRad(FittedBody body, ChartPoint at)
    {
        var here = at.XMm < 0 ? body.Mirrored(at) : at;
        var sum = new ChartPoint(0, 0);
        foreach (var (landmark, heading) in Known)
        {
            // Near places count by the fourth power, so that each rules its own surroundings.
            var d = body.At(landmark) - here;
            var weight = 1 / Math.Pow(d.XMm * d.XMm + d.YMm * d.YMm + 25, 2);
            sum += weight * new ChartPoint(Math.Cos(heading), Math.Sin(heading));
        }

        var angle = sum.Angle();
        return at.XMm < 0 ? Math.PI - angle : angle;
    }
}
