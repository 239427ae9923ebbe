using System.Collections.Concurrent;
using System.Text.Json;
using Datura.Core.Days;
using Datura.Core.Days.Live;
using Datura.Documents;
using Datura.Store;
using Npgsql;

namespace Datura.Web;

/// <summary>Queues as they stand and what is ahead of them. Phones that ask at the same moment share one answer.</summary>
public sealed class QueueBoards(NpgsqlDataSource source, PlanMemory memory)
{
    // Estimates are told to the minute: an answer is good for so long.
    private static readonly TimeSpan Fresh = TimeSpan.FromSeconds(2);

    // Planned minutes change when a look is changed, which at an open booth can wait.
    private static readonly TimeSpan TimesFresh = TimeSpan.FromMinutes(2);

    private const int MostBoards = 500;

    private readonly ConcurrentDictionary<(string, string), (DateTimeOffset At, Lazy<Task<QueueBoard>> Board)> boards = new();
    private readonly ConcurrentDictionary<(string, string), (DateTimeOffset At, int Revision, IReadOnlyList<MenuTime> Times)> times = new();

    /// <summary>As a phone is told it: at most a moment old.</summary>
    public Task<QueueBoard> SharedAsync(string studio, string day)
    {
        var now = DateTimeOffset.UtcNow;
        if (boards.Count > MostBoards)
        {
            boards.Clear();
        }

        var (at, board) = boards.AddOrUpdate(
            (studio, day), _ => (now, Of(studio, day)), (_, old) => now - old.At < Fresh && !(old.Board.IsValueCreated && old.Board.Value.IsFaulted) ? old : (now, Of(studio, day)));
        return board.Value;
    }

    private Lazy<Task<QueueBoard>> Of(string studio, string day) => new(() => NowAsync(studio, day, null, CancellationToken.None));

    /// <param name="east">Minutes that the booth's clock is ahead of UTC; what its last event says when none are given.</param>
    public async Task<QueueBoard> NowAsync(string studio, string id, int? east, CancellationToken cancel)
    {
        var store = new DocumentStore(source, studio);
        var library = new Library(store);
        var stored = await library.StoredAsync(DocumentTypes.Day, id, null, cancel);
        var day = Library.Document(DocumentTypes.Day, stored);
        var events = (await new QueueEventStore(source, studio).AllAsync(id, cancel)).Select(b => JsonSerializer.Deserialize<QueueEvent>(b, DaturaJson.Compact)!).ToArray();
        var now = DateTimeOffset.UtcNow.ToOffset(east is { } minutes ? TimeSpan.FromMinutes(minutes) : events.Length > 0 ? events[^1].At.Offset : TimeSpan.Zero);
        var usual = await TimesAsync(studio, stored, day, library, store, cancel);
        var queue = LiveQueue.Of(events);
        var names = (await store.ListAsync(DocumentTypes.Look.Name, cancel: cancel)).ToDictionary(d => d.Id, d => d.Name);
        return new(day, stored.Revision, usual, queue, LiveOutlook.Of(day, usual, queue, now), names, now);
    }

    private async Task<IReadOnlyList<MenuTime>> TimesAsync(string studio, StoredDocument stored, BoothDay day, Library library, DocumentStore store, CancellationToken cancel)
    {
        if (times.TryGetValue((studio, stored.Id), out var known) && known.Revision == stored.Revision && DateTimeOffset.UtcNow - known.At < TimesFresh)
        {
            return known.Times;
        }

        if (times.Count > MostBoards)
        {
            times.Clear();
        }

        var plans = new PlanService(library, memory, new(new(source, studio)), new(library, store, new(source, studio), memory, studio));
        var found = await new DayService(library, plans).TimesAsync(day, cancel);
        times[(studio, stored.Id)] = (DateTimeOffset.UtcNow, stored.Revision, found);
        return found;
    }
}
