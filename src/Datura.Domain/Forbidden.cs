using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>What no wearer of a character has: a kind of part, paint on a zone, or a colour.</summary>
/// <param name="Named">The kind's or the zone's id; of a colour what it is called.</param>
/// <param name="Colour">Of a colour alone.</param>
/// <param name="WithinDeltaE">So near to it no coat comes.</param>
public sealed record Forbidden(
    ForbiddenThing Thing,
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Named,
    Lab? Colour = null,
    [property: Range(0, 50)] double WithinDeltaE = 0);
