using Datura.Core.Body;

namespace Datura.Core.Shapes;

/// <summary>Every named place a part can be hung at: landmarks without their side, and the middles of zones.</summary>
public static class HangingPlaces
{
    /// <summary>Names in files, landmarks first.</summary>
    public static IReadOnlyList<string> All { get; } =
    [
        .. Landmarks.Reference.Keys.Where(l => !l.Id.EndsWith("_right", StringComparison.Ordinal)).Select(l => l.Id.Replace("_left", "", StringComparison.Ordinal))
            .Order(StringComparer.Ordinal).Except(Zones.Names),
        .. Zones.Names,
    ];

    private static readonly HashSet<string> Known = [.. All];

    // The painter's words for what anatomy names.
    private static readonly Dictionary<string, string> Words = new()
    {
        ["vertex"] = "crown",
        ["trichion"] = "middle of the hairline",
        ["glabella"] = "between the brows",
        ["sellion"] = "nose root",
        ["pronasale"] = "nose tip",
        ["subnasale"] = "base of the nose",
        ["labiale_superius"] = "edge of the upper lip",
        ["mouth_line"] = "middle of the mouth",
        ["labiale_inferius"] = "edge of the lower lip",
        ["gnathion"] = "underside of the chin",
        ["submentale"] = "below the chin",
        ["thyroid_notch"] = "larynx",
        ["suprasternale"] = "notch between the collar bones",
        ["midsternale"] = "middle of the breastbone",
        ["opisthocranion"] = "back of the head",
        ["frontotemporale"] = "side of the forehead",
        ["brow_inner"] = "inner end of the brow",
        ["brow_peak"] = "top of the brow",
        ["brow_outer"] = "outer end of the brow",
        ["endocanthion"] = "inner corner of the eye",
        ["exocanthion"] = "outer corner of the eye",
        ["palpebrale_superius"] = "edge of the upper lid",
        ["palpebrale_inferius"] = "edge of the lower lid",
        ["zygion"] = "widest point of the cheekbone",
        ["tragion"] = "front of the ear",
        ["alare"] = "nostril wing",
        ["cheilion"] = "mouth corner",
        ["gonion"] = "corner of the jaw",
        ["euryon"] = "side of the head",
        ["mastoidale"] = "behind the ear",
        ["clavicle_inner"] = "inner end of the collar bone",
        ["clavicle_outer"] = "outer end of the collar bone",
        ["acromion"] = "shoulder point",
        ["chest_side"] = "side of the chest",
    };

    /// <summary>What a painter calls a place; a zone has its own name.</summary>
    public static string WordsFor(string place) => Words.TryGetValue(place, out var words) ? words : place.Replace('_', ' ');

    public static bool IsKnown(string place) => Known.Contains(place);

    /// <summary>Whether it is a point; what is called as a zone is the zone.</summary>
    public static bool IsLandmark(string place) => IsKnown(place) && Zones.Find(place) is null;

    /// <summary>Whether there is one on either side.</summary>
    public static bool IsPair(string place) => Zones.Find(place) is { } zone
        ? MiddleOf(FittedBody.Reference, zone).XMm > 0
        : Landmarks.Reference.ContainsKey(new Landmark(place).Left);

    /// <summary>Where it lies: on the wearer's left, or on the mid-line.</summary>
    public static ChartPoint On(FittedBody body, string place) => Zones.Find(place) is { } zone ? MiddleOf(body, zone) : body.At(new Landmark(place));

    private static ChartPoint MiddleOf(FittedBody body, Zone zone)
    {
        var outline = body.ZoneOutlines[zone];
        var middle = outline.Centroid;
        // A zone of two sides has its middle between them, where it is not.
        if (outline.NumGeometries == 1 && outline.Contains(middle))
        {
            return new(0, middle.Y);
        }

        var left = Enumerable.Range(0, outline.NumGeometries).Select(outline.GetGeometryN).Where(g => g.Centroid.X > 0).MaxBy(g => g.Area);
        return left is null ? new(0, middle.Y) : new(left.Centroid.X, left.Centroid.Y);
    }
}
