using static Datura.Numerics.BellCurve;
using static Datura.Numerics.SmoothStep;

namespace Datura.Core.Body;

/// <summary>
/// Soft forms that neither the face points nor the rings carry: neck muscles, collar bones, ears, closed lids.
/// Each is a height in mm along the skin's normal. Sizes are set by eye (common practice, no source).
/// </summary>
internal static class SkinFeatures
{
    private const double Deg = Math.PI / 180;

    /// <param name="at">Place in material coordinates; the answer is the same for both sides.</param>
    public static double HeightMm(SkinPoint at)
    {
        var a = Math.Abs(at.AzimuthRad) / Deg;
        var v = at.HeightMm;
        return GrownUpMm(at) + Notch(a, v) + EarForm.HeightMm(a, v) + ClosedLid(a, v);
    }

    /// <summary>Neck muscles, collar bones and larynx alone: what hardly shows on a child.</summary>
    public static double GrownUpMm(SkinPoint at)
    {
        var (a, v) = (Math.Abs(at.AzimuthRad) / Deg, at.HeightMm);
        return NeckMuscle(a, v) + CollarBone(a, v) + Larynx(a, v);
    }

    // The sternomastoid runs from behind the ear to the inner end of the collar bone.
    private static readonly MonotoneCurve MusclePath = new([-190, -170, -140, -110, -70, -20], [9, 16, 36, 60, 84, 104]);

    private static double NeckMuscle(double a, double v)
    {
        var along = Rise(-193, -176, v) * (1 - Rise(-90, -35, v));
        var offMm = (a - MusclePath.At(v)) * Deg * 58 * 0.8;
        return along * (3.4 * Bump(offMm, 6) - 1.2 * Bump(offMm - 15, 6));
    }

    // The collar bone rises from the notch to the shoulder in a shallow S.
    private static readonly MonotoneCurve BonePath = new([6, 15, 30, 45, 60, 75, 90], [-191, -193, -195, -195, -196, -200, -206]);

    private static double CollarBone(double a, double v)
    {
        var along = Rise(4, 12, a) * (1 - Rise(66, 84, a));
        var off = v - BonePath.At(a);
        return along * (3.4 * Bump(off, 5.5) - 2.2 * Bump(off - 13, 7) - 0.6 * Bump(off + 15, 8));
    }

    private static double Larynx(double a, double v) => 3.0 * Bump(AcrossMm(a), 7) * Bump(v + 134, 11);

    private static double Notch(double a, double v) => -4.0 * Bump(AcrossMm(a), 8) * Bump(v + 189, 7);

    // From the mid-line on a neck of usual girth.
    private static double AcrossMm(double a) => a * Deg * 56;

    // Lids are closed while painting: a gentle dome over the eyeball and a lash line.
    private static double ClosedLid(double a, double v)
    {
        var x = (a - 22.0) * Deg * 88;
        var dome = 2.6 * Bump(x, 9.5) * Bump(v - 27, 6.5);
        var lash = v - (23.6 + 0.012 * x * x);
        return dome - 0.9 * Bump(lash, 1.2) * (1 - Rise(11, 15.5, Math.Abs(x)));
    }
}
