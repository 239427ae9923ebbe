using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>One thing that happened in the chair. It never changes; a session is all of its events.</summary>
/// <param name="Id">Made by the device, so that the same event sent twice is one.</param>
/// <param name="Device">Which one noted it.</param>
/// <param name="Number">The device's own count, from 1: its order holds whatever its clock says.</param>
/// <param name="At">By the device's clock.</param>
/// <param name="Step">Key of the step it is about.</param>
/// <param name="Other">Of a moved step: the one it goes before.</param>
/// <param name="Words">Of a note; of a stop the stage.</param>
public sealed record ChairEvent(
    [property: StringLength(ChairEvent.LongestId, MinimumLength = 1)] string Id,
    [property: StringLength(ChairEvent.LongestId, MinimumLength = 1)] string Device,
    [property: Range(1, 1_000_000)] int Number,
    DateTimeOffset At,
    ChairEventKind Kind,
    [property: StringLength(Limits.LongestWords)] string? Step = null,
    [property: StringLength(Limits.LongestWords)] string? Other = null,
    [property: StringLength(Limits.LongestWords)] string? Words = null)
{
    public const int LongestId = 60;

    /// <summary>Of one session.</summary>
    public const int Most = 5_000;

    /// <summary>What is left out or taken back: ids of parts, or keys of single coats.</summary>
    [MaxLength(Limits.MostParts)]
    public IReadOnlyList<string> Parts { get; init => field = value ?? []; } = [];
}
