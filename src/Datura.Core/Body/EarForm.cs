using static Datura.Numerics.BellCurve;
using static Datura.Numerics.SmoothStep;

namespace Datura.Core.Body;

/// <summary>
/// The outer ear: a plate that leaves the head in front and stands off behind, with rim, groove, inner ridge, bowl, the flap before its
/// opening, and lobe. Sizes are by eye about a mean ear of 62 by 34 mm (from memory).
/// </summary>
internal static class EarForm
{
    private const double MmPerDeg = 77 * Math.PI / 180;
    private const double MiddleDeg = 98;
    private const double MiddleMm = 3;

    // How far the ear leans back going up.
    private const double Lean = 0.22;

    private const double HalfWideMm = 17;
    private const double HalfTallMm = 31;

    /// <summary>Height along the skin's normal, mm.</summary>
    /// <param name="a">Azimuth, degrees, either side.</param>
    /// <param name="v">Height on the reference body, mm.</param>
    public static double HeightMm(double a, double v)
    {
        var (x, y, q) = Own(a, v);
        if (q > 1.3)
        {
            return 0;
        }

        var plate = 15 * Rise(-15, 13, x) * (1 - Rise(0.9, 1.16, q));
        var rim = Rise(-26, -14, y) * Rise(-15, -9, x);
        var helix = 3 * Bump(q - 0.88, 0.075) * rim;
        var groove = -2.6 * Bump(q - 0.71, 0.075) * Rise(-12, 0, y) * Rise(-7, 1, x);
        var ridge = 2.2 * Bump(q - 0.55, 0.075) * Rise(-20, -10, y) * Rise(-2, 4, x) * (1 - Rise(12, 22, y));
        var bowl = -9 * Bump(x + 1, 5.2) * Bump(y + 3, 8.5);
        var upper = -2.6 * Bump(x + 1, 4.5) * Bump(y - 14, 4.5);
        var flap = 3.6 * Bump(x + 11, 2.8) * Bump(y + 4, 4.5);
        var before = 2.2 * Bump(x - 2, 3.2) * Bump(y + 15, 2.6);
        var lobe = 2.2 * Bump(x + 3, 6) * Bump(y + 25, 5);
        return plate + helix + groove + ridge + bowl + upper + flap + before + lobe;
    }

    /// <summary>How far the free edge leans back over the groove behind it, mm; the same for both sides.</summary>
    public static double BackMm(SkinPoint at)
    {
        var (x, _, q) = Own(Math.Abs(at.AzimuthRad) * 180 / Math.PI, at.HeightMm);
        return q > 1.6 ? 0 : 2.4 * Bump(q - 0.95, 0.16) * Rise(-12, 14, x);
    }

    // Backwards and up from the ear's middle, mm, and how far out: 1 on its edge. Broad above, narrow at the lobe.
    private static (double X, double Y, double Q) Own(double a, double v)
    {
        var y = v - MiddleMm;
        var x = (a - MiddleDeg) * MmPerDeg - Lean * y;
        var wide = HalfWideMm * (0.58 + 0.42 * Rise(-30, 6, y));
        return (x, y, Math.Sqrt(x * x / (wide * wide) + y * y / (HalfTallMm * HalfTallMm)));
    }
}
