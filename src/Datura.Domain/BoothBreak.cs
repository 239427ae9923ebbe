using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A painter's break.</summary>
/// <param name="AtMinute">Wanted at, minutes after midnight.</param>
public sealed record BoothBreak([property: Range(0, BoothDay.MinutesOfDay)] int AtMinute, [property: Range(1, 240)] int Minutes);
