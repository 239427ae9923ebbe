using System.ComponentModel.DataAnnotations;

namespace Datura.Web;

/// <summary>A calendar file, and the days of interest.</summary>
public sealed record AvailabilityRequest([property: StringLength(2_000_000)] string Calendar, [property: MaxLength(Production.MostPerformances)] IReadOnlyList<DateOnly> Days);
