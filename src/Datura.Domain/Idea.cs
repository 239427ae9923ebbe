using System.ComponentModel;
using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>
/// The grammar of an idea: what tells it, what may join, what spoils it, in which colours. A file that a painter can write and share.
/// </summary>
/// <param name="Words">What it is also called; a brief is searched for them.</param>
/// <param name="Leads">Where the eye goes first: the eyes, the mouth or an ornament.</param>
/// <param name="Spoils">Kinds that would make it something else.</param>
public sealed record Idea(
    [property: StringLength(Limits.LongestName, MinimumLength = 1), Description("What it is called.")] string Name,
    [property: MinLength(1), MaxLength(60), Description("What it is also called; the words of a brief are searched for them.")] IReadOnlyList<string> Words,
    [property: StringLength(20), Description("Where the eye goes first: eyes, mouth or ornament.")] string Leads,
    IReadOnlyList<string> Spoils,
    [property: MinLength(1), MaxLength(12), Description("Colours that carry it; each face takes one of these.")] IReadOnlyList<IdeaPalette> Palettes,
    [property: MinLength(1), MaxLength(60), Description("What it has or may have; at least one with the need must.")] IReadOnlyList<IdeaPart> Parts)
{
    /// <summary>How often there is a ground under it, 0 to 1; ornament mostly lies on bare skin.</summary>
    [Range(0, 1), Description("How often there is a ground under it, 0 to 1.")]
    public double Grounded { get; init; } = 1;

    [MaxLength(20), Description("Kinds of parts that would make it something else.")]
    public IReadOnlyList<string> Spoils { get; init; } = Spoils ?? [];
}
