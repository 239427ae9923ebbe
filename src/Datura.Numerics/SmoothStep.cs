namespace Datura.Numerics;

/// <summary>A rise from 0 to 1 that starts and ends level (3t² − 2t³).</summary>
public static class SmoothStep
{
    /// <param name="from">Where it is still 0.</param>
    /// <param name="to">Where it is 1; may lie below <paramref name="from"/>.</param>
    public static double Rise(double from, double to, double t)
    {
        var s = Math.Clamp((t - from) / (to - from), 0, 1);
        return s * s * (3 - 2 * s);
    }
}
