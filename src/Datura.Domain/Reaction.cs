using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>What skin said to paint, and what was done about it.</summary>
/// <param name="On">Day on which it showed.</param>
/// <param name="Where">Place on the skin, in words.</param>
/// <param name="What">How it looked and felt.</param>
/// <param name="Done">What was done.</param>
public sealed record Reaction(
    DateOnly On,
    [property: StringLength(Limits.LongestWords)] string Where,
    [property: StringLength(Limits.LongestWords)] string What,
    [property: StringLength(Limits.LongestWords)] string Done);
