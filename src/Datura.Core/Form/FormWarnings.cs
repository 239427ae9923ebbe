namespace Datura.Core.Form;

/// <summary>What the light or the paints do to the form, as notes (common practice, but for what is computed).</summary>
internal static class FormWarnings
{
    private const double LowDeg = -8;
    private const double TopDeg = 62;
    private const double SideDeg = 55;
    private const double MuchCut = 0.12;
    private const double Reads = 0.6;

    public static IEnumerable<CautionNote> Of(ToneMap map, ToneBands bands, Closure closure, FormWish wish, Setting setting)
    {
        var light = setting.FaceLight;
        var key = light.Lamps.MaxBy(l => l.Level);
        if (key is not null && light.Ambient < 0.85)
        {
            CautionNote Lamp(CautionCode code) => new(code, Severity.Note) { Names = new Dictionary<string, string> { ["setting"] = setting.Name } };
            if (key.ElevationDeg < LowDeg)
            {
                yield return Lamp(CautionCode.LampFromBelow);
            }
            else if (key.ElevationDeg > TopDeg)
            {
                yield return Lamp(CautionCode.LampFromTop);
            }
            else if (Math.Abs(key.AzimuthDeg) > SideDeg)
            {
                yield return Lamp(CautionCode.LampFromSide);
            }
            else if (light.Ambient > 0.6 || key.SpreadDeg > 40)
            {
                yield return new(CautionCode.LightIsFlat, Severity.Note);
            }
        }

        foreach (var weak in Weak(bands, setting.ViewingDistanceM))
        {
            yield return weak;
        }

        if (map.Cut > MuchCut)
        {
            yield return Said(CautionCode.ToneOutOfReach, ("cut", 100 * map.Cut));
        }

        if (wish.Strength > 0 && closure.Painted < Reads)
        {
            yield return Said(CautionCode.FormHardlyReads, ("distance", setting.ViewingDistanceM), ("read", 100 * Math.Max(0, closure.Painted)));
        }

        if (wish.Strength > 1.5 || wish.HighlightCap > 24)
        {
            yield return new(CautionCode.HighlightsStrong, Severity.Note);
        }
    }

    private static CautionNote Said(CautionCode code, params (string Name, double Value)[] numbers) => new(code, Severity.Note) { Numbers = numbers.ToDictionary(n => n.Name, n => n.Value) };

    // A tone's step to the one around it, against what the eye needs for figures of its width.
    private static IEnumerable<CautionNote> Weak(ToneBands bands, double distanceM)
    {
        foreach (var tone in bands.Tones)
        {
            var around = bands.Tones.Where(t => Math.Sign(t.Change) == Math.Sign(tone.Change) && Math.Abs(t.Change) < Math.Abs(tone.Change)).Select(t => t.Change).DefaultIfEmpty(0).MaxBy(Math.Abs);
            var step = Math.Abs(tone.Change - around);
            var widthMm = 2 * tone.Outline.Area / Math.Max(tone.Outline.Length, 1e-6);
            var needed = VisualAcuity.WeakestStep(widthMm, distanceM);
            if (step < needed)
            {
                yield return double.IsFinite(needed)
                    ? Said(CautionCode.ToneTooWeak, ("tone", tone.Number), ("distance", distanceM), ("step", step), ("width", widthMm), ("needed", needed))
                    : Said(CautionCode.ToneTooFine, ("tone", tone.Number), ("distance", distanceM), ("width", widthMm), ("finest", VisualAcuity.FinestMm(distanceM)));
            }
        }
    }
}
