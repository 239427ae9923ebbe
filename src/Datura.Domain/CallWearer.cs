using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>Who is painted for a production.</summary>
/// <param name="Look">Id of a look of the studio.</param>
/// <param name="Face">Id of the wearer's face; the first of the studio when none is given.</param>
/// <param name="Painter">Name of the painter who is wished for.</param>
/// <param name="OwnMinutes">Minutes of painting; the plan's when none are given.</param>
/// <param name="DryMinutes">Out of the chair until anything may touch the paint.</param>
/// <param name="WigMinutes">After that, by somebody else.</param>
/// <param name="CostumeMinutes">After that, by somebody else.</param>
/// <param name="FromMinute">Comes not before, minutes after midnight.</param>
public sealed record CallWearer(
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Name,
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Look,
    [property: StringLength(Limits.LongestName)] string? Face = null,
    [property: StringLength(Limits.LongestName)] string? Painter = null,
    [property: Range(0.5, 600)] double? OwnMinutes = null,
    [property: Range(0, 240)] int DryMinutes = 5,
    [property: Range(0, 240)] int WigMinutes = 0,
    [property: Range(0, 240)] int CostumeMinutes = 10,
    [property: Range(0, BoothDay.MinutesOfDay)] int? FromMinute = null)
{
    /// <summary>The day on which a patch test was laid, or will be; null while nobody thought of it.</summary>
    public DateOnly? PatchOn { get; init; }
}
