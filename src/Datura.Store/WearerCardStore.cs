using Dapper;
using Npgsql;

namespace Datura.Store;

/// <summary>Wearers' cards: one for a face, without history. One whose day has come is not shown any more, and soon gone.</summary>
public sealed class WearerCardStore(NpgsqlDataSource source, string studio)
{
    private readonly StudioRows studioRows = new(source, studio);

    /// <summary>A face that is deleted for good takes its card along.</summary>
    internal const string Forgetting = "delete from wearer_card where studio_id = @studio and @kind = 'face' and face_id = @id";

    /// <param name="today">Cards are kept until their day has passed.</param>
    public async Task<StoredCard?> FindAsync(string face, DateOnly today, CancellationToken cancel = default) => (await studioRows.ReadAsync<StoredCard>(
        "select face_id as faceId, revision, body::text as body from wearer_card where studio_id = @studio and face_id = @face and delete_on >= @today::date",
        new { studio, face, today = Day(today) }, cancel)).SingleOrDefault();

    /// <summary>Keeps a card on top of the one that was read.</summary>
    /// <param name="read">Revision that was read; 0 for a new one.</param>
    /// <exception cref="StaleRevisionException">Somebody saved in between.</exception>
    /// <exception cref="MissingDocumentException">There is no such face.</exception>
    public async Task<int> SaveAsync(string face, int read, string body, DateOnly deleteOn, DateOnly today, CancellationToken cancel = default)
    {
        await using var db = await studioRows.OpenAsync(cancel);
        await using var work = await studioRows.BeginAsync(db, cancel);
        var known = await db.ExecuteScalarAsync<int>(StudioRows.Of(
            "select count(*) from document where studio_id = @studio and kind = 'face' and id = @face and removed_at is null", new { studio, face }, cancel, work));
        if (known == 0)
        {
            throw new MissingDocumentException("face", face);
        }

        await db.ExecuteAsync(StudioRows.Of("delete from wearer_card where studio_id = @studio and face_id = @face and delete_on < @today::date", new { studio, face, today = Day(today) }, cancel, work));
        var now = await db.ExecuteScalarAsync<int?>(StudioRows.Of("select revision from wearer_card where studio_id = @studio and face_id = @face for update", new { studio, face }, cancel, work)) ?? 0;
        if (now != read)
        {
            throw new StaleRevisionException("card", face, read, now);
        }

        var saved = await db.ExecuteScalarAsync<int?>(StudioRows.Of(
            """
            insert into wearer_card (studio_id, face_id, revision, body, delete_on) values (@studio, @face, @next, @body::jsonb, @day::date)
            on conflict (studio_id, face_id) do update set revision = excluded.revision, body = excluded.body, delete_on = excluded.delete_on where wearer_card.revision = @read
            returning revision
            """,
            new { studio, face, next = read + 1, read, body, day = Day(deleteOn) }, cancel, work));
        if (saved is null)
        {
            throw new StaleRevisionException("card", face, read, read + 1);
        }

        await work.CommitAsync(cancel);
        return saved.Value;
    }

    /// <summary>Deletes a card at once, without a bin.</summary>
    /// <returns>Whether there was one.</returns>
    public async Task<bool> DeleteAsync(string face, CancellationToken cancel = default) => await ForgetAsync("face_id = @face", new { studio, face }, cancel) > 0;

    /// <summary>Deletes every card whose day has passed.</summary>
    /// <returns>How many.</returns>
    public Task<int> ForgetOldAsync(DateOnly today, CancellationToken cancel = default) =>
        ForgetAsync("delete_on < @today::date", new { studio, today = Day(today) }, cancel);

    // Photos of whoever the card is about were allowed by it and go with it.
    private Task<int> ForgetAsync(string which, object values, CancellationToken cancel) => ChangeAsync(
        $"""
        delete from session_photo p using document d, document_revision r, wearer_card c
        where p.studio_id = @studio and d.studio_id = @studio and r.studio_id = @studio and c.studio_id = @studio and c.{which} and d.kind = 'painting' and d.id = p.painting_id
            and r.kind = d.kind and r.id = d.id and r.revision = d.revision and r.body->>'face' = c.face_id;
        delete from wearer_card where studio_id = @studio and {which}
        """,
        values, cancel);

    private async Task<int> ChangeAsync(string sql, object values, CancellationToken cancel)
    {
        await using var db = await studioRows.OpenAsync(cancel);
        await using var work = await studioRows.BeginAsync(db, cancel);
        var changed = await db.ExecuteAsync(StudioRows.Of(sql, values, cancel, work));
        await work.CommitAsync(cancel);
        return changed;
    }

    private static string Day(DateOnly day) => day.ToString("yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture);
}
