using Dapper;
using Npgsql;

namespace Datura.Store;

/// <summary>Events of sessions in the chair: added, never changed.</summary>
public sealed class ChairEventStore(NpgsqlDataSource source, string studio)
{
    private readonly StudioRows studioRows = new(source, studio);

    /// <summary>An entry of the book that is deleted for good takes its events along.</summary>
    internal const string Forgetting = "delete from chair_event where studio_id = @studio and @kind = 'painting' and painting_id = @id";

    /// <summary>Bodies of all events of a session, in the order in which they arrived.</summary>
    public Task<IReadOnlyList<string>> AllAsync(string painting, CancellationToken cancel = default) => studioRows.ReadAsync<string>(
        "select body::text from chair_event where studio_id = @studio and painting_id = @painting order by arrived_at, id", new { studio, painting }, cancel);

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

    /// <summary>Adds those that are not there yet, all or none.</summary>
    /// <param name="most">Of one session.</param>
    /// <returns>How many there are now; null when there would be too many, and none was added.</returns>
    /// <exception cref="MissingDocumentException">There is no such session.</exception>
    public async Task<int?> AddAsync(string painting, IReadOnlyList<(string Id, string Body)> events, int most, CancellationToken cancel = default)
    {
        await using var db = await studioRows.OpenAsync(cancel);
        await using var work = await studioRows.BeginAsync(db, cancel);
        // One at a time of a session, so that the count holds.
        var known = await db.ExecuteScalarAsync<int?>(StudioRows.Of(
            "select 1 from document where studio_id = @studio and kind = 'painting' and id = @painting and removed_at is null for update", new { studio, painting }, cancel, work));
        if (known is null)
        {
            throw new MissingDocumentException("painting", painting);
        }

        await db.ExecuteAsync(StudioRows.Of(
            """
            insert into chair_event (studio_id, painting_id, id, body)
            select @studio, @painting, e.id, e.body::jsonb from unnest(@ids, @bodies) as e(id, body)
            on conflict do nothing
            """,
            new { studio, painting, ids = events.Select(e => e.Id).ToArray(), bodies = events.Select(e => e.Body).ToArray() }, cancel, work));
        var count = await db.ExecuteScalarAsync<int>(StudioRows.Of("select count(*) from chair_event where studio_id = @studio and painting_id = @painting", new { studio, painting }, cancel, work));
        if (count > most)
        {
            return null;
        }

        await work.CommitAsync(cancel);
        return count;
    }
}
