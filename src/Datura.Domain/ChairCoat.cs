using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A coat in a step of the chair.</summary>
/// <param name="Key">Part and role, with a slash between.</param>
/// <param name="Seconds">Of the step's strokes.</param>
public sealed record ChairCoat([property: StringLength(Limits.LongestWords, MinimumLength = 1)] string Key, [property: Range(0, 86_400)] double Seconds);
