using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>One thing that happened at a booth's queue. It never changes; the queue is all of its events, in the order in which they reached the service.</summary>
/// <param name="Id">Made by the device, so that the same event sent twice is one.</param>
/// <param name="At">By the device's clock, with its hours from UTC: the booth's own time of day.</param>
/// <param name="Ticket">Whom it is about; of one who joins none, the event's id is the ticket's.</param>
/// <param name="Look">Of one who joins: id of the look that is wished.</param>
/// <param name="Painter">Name of the painter it is about.</param>
/// <param name="Name">Of one who joins, if they gave one; shown at the booth only.</param>
public sealed record QueueEvent(
    [property: StringLength(QueueEvent.LongestId, MinimumLength = 1)] string Id,
    DateTimeOffset At,
    QueueEventKind Kind,
    [property: StringLength(QueueEvent.LongestId)] string? Ticket = null,
    [property: StringLength(Limits.LongestName)] string? Look = null,
    [property: StringLength(Limits.LongestName)] string? Painter = null,
    [property: StringLength(Limits.LongestName)] string? Name = null)
{
    public const int LongestId = 60;

    /// <summary>Of one day.</summary>
    public const int Most = 20_000;
}
