using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A time that the painter wrote down herself.</summary>
/// <param name="Step">Key of the step.</param>
/// <param name="Seconds">That it took.</param>
public sealed record TypedTime([property: StringLength(Limits.LongestWords, MinimumLength = 1)] string Step, [property: Range(0.1, 86_400)] double Seconds);
