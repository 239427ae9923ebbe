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
    [property: StringLength(40, MinimumLength = 1)] string Kind,
    Need Need = Need.Often,
    Extent From = Extent.Eyes,
    [property: StringLength(40)] string? OneOf = null,
    bool Ornament = false,
    [property: StringLength(Limits.LongestName)] string? Says = null,
    IReadOnlyDictionary<string, IReadOnlyList<double>>? Times = null,
    IReadOnlyDictionary<string, IReadOnlyList<double>>? Numbers = null,
    IReadOnlyDictionary<string, IReadOnlyList<string>>? Words = null,
    IReadOnlyDictionary<string, string>? Colours = null,
    IReadOnlyDictionary<Temper, IReadOnlyDictionary<string, IReadOnlyList<double>>>? Tempers = null,
    [property: Range(0, 1)] double OneSided = 0);
