using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A painter who comes late, minutes after midnight.</summary>
public sealed record LatePainter([property: StringLength(Limits.LongestName, MinimumLength = 1)] string Name, [property: Range(0, BoothDay.MinutesOfDay)] int FromMinute);
