namespace Datura.Core.Form;

/// <summary>What the light or the paints do to the form, in sentences (common practice, but for what is computed).</summary>
internal static class FormWarnings
{
    private const double LowDeg = -8;
    private const double TopDeg = 62;
    private const double SideDeg = 55;
    private const double MuchCut = 0.12;
    private const double Reads = 0.6;

    public static IEnumerable<string> Of(ToneMap map, ToneBands bands, Closure closure, FormWish wish, Setting setting)
    {
        var light = setting.FaceLight;
        var key = light.Lamps.MaxBy(l => l.Level);
        if (key is not null && light.Ambient < 0.85)
        {
            var lamp = $"The strongest lamp of {setting.Name}";
            if (key.ElevationDeg < LowDeg)
            {
                yield return $"{lamp} shines from below: it turns shadows over, lights the hollows under brow and cheekbone, and works against the painting. Raise it, or paint stronger.";
            }
            else if (key.ElevationDeg > TopDeg)
            {
                yield return $"{lamp} shines from the top: sockets and the under-jaw go dark by themselves. Keep painted shades there light.";
            }
            else if (Math.Abs(key.AzimuthDeg) > SideDeg)
            {
                yield return $"{lamp} shines from the side: one half of the face is in shade, and its painting hardly seen. Add light from the front.";
            }
            else if (light.Ambient > 0.6 || key.SpreadDeg > 40)
            {
                yield return "The light is flat: it shows no form by itself, so all of it has to be painted.";
            }
        }

        foreach (var weak in Weak(bands, setting.ViewingDistanceM))
        {
            yield return weak;
        }

        if (map.Cut > MuchCut)
        {
            yield return FormattableString.Invariant($"Over {100 * map.Cut:0} % of the figure the kit or the limit for highlights does not reach the wanted tone. A darker or lighter paint, or less strength, brings them nearer.");
        }

        if (wish.Strength > 0 && closure.Painted < Reads)
        {
            yield return FormattableString.Invariant($"The form hardly reads from {setting.ViewingDistanceM:0.#} m under this light ({100 * Math.Max(0, closure.Painted):0} % of it). Paint it stronger, make it larger, or change the light.");
        }

        if (wish.Strength > 1.5 || wish.HighlightCap > 24)
        {
            yield return "Highlights this strong look painted on from near by. For a fair or a mirror take them back.";
        }
    }

    // A tone's step to the one around it, against what the eye needs for figures of its width.
    private static IEnumerable<string> Weak(ToneBands bands, double distanceM)
    {
        foreach (var tone in bands.Tones)
        {
            var around = bands.Tones.Where(t => Math.Sign(t.Change) == Math.Sign(tone.Change) && Math.Abs(t.Change) < Math.Abs(tone.Change)).Select(t => t.Change).DefaultIfEmpty(0).MaxBy(Math.Abs);
            var step = Math.Abs(tone.Change - around);
            var widthMm = 2 * tone.Outline.Area / Math.Max(tone.Outline.Length, 1e-6);
            var needed = Eye.WeakestStep(widthMm, distanceM);
            if (step < needed)
            {
                yield return double.IsFinite(needed)
                    ? FormattableString.Invariant($"Tone {tone.Number} is lost from {distanceM:0.#} m: a step of {step:0.#} L*, and shapes about {widthMm:0} mm wide need {needed:0.#}. More strength or fewer tones bring it back.")
                    : FormattableString.Invariant($"Tone {tone.Number} is lost from {distanceM:0.#} m: its shapes are about {widthMm:0} mm wide, finer than the eye resolves there ({Eye.FinestMm(distanceM):0.#} mm).");
            }
        }
    }
}
