namespace Datura.Core.Body;

/// <summary>The landmarks that a painter can find with a fingertip, in the painter's words.</summary>
public static class NamedPlaces
{
    private static readonly (Landmark Landmark, string Words)[] Middle =
    [
        (Landmark.Trichion, "middle of the hairline"), (Landmark.Glabella, "point between the brows"), (Landmark.Sellion, "nose root"), (Landmark.Pronasale, "nose tip"),
        (Landmark.Subnasale, "base of the nose"), (Landmark.MouthLine, "middle of the mouth"), (Landmark.Gnathion, "underside of the chin"),
        (Landmark.ThyroidNotch, "larynx"), (Landmark.Suprasternale, "notch between the collar bones"),
    ];

    private static readonly (Landmark Landmark, string Words)[] Pairs =
    [
        (Landmark.Endocanthion, "inner corner of the {0} eye"), (Landmark.Exocanthion, "outer corner of the {0} eye"), (Landmark.BrowPeak, "top of the {0} brow"),
        (Landmark.Alare, "{0} nostril wing"), (Landmark.Cheilion, "{0} mouth corner"), (Landmark.Tragion, "front of the {0} ear"), (Landmark.Gonion, "{0} corner of the jaw"),
        (Landmark.Zygion, "{0} cheekbone"), (Landmark.ClavicleInner, "inner end of the {0} collar bone"), (Landmark.Acromion, "{0} shoulder point"),
    ];

    /// <summary>Landmark to words.</summary>
    public static IReadOnlyDictionary<Landmark, string> All { get; } = Middle
        .Concat(from pair in Pairs
                from side in new[] { "left", "right" }
                select (side == "left" ? pair.Landmark.Left : pair.Landmark.Right, string.Format(System.Globalization.CultureInfo.InvariantCulture, pair.Words, side)))
        .ToDictionary(p => p.Item1, p => p.Item2);
}
