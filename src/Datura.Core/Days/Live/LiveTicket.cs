namespace Datura.Core.Days.Live;

/// <summary>One who took a ticket.</summary>
/// <param name="Id">Of the event by which it was taken.</param>
/// <param name="Number">What is called out, from 1 in the order of arrival at the service.</param>
/// <param name="Look">Id of the look that is wished.</param>
/// <param name="Name">If they gave one.</param>
/// <param name="Painter">Who called it.</param>
public sealed record LiveTicket(
    string Id, int Number, string Look, string? Name, LiveState State, DateTimeOffset JoinedAt, DateTimeOffset? CalledAt = null, DateTimeOffset? BeganAt = null, DateTimeOffset? EndedAt = null, string? Painter = null)
{
    /// <summary>Whether the face is in the book.</summary>
    public bool Booked { get; init; }

    /// <summary>Minutes of painting; null until it is done.</summary>
    public double? PaintedMinutes => State == LiveState.Done && EndedAt is { } end && (BeganAt ?? CalledAt) is { } from ? (end - from).TotalMinutes : null;

    /// <summary>Minutes from taking the ticket to the chair; null for who was not painted.</summary>
    public double? WaitedMinutes => State is LiveState.Done or LiveState.InChair && (BeganAt ?? CalledAt) is { } from ? Math.Max(0, (from - JoinedAt).TotalMinutes) : null;
}
