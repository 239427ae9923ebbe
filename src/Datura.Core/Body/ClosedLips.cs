namespace Datura.Core.Body;

/// <summary>
/// The open face geometry was measured with parted lips. This stretches both lips up to a common mouth line.
/// </summary>
internal static class ClosedLips
{
    // Read off the face points: azimuth (degrees), then v (mm) of upper border, upper inner edge, lower inner edge, lower border.
    private static readonly double[] Azimuth = [0, 3.7, 7.0, 9.7, 12.2, 14.28];
    private static readonly MonotoneCurve UpperBorder = new(Azimuth, [-34.06, -33.3, -34.6, -36.6, -39.2, -42.8]);
    private static readonly MonotoneCurve UpperInner = new(Azimuth, [-39.18, -39.25, -39.8, -40.83, -41.9, -43.0]);
    private static readonly MonotoneCurve LowerInner = new(Azimuth, [-47.46, -46.95, -45.8, -44.76, -44.1, -43.1]);
    private static readonly MonotoneCurve LowerBorder = new(Azimuth, [-53.65, -53.0, -51.3, -49.2, -46.9, -43.3]);
    private static readonly MonotoneCurve Line = new(Azimuth, [-43.4, -43.0, -43.1, -43.4, -43.6, -43.05]);

    /// <summary>Radius of the line where the lips meet, mm: just behind the inner edges of the open lips.</summary>
    private static readonly MonotoneCurve LineRadius = new(Azimuth, [99.0, 98.2, 95.9, 93.2, 90.6, 88.9]);

    private const double HalfSeamMm = 1.2;

    public static double LineHeight(double azimuthDeg) => Line.At(Math.Abs(azimuthDeg));

    /// <summary>Where a face point of the open mouth goes when the lips close.</summary>
    public static double Close(double azimuthDeg, double v)
    {
        var a = Math.Abs(azimuthDeg);
        if (a > 14.2)
        {
            return v;
        }

        var (upper, upperIn, lowerIn, lower, line) =
            (UpperBorder.At(a), UpperInner.At(a), LowerInner.At(a), LowerBorder.At(a), Line.At(a));
        var seam = HalfSeamMm * (1 - a / 14.28);
        if (v <= upper && v >= upperIn - 0.3)
        {
            return upper + (v - upper) * (line + seam - upper) / (upperIn - upper);
        }

        return v >= lower && v <= lowerIn + 0.3
            ? lower + (v - lower) * (line - seam - lower) / (lowerIn - lower)
            : v;
    }

    /// <summary>Points along the line where the lips meet.</summary>
    public static IEnumerable<(double AzimuthDeg, double V, double R)> Seam() =>
        Enumerable.Range(0, 12).Select(k => 1.2 * k).Select(a => (a, Line.At(a), LineRadius.At(a)));
}
