using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>Who wears a character, and in which look.</summary>
/// <param name="Face">Id of a face of the studio.</param>
/// <param name="Look">Id of a look of the studio.</param>
public sealed record Wearer([property: StringLength(Limits.LongestName)] string Face, [property: StringLength(Limits.LongestName)] string Look);
