using Datura.Core.Days.Live;

namespace Datura.Web;

/// <summary>A queue as the booth sees it.</summary>
/// <param name="Away">Painters on a break.</param>
/// <param name="NewWait">Of one who took a ticket now; null when nobody would paint it.</param>
/// <param name="LastDone">From now until all who wait are done.</param>
/// <param name="InTimeChance">Of all who wait being done before the booth ends.</param>
/// <param name="StillTakes">Whether one more could be done before the booth ends, with the chance that the day wants.</param>
/// <param name="PacePercent">How long faces take today by painter, of what was planned.</param>
public sealed record QueueResource(
    IReadOnlyList<QueueTicketResource> Tickets, bool Closed, IReadOnlyList<string> Away, LiveWait? NewWait, LiveWait LastDone, double? InTimeChance, bool StillTakes,
    IReadOnlyDictionary<string, double> PacePercent, DateTimeOffset Now)
{
    internal static QueueResource Of(QueueBoard board) => new(
        [.. board.Queue.Tickets.Select(t => new QueueTicketResource(t, board.Looks.GetValueOrDefault(t.Look, t.Look), board.Outlook.Waits.TryGetValue(t.Id, out var wait) ? wait : null))],
        board.Queue.Closed, board.Queue.Away, board.Outlook.NewWait, board.Outlook.LastDoneMinutes, board.Outlook.InTimeChance, board.Outlook.StillTakes,
        board.Outlook.Paces.ToDictionary(p => p.Key, p => Math.Round(100 * p.Value.Factor)), board.Now);
}
