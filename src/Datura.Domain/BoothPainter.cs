using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>Who paints at a booth.</summary>
/// <param name="TimePercent">Of the usual time for a face; above 100 is slower.</param>
/// <param name="FromMinute">Begins, minutes after midnight; with the booth when none is given.</param>
/// <param name="UntilMinute">Begins no face later than this; null for until the queue is done.</param>
public sealed record BoothPainter(
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Name,
    [property: Range(20, 500)] double TimePercent = 100,
    [property: Range(0, BoothDay.MinutesOfDay)] int? FromMinute = null,
    [property: Range(0, BoothDay.MinutesOfDay)] int? UntilMinute = null)
{
    public const int MostBreaks = 6;

    /// <summary>Taken as soon as the face in hand is done.</summary>
    [MaxLength(MostBreaks)]
    public IReadOnlyList<BoothBreak> Breaks { get; init => field = value ?? []; } = [];
}
