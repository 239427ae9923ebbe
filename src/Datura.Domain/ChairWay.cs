using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>One way to have less of a part while it is painted.</summary>
/// <param name="Part">Id of the part.</param>
/// <param name="Label">What is left out, in words.</param>
/// <param name="Loss">Share of the painted picture that goes with it, 0 to 1, as the slot's choice weighs it.</param>
/// <param name="RestsOn">Id of the part that it goes with when that one is left out; null for none.</param>
public sealed record ChairWay(
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Part,
    [property: StringLength(Limits.LongestWords)] string Label,
    [property: Range(0, 2)] double Loss,
    [property: StringLength(Limits.LongestName)] string? RestsOn = null)
{
    /// <summary>Keys of the coats that are left out; all of the part's for the whole of it.</summary>
    [MaxLength(Limits.MostInOrder)]
    public IReadOnlyList<string> Leaves { get; init => field = value ?? []; } = [];

    /// <summary>Whether nothing of the part stays.</summary>
    public bool Whole { get; init; }
}
