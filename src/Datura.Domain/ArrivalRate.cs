using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>How many come an hour from a minute after midnight on.</summary>
public sealed record ArrivalRate([property: Range(0, BoothDay.MinutesOfDay)] int FromMinute, [property: Range(0, 1000)] double PerHour);
