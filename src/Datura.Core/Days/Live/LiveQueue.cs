namespace Datura.Core.Days.Live;

/// <summary>A booth's queue as it stands: what its events come to.</summary>
/// <param name="Tickets">By number.</param>
/// <param name="Away">Painters on a break.</param>
public sealed record LiveQueue(IReadOnlyList<LiveTicket> Tickets, bool Closed, IReadOnlyList<string> Away)
{
    /// <summary>Those who wait to be called, in their order.</summary>
    public IEnumerable<LiveTicket> Waiting => Tickets.Where(t => t.State == LiveState.Waiting);

    /// <summary>Who is called or in a painter's chair; null when she is free.</summary>
    public LiveTicket? With(string painter) => Tickets.FirstOrDefault(t => t.State is LiveState.Called or LiveState.InChair && t.Painter == painter);

    /// <summary>
    /// In the order in which events reached the service: that is the same for all devices. What cannot be any more, as a ticket that another
    /// painter has called a moment before, changes nothing.
    /// </summary>
    public static LiveQueue Of(IEnumerable<QueueEvent> events)
    {
        var (tickets, number, closed, away) = (new Dictionary<string, LiveTicket>(), 0, false, new SortedSet<string>(StringComparer.Ordinal));
        foreach (var one in events)
        {
            switch (one.Kind)
            {
                case QueueEventKind.Joined when one.Look is { } look && !tickets.ContainsKey(one.Id):
                    tickets[one.Id] = new(one.Id, ++number, look, one.Name, LiveState.Waiting, one.At);
                    break;
                case QueueEventKind.Closed or QueueEventKind.Opened:
                    closed = one.Kind == QueueEventKind.Closed;
                    break;
                case QueueEventKind.PainterAway when one.Painter is { } painter:
                    away.Add(painter);
                    break;
                case QueueEventKind.PainterBack when one.Painter is { } painter:
                    away.Remove(painter);
                    break;
                default:
                    if (one.Ticket is { } id && tickets.TryGetValue(id, out var ticket))
                    {
                        tickets[id] = After(ticket, one, tickets.Values);
                    }

                    break;
            }
        }

        return new([.. tickets.Values.OrderBy(t => t.Number)], closed, [.. away]);
    }

    private static LiveTicket After(LiveTicket ticket, QueueEvent one, IReadOnlyCollection<LiveTicket> all) => (one.Kind, ticket.State) switch
    {
        // A chair holds one.
        (QueueEventKind.Called, LiveState.Waiting or LiveState.NoShow) when one.Painter is { } painter && !all.Any(t => t.State is LiveState.Called or LiveState.InChair && t.Painter == painter) =>
            ticket with { State = LiveState.Called, CalledAt = one.At, Painter = painter, EndedAt = null },
        (QueueEventKind.Began, LiveState.Called) => ticket with { State = LiveState.InChair, BeganAt = one.At },
        (QueueEventKind.Done, LiveState.Called or LiveState.InChair) => ticket with { State = LiveState.Done, EndedAt = one.At },
        (QueueEventKind.Booked, LiveState.Done) => ticket with { Booked = true },
        (QueueEventKind.NoShow, LiveState.Called) => ticket with { State = LiveState.NoShow, EndedAt = one.At },
        (QueueEventKind.Left, LiveState.Waiting) => ticket with { State = LiveState.Left, EndedAt = one.At },
        // What was tapped by mistake is taken back, a face that was called done too.
        (QueueEventKind.Back, LiveState.Called or LiveState.NoShow or LiveState.Left) => ticket with { State = LiveState.Waiting, CalledAt = null, BeganAt = null, EndedAt = null, Painter = null },
        (QueueEventKind.Back, LiveState.InChair) => ticket with { State = LiveState.Called, BeganAt = null },
        (QueueEventKind.Back, LiveState.Done) when !ticket.Booked && !all.Any(t => t.State is LiveState.Called or LiveState.InChair && t.Painter == ticket.Painter) =>
            ticket with { State = ticket.BeganAt is null ? LiveState.Called : LiveState.InChair, EndedAt = null },
        _ => ticket,
    };
}
