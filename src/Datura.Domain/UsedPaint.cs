using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A paint that was used, as it was called then.</summary>
/// <param name="Paint">Id in the kit.</param>
/// <param name="Lot">The pot's lot; empty when nobody noted it.</param>
public sealed record UsedPaint(
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Paint,
    [property: StringLength(Limits.LongestName)] string Name,
    [property: StringLength(Limits.LongestName)] string Lot);
