using Npgsql;

namespace Datura.Store;

/// <summary>Events of sessions in the chair: added, never changed.</summary>
public sealed class ChairEventStore(NpgsqlDataSource source, string studio)
{
    private readonly StudioRows studioRows = new(source, studio);
    private readonly EventRows rows = new(source, studio, "chair_event", "painting_id", "painting", "arrived_at, id");

    /// <summary>An entry of the book that is deleted for good takes its events along.</summary>
    internal const string Forgetting = "delete from chair_event where studio_id = @studio and @kind = 'painting' and painting_id = @id";

    /// <summary>Bodies of all events of a session, in the order in which they arrived.</summary>
    public Task<IReadOnlyList<string>> AllAsync(string painting, CancellationToken cancel = default) => rows.AllAsync(painting, cancel);

    /// <summary>Bodies of all events of the studio, by session.</summary>
    public async Task<ILookup<string, string>> OfStudioAsync(CancellationToken cancel = default) => (await studioRows.ReadAsync<(string Painting, string Body)>(
        "select painting_id, body::text from chair_event where studio_id = @studio order by painting_id, arrived_at, id", new { studio }, cancel)).ToLookup(e => e.Painting, e => e.Body);

    /// <summary>Entries of the book from a day on, each with what happened in it.</summary>
    public Task<IReadOnlyList<StoredSession>> SinceAsync(DateOnly day, CancellationToken cancel = default) => studioRows.ReadAsync<StoredSession>(
        """
        select d.id, d.revision, r.body::text as body,
            coalesce((select json_agg(e.body order by e.arrived_at, e.id) from chair_event e where e.studio_id = @studio and e.painting_id = d.id), '[]')::text as events
        from document d join document_revision r using (studio_id, kind, id, revision)
        where d.studio_id = @studio and d.kind = 'painting' and d.removed_at is null and r.body ->> 'on' >= @day order by d.id
        """,
        new { studio, day = day.ToString("yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture) }, cancel);

    /// <summary>Changes whenever the book or what happened in the chair does.</summary>
    public async Task<string> StampAsync(CancellationToken cancel = default) => (await studioRows.ReadAsync<string>(
        """
        select concat_ws(' ', (select count(*) from chair_event where studio_id = @studio), (select max(arrived_at) from chair_event where studio_id = @studio), count(*), sum(revision))
        from document where studio_id = @studio and kind = 'painting' and removed_at is null
        """,
        new { studio }, cancel)).Single();

    /// <inheritdoc cref="EventRows.AddAsync"/>
    public Task<int?> AddAsync(string painting, IReadOnlyList<(string Id, string Body)> events, int most, CancellationToken cancel = default) => rows.AddAsync(painting, events, most, cancel);
}
