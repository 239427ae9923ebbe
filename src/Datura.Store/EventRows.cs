using Dapper;
using Npgsql;

namespace Datura.Store;

/// <summary>Events that hang on a document: added, never changed.</summary>
/// <param name="table">Where they are kept.</param>
/// <param name="owner">The column with the document's id.</param>
/// <param name="kind">Of the document.</param>
/// <param name="order">Columns that tell in which order they arrived.</param>
internal sealed class EventRows(NpgsqlDataSource source, string studio, string table, string owner, string kind, string order)
{
    private readonly StudioRows studioRows = new(source, studio);

    /// <summary>Bodies of all events of a document, in the order in which they arrived.</summary>
    public Task<IReadOnlyList<string>> AllAsync(string id, CancellationToken cancel) => studioRows.ReadAsync<string>(
        $"select body::text from {table} where studio_id = @studio and {owner} = @id order by {order}", new { studio, id }, cancel);

    /// <summary>Adds those that are not there yet, all or none.</summary>
    /// <param name="most">Of one document.</param>
    /// <returns>How many there are now; null when there would be too many, and none was added.</returns>
    /// <exception cref="MissingDocumentException">There is no such document.</exception>
    public async Task<int?> AddAsync(string id, IReadOnlyList<(string Id, string Body)> events, int most, CancellationToken cancel)
    {
        await using var db = await studioRows.OpenAsync(cancel);
        await using var work = await studioRows.BeginAsync(db, cancel);
        // One at a time of a document, so that the count holds.
        var known = await db.ExecuteScalarAsync<int?>(StudioRows.Of(
            "select 1 from document where studio_id = @studio and kind = @kind and id = @id and removed_at is null for update", new { studio, kind, id }, cancel, work));
        if (known is null)
        {
            throw new MissingDocumentException(kind, id);
        }

        await db.ExecuteAsync(StudioRows.Of(
            $"""
            insert into {table} (studio_id, {owner}, id, body)
            select @studio, @id, e.id, e.body::jsonb from unnest(@ids, @bodies) with ordinality as e(id, body, n) order by n
            on conflict do nothing
            """,
            new { studio, id, ids = events.Select(e => e.Id).ToArray(), bodies = events.Select(e => e.Body).ToArray() }, cancel, work));
        var count = await db.ExecuteScalarAsync<int>(StudioRows.Of($"select count(*) from {table} where studio_id = @studio and {owner} = @id", new { studio, id }, cancel, work));
        if (count > most)
        {
            return null;
        }

        await work.CommitAsync(cancel);
        return count;
    }
}
