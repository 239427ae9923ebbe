using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A step that must be done before another.</summary>
/// <param name="Step">Its key.</param>
/// <param name="DrySeconds">How long it must have dried; 0 when only the order matters.</param>
public sealed record ChairGround([property: StringLength(Limits.LongestWords, MinimumLength = 1)] string Step, [property: Range(0, 86_400)] double DrySeconds);
