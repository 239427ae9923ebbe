using System.ComponentModel;
using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>One thing that an idea has, may have, or has instead of another.</summary>
/// <param name="Kind">Id of a kind of part.</param>
/// <param name="From">Not on a face where less than this is painted.</param>
/// <param name="OneOf">Of all parts with this word only one joins.</param>
/// <param name="Ornament">Left out where no ornament is wanted.</param>
/// <param name="Says">What a proposal is called when it leads: "Deep sockets".</param>
/// <param name="Times">Least and most times the usual size, by parameter.</param>
/// <param name="Numbers">Least and most, by parameter, in its own unit.</param>
/// <param name="Words">Any one of these, by choice.</param>
/// <param name="Colours">The colour of the palette for each coat; other coats take what is usual for them. A coat that may be left out joins when it is named.</param>
/// <param name="Tempers">What a temper sets instead, as <paramref name="Numbers"/>.</param>
/// <param name="OneSided">Share of proposals that have it on one side alone, 0 to 1.</param>
public sealed record IdeaPart(
    [property: StringLength(40, MinimumLength = 1), Description("Id of a kind of part.")] string Kind,
    [property: Description("must: without it nobody sees what it is; often: mostly there; may: now and then.")] Need Need = Need.Often,
    [property: Description("Not on a face where less than this is painted.")] Extent From = Extent.Eyes,
    [property: StringLength(40), Description("Of all parts with this word only one joins.")] string? OneOf = null,
    [property: Description("Left out where no ornament is wanted.")] bool Ornament = false,
    [property: StringLength(Limits.LongestName), Description("What a face is called when this leads.")] string? Says = null,
    [property: Description("Least and most times the usual size, by parameter.")] IReadOnlyDictionary<string, IReadOnlyList<double>>? Times = null,
    [property: Description("Least and most, by parameter, in its own unit.")] IReadOnlyDictionary<string, IReadOnlyList<double>>? Numbers = null,
    [property: Description("Any one of these, by choice.")] IReadOnlyDictionary<string, IReadOnlyList<string>>? Words = null,
    [property: Description("The colour of the palette for each coat; other coats take what is usual for them.")] IReadOnlyDictionary<string, string>? Colours = null,
    [property: Description("What a temper sets instead, written as numbers are.")] IReadOnlyDictionary<Temper, IReadOnlyDictionary<string, IReadOnlyList<double>>>? Tempers = null,
    [property: Range(0, 1), Description("Share of faces that have it on one side alone, 0 to 1.")] double OneSided = 0)
{
    /// <summary>Words of the idea that it is for; empty for any.</summary>
    [MaxLength(60), Description("Words of the idea that this is for: when a brief names another one, it is left out. Empty for any.")]
    public IReadOnlyList<string> Of { get; init => field = value ?? []; } = [];
}
