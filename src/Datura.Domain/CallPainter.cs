using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>Who paints for a production.</summary>
/// <param name="TimePercent">Of the usual time for a face; above 100 is slower.</param>
/// <param name="FromMinute">Is there from, minutes after midnight; as early as wanted when none is given.</param>
public sealed record CallPainter(
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Name,
    [property: Range(20, 500)] double TimePercent = 100,
    [property: Range(0, BoothDay.MinutesOfDay)] int? FromMinute = null)
{
    public const int MostBusy = 1000;

    /// <summary>Ids of the looks that she paints; none for all of them.</summary>
    [MaxLength(Production.MostWearers)]
    public IReadOnlyList<string> Looks { get; init => field = value ?? []; } = [];

    /// <summary>When she cannot come, as her calendar has it.</summary>
    [MaxLength(MostBusy)]
    public IReadOnlyList<BusyTime> Busy { get; init => field = value ?? []; } = [];
}
