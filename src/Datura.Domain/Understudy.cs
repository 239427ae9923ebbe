using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>Who stands in for a wearer.</summary>
/// <param name="For">Name of the wearer.</param>
/// <param name="Name">Of who stands in.</param>
/// <param name="Face">Id of the face of who stands in; the first of the studio when none is given.</param>
public sealed record Understudy(
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string For,
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Name,
    [property: StringLength(Limits.LongestName)] string? Face = null)
{
    /// <inheritdoc cref="CallWearer.PatchOn"/>
    public DateOnly? PatchOn { get; init; }
}
