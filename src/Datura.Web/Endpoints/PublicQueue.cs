using Datura.Core.Days.Live;

namespace Datura.Web;

/// <summary>A queue as phones and the board see it: numbers, no names.</summary>
/// <param name="Called">Numbers that are called and not yet in the chair.</param>
/// <param name="InChair">Numbers that are painted now.</param>
/// <param name="NewWait">Of one who took a ticket now.</param>
public sealed record PublicQueue(
    string Name, bool Closed, IReadOnlyList<int> Called, IReadOnlyList<int> InChair, IReadOnlyList<PublicTicket> Waiting, LiveWait? NewWait, DateTimeOffset Now)
{
    internal static PublicQueue Of(QueueBoard board) => new(
        board.Day.Name, board.Queue.Closed, Numbers(board, LiveState.Called), Numbers(board, LiveState.InChair),
        [.. board.Queue.Waiting.Select(t => new PublicTicket(t.Number, board.Looks.GetValueOrDefault(t.Look, t.Look), board.Outlook.Waits.TryGetValue(t.Id, out var wait) ? wait : null))],
        board.Outlook.NewWait, board.Now);

    private static IReadOnlyList<int> Numbers(QueueBoard board, LiveState state) => [.. board.Queue.Tickets.Where(t => t.State == state).Select(t => t.Number)];
}
