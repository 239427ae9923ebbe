using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>What a photo of the finished face showed, as the book keeps it.</summary>
/// <param name="Part">Id of the part.</param>
/// <param name="Words">It in a sentence.</param>
/// <param name="Mending">What could be done about it.</param>
/// <param name="MendingMinutes">How long that takes, min.</param>
public sealed record PhotoFinding(
    [property: StringLength(Limits.LongestName)] string Part, [property: StringLength(Limits.LongestWords)] string Words, [property: StringLength(Limits.LongestWords)] string Mending,
    [property: Range(0, 720)] double MendingMinutes);
