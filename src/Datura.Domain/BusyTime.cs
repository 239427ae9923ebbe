using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>When somebody cannot come, minutes after midnight.</summary>
public sealed record BusyTime(DateOnly On, [property: Range(0, BoothDay.MinutesOfDay)] int FromMinute = 0, [property: Range(0, BoothDay.MinutesOfDay)] int UntilMinute = BoothDay.MinutesOfDay);
