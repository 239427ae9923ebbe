namespace Datura.Core.Body;

/// <summary>The landmarks that a painter can find with a fingertip, in the painter's words.</summary>
public static class NamedPlaces
{
    private static readonly (string Landmark, string Words)[] Middle =
    [
        ("trichion", "middle of the hairline"), ("glabella", "point between the brows"), ("sellion", "nose root"), ("pronasale", "nose tip"),
        ("subnasale", "base of the nose"), ("mouth_line", "middle of the mouth"), ("gnathion", "underside of the chin"),
        ("thyroid_notch", "larynx"), ("suprasternale", "notch between the collar bones"),
    ];

    private static readonly (string Landmark, string Words)[] Pairs =
    [
        ("endocanthion", "inner corner of the {0} eye"), ("exocanthion", "outer corner of the {0} eye"), ("brow_peak", "top of the {0} brow"),
        ("alare", "{0} nostril wing"), ("cheilion", "{0} mouth corner"), ("tragion", "front of the {0} ear"), ("gonion", "{0} corner of the jaw"),
        ("zygion", "{0} cheekbone"), ("clavicle_inner", "inner end of the {0} collar bone"), ("acromion", "{0} shoulder point"),
    ];

    /// <summary>Landmark to words.</summary>
    public static IReadOnlyDictionary<string, string> All { get; } = Middle
        .Concat(from pair in Pairs
                from side in new[] { "left", "right" }
                select ($"{pair.Landmark}_{side}", string.Format(System.Globalization.CultureInfo.InvariantCulture, pair.Words, side)))
        .ToDictionary(p => p.Item1, p => p.Item2);
}
