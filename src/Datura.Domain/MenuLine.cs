using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A look that people want at a booth.</summary>
/// <param name="Look">Id of a look of the studio.</param>
/// <param name="Wanted">How many want it, beside the others.</param>
/// <param name="Offered">Whether it is on the menu.</param>
/// <param name="OwnMinutes">Minutes at the booth; the plan's when none are given.</param>
/// <param name="Price">Price in the studio's money; null for free.</param>
public sealed record MenuLine(
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Look,
    [property: Range(0, 1000)] double Wanted = 10,
    bool Offered = true,
    [property: Range(0.5, 600)] double? OwnMinutes = null,
    [property: Range(0, 10000)] double? Price = null);
