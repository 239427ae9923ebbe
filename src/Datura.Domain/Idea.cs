using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>
/// The grammar of an idea: what tells it, what may join, what spoils it, in which colours. A file that a painter can write and share.
/// </summary>
/// <param name="Words">What it is also called; a brief is searched for them.</param>
/// <param name="Leads">Where the eye goes first: the eyes, the mouth or an ornament.</param>
/// <param name="Spoils">Kinds that would make it something else.</param>
public sealed record Idea(
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Name,
    [property: MinLength(1), MaxLength(60)] IReadOnlyList<string> Words,
    [property: StringLength(20)] string Leads,
    IReadOnlyList<string> Spoils,
    [property: MinLength(1), MaxLength(12)] IReadOnlyList<IdeaPalette> Palettes,
    [property: MinLength(1), MaxLength(60)] IReadOnlyList<IdeaPart> Parts)
{
    /// <summary>How often there is a ground under it, 0 to 1; ornament mostly lies on bare skin.</summary>
    [Range(0, 1)]
    public double Grounded { get; init; } = 1;

    [MaxLength(20)]
    public IReadOnlyList<string> Spoils { get; init; } = Spoils ?? [];
}
