using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>Between what a size lies.</summary>
/// <param name="Number">Id of the kind's number.</param>
/// <param name="Of">Id of a measure of the wearer that it is taken as a share of; null for the size itself, in its unit.</param>
/// <param name="Least">In the number's unit, or a share of the measure.</param>
public sealed record SizeRange(
    [property: StringLength(Limits.LongestName)] string Number,
    [property: StringLength(Limits.LongestName)] string? Of,
    [property: Range(-10_000, 10_000)] double Least,
    [property: Range(-10_000, 10_000)] double Most);
