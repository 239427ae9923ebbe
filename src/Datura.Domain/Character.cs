using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>Rules that several wearers' looks are held to, so that all of them are one creature. It belongs to no face.</summary>
/// <param name="Parts">What every wearer has, the most important first.</param>
/// <param name="Palette">Colours that its parts name.</param>
/// <param name="Forbidden">What no wearer has.</param>
/// <param name="Free">Kinds that a wearer may have besides; null for any.</param>
public sealed record Character(
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Name,
    IReadOnlyList<CharacterPart> Parts,
    IReadOnlyList<CharacterColour> Palette,
    IReadOnlyList<Forbidden> Forbidden,
    IReadOnlyList<string>? Free = null)
{
    /// <summary>Wearers of one character; a crew larger than this does not paint in one night.</summary>
    public const int MostWearers = 60;

    [StringLength(Limits.LongestNotes)]
    public string Notes { get; init => field = value ?? ""; } = "";

    [MaxLength(Limits.MostParts)]
    public IReadOnlyList<CharacterPart> Parts { get; init => field = value ?? []; } = Parts;

    [MaxLength(60)]
    public IReadOnlyList<CharacterColour> Palette { get; init => field = value ?? []; } = Palette;

    [MaxLength(60)]
    public IReadOnlyList<Forbidden> Forbidden { get; init => field = value ?? []; } = Forbidden;

    /// <summary>Ids of the studio's reference pictures that show what it shall look like.</summary>
    [MaxLength(PinnedReference.Most)]
    public IReadOnlyList<string> References { get; init => field = value ?? []; } = [];

    /// <summary>Who is held to it.</summary>
    [MaxLength(MostWearers)]
    public IReadOnlyList<Wearer> Wearers { get; init => field = value ?? []; } = [];
}
