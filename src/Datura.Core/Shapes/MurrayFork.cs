namespace Datura.Core.Shapes;

/// <summary>
/// How a vessel forks. The cubes of the two widths add up to that of the trunk, and each arm leaves at the angle that costs the
/// least. Source: C. D. Murray, The physiological principle of minimum work, Proc. Natl. Acad. Sci. 12 (1926) 207, and, for the
/// angles, J. Gen. Physiol. 9 (1926) 835.
/// </summary>
public static class MurrayFork
{
    /// <param name="trunkMm">Width before the fork.</param>
    /// <param name="share">Width of the thinner arm to that of the thicker one, above 0 and up to 1.</param>
    /// <returns>Widths after the fork, mm.</returns>
    /// <example>A trunk of 2 mm in two equal arms: 1.587 mm each.</example>
    public static (double ThickMm, double ThinMm) Widths(double trunkMm, double share)
    {
        var thick = trunkMm / Math.Cbrt(1 + share * share * share);
        return (thick, share * thick);
    }

    /// <returns>How far each arm turns off the trunk's way, rad.</returns>
    /// <example>Two equal arms turn off by 37.5° each.</example>
    public static (double ThickRad, double ThinRad) Angles(double share)
    {
        var (thick, thin) = Widths(1, share);
        return (Angle(thick, thin), Angle(thin, thick));

        static double Angle(double own, double other) => Math.Acos(Math.Clamp((1 + Math.Pow(own, 4) - Math.Pow(other, 4)) / (2 * own * own), -1, 1));
    }
}
