using static Datura.Numerics.BellCurve;
using static Datura.Numerics.SmoothStep;

namespace Datura.Core.Body;

/// <summary>
/// What no caliper tells of a child: fuller cheeks, a rounder forehead, a hollow bridge of the nose, no corner at the jaw, and neck and
/// collar bones that hardly show. Common practice; the sizes are by eye.
/// </summary>
internal static class ChildForm
{
    // From memory: at three a face is a small child's, at thirteen its forms are those of a grown-up.
    private const double WholeYears = 3;
    private const double GoneYears = 13;

    private const double Deg = Math.PI / 180;

    /// <summary>How much of it a person of an age has, 0 to 1.</summary>
    public static double Share(double years) => 1 - Rise(WholeYears, GoneYears, years);

    /// <summary>Height in mm along the normal of the reference skin; nothing at the places that are measured.</summary>
    public static double HeightMm(SkinPoint at)
    {
        var (a, v) = (Math.Abs(at.AzimuthRad) / Deg, at.HeightMm);
        return Cheek(a, v) + Forehead(a, v) + Bridge(a, v) + UnderJaw(a, v) - 0.8 * SkinFeatures.GrownUpMm(at);
    }

    private static double Cheek(double a, double v) => 3.5 * Bump(a - 36, 11) * Bump(v + 36, 15) * Rise(14, 27, a);

    private static double Forehead(double a, double v) => 2.4 * Bump(a, 20) * Bump(v - 68, 8);

    private static double Bridge(double a, double v) => -1.6 * Bump(a, 5) * Bump(v - 12, 7);

    private static double UnderJaw(double a, double v) => 2.2 * Bump(a - 38, 20) * Bump(v - ReferenceSkin.JawEdgeMm(a) + 19, 9);
}
