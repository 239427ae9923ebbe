namespace Datura.Numerics;

/// <summary>A soft hump: 1 in its middle, falling off as a normal curve does.</summary>
public static class BellCurve
{
    /// <param name="d">How far from the middle.</param>
    /// <param name="width">Standard deviation, in the unit of <paramref name="d"/>.</param>
    public static double Bump(double d, double width) => Math.Exp(-d * d / (2 * width * width));
}
