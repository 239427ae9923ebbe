using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>An entry of a cleaning log.</summary>
/// <param name="On">Day.</param>
/// <param name="What">What was cleaned and how, in the painter's words.</param>
public sealed record Cleaning(DateOnly On, [property: StringLength(Limits.LongestWords, MinimumLength = 1)] string What);
