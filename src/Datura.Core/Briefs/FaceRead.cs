using Datura.Core.Fit;
using Datura.Core.Form;

namespace Datura.Core.Briefs;

/// <summary>How a painted face reads from where it is seen: values, balance, and whether its colour comes back.</summary>
/// <param name="DarkShare">Share of what is painted with L* under 30, and so on.</param>
/// <param name="SpreadL">From the darkest twentieth to the lightest, L*.</param>
/// <param name="LeftHeavier">Left side less right, of both, by area times contrast; −1 to 1.</param>
/// <param name="ColourComesBack">In how many of top, middle and bottom the strongest colour is.</param>
/// <param name="EyeStep">How far what is painted round the eyes is from the bare skin, mean ΔE (CIE76), and so on.</param>
internal sealed record FaceRead(double DarkShare, double MiddleShare, double LightShare, double SpreadL, double LeftHeavier, int ColourComesBack, double EyeStep, double MouthStep)
{
    private const double DarkL = 30;
    private const double LightL = 70;

    // A colour is one from this chroma on, and the same one within this angle.
    private const double ColourChroma = 15;
    private const double SameHueRad = 0.6;

    // A third of the face has it when so much of it does, mm².
    private const double LeastMm2 = 25;

    // So far above and below the eyes or the mouth's line belongs to them, mm, and of the mouth so far from the middle (by judgement).
    private const double RoundMm = 24;
    private const double MouthHalfMm = 45;

    public static FaceRead Of(SeenFace painted, SeenFace bare, FormGrid grid, double browYMm, double eyeYMm, double mouthYMm)
    {
        var (dark, middle, light, left, right) = (0.0, 0.0, 0.0, 0.0, 0.0);
        var lights = new List<double>();
        var (eyes, mouth) = ((Sum: 0.0, Mm2: 1e-6), (Sum: 0.0, Mm2: 1e-6));
        var hues = new List<(double Rad, double Mm2, int Third)>();
        for (var n = 0; n < painted.Cells.Count; n++)
        {
            var (seen, skin, mm2) = (painted.Cells[n], bare.Cells[n], grid.AreaMm2[n]);
            var contrast = Math.Sqrt(Math.Pow(seen.L - skin.L, 2) + Math.Pow(seen.A - skin.A, 2) + Math.Pow(seen.B - skin.B, 2));
            if (contrast < 3 || mm2 <= 0)
            {
                continue;
            }

            dark += seen.L < DarkL ? mm2 : 0;
            light += seen.L > LightL ? mm2 : 0;
            middle += seen.L is >= DarkL and <= LightL ? mm2 : 0;
            lights.Add(seen.L);
            var at = grid.Middle(n / grid.Width, n % grid.Width);
            if (Math.Abs(at.YMm - eyeYMm) < RoundMm)
            {
                eyes = (eyes.Sum + mm2 * contrast, eyes.Mm2 + mm2);
            }
            else if (Math.Abs(at.YMm - mouthYMm) < RoundMm && Math.Abs(at.XMm) < MouthHalfMm)
            {
                mouth = (mouth.Sum + mm2 * contrast, mouth.Mm2 + mm2);
            }

            if (at.XMm > 0)
            {
                left += mm2 * contrast;
            }
            else
            {
                right += mm2 * contrast;
            }

            if (seen.Chroma() > ColourChroma)
            {
                hues.Add((Math.Atan2(seen.B, seen.A), mm2 * seen.Chroma(), at.YMm > browYMm ? 0 : at.YMm > mouthYMm + 20 ? 1 : 2));
            }
        }

        var all = Math.Max(1e-6, dark + middle + light);
        lights.Sort();
        var spread = lights.Count > 20 ? lights[(int)(0.95 * lights.Count)] - lights[(int)(0.05 * lights.Count)] : 0;
        return new(dark / all, middle / all, light / all, spread, (left - right) / Math.Max(1e-6, left + right), Thirds(hues), eyes.Sum / eyes.Mm2, mouth.Sum / mouth.Mm2);
    }

    private static int Thirds(List<(double Rad, double Mm2, int Third)> hues)
    {
        if (hues.Count == 0)
        {
            return 0;
        }

        // The strongest of twelve directions of hue.
        var strongest = hues.GroupBy(h => (int)Math.Round(h.Rad / (Math.PI / 6))).MaxBy(g => g.Sum(h => h.Mm2))!.Key * Math.PI / 6;
        return hues.Where(h => Math.Abs(Math.IEEERemainder(h.Rad - strongest, 2 * Math.PI)) < SameHueRad).GroupBy(h => h.Third).Count(g => g.Sum(h => h.Mm2) > LeastMm2 * ColourChroma);
    }
}
