using Npgsql;

namespace Datura.Store;

/// <summary>Events of queues at booths: added, never changed.</summary>
public sealed class QueueEventStore(NpgsqlDataSource source, string studio)
{
    private readonly EventRows rows = new(source, studio, "queue_event", "day_id", "day", "number");

    /// <summary>A day that is deleted for good takes its events along.</summary>
    internal const string Forgetting = "delete from queue_event where studio_id = @studio and @kind = 'day' and day_id = @id; delete from queue_link where studio_id = @studio and @kind = 'day' and day_id = @id";

    /// <summary>Bodies of all events of a day, in the order in which they arrived.</summary>
    public Task<IReadOnlyList<string>> AllAsync(string day, CancellationToken cancel = default) => rows.AllAsync(day, cancel);

    /// <inheritdoc cref="EventRows.AddAsync"/>
    public Task<int?> AddAsync(string day, IReadOnlyList<(string Id, string Body)> events, int most, CancellationToken cancel = default) => rows.AddAsync(day, events, most, cancel);
}
