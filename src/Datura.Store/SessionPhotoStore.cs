using Dapper;
using Npgsql;

namespace Datura.Store;

/// <summary>Photos of sessions, each kept once and without history.</summary>
public sealed class SessionPhotoStore(NpgsqlDataSource source, string studio)
{
    private readonly StudioRows studioRows = new(source, studio);

    /// <summary>An entry of the book that is deleted for good takes its photos along.</summary>
    internal const string Forgetting = "delete from session_photo where studio_id = @studio and @kind = 'painting' and painting_id = @id";

    /// <summary>Those of a session, in the order in which they were taken.</summary>
    public Task<IReadOnlyList<StoredPhoto>> AllAsync(string painting, CancellationToken cancel = default) => studioRows.ReadAsync<StoredPhoto>(
        "select id, taken_at as takenAt from session_photo where studio_id = @studio and painting_id = @painting order by taken_at, id", new { studio, painting }, cancel);

    /// <returns>Null when there is no such photo.</returns>
    public async Task<byte[]?> PictureAsync(string painting, string id, CancellationToken cancel = default) => (await studioRows.ReadAsync<byte[]>(
        "select picture from session_photo where studio_id = @studio and painting_id = @painting and id = @id", new { studio, painting, id }, cancel)).SingleOrDefault();

    /// <summary>Keeps a photo; one that is there already stays as it is.</summary>
    /// <param name="most">Of one session.</param>
    /// <returns>Whether there was room.</returns>
    /// <exception cref="MissingDocumentException">There is no such session.</exception>
    public async Task<bool> AddAsync(string painting, string id, DateTimeOffset takenAt, byte[] picture, int most, CancellationToken cancel = default)
    {
        await using var db = await studioRows.OpenAsync(cancel);
        await using var work = await studioRows.BeginAsync(db, cancel);
        // One at a time of a session, so that the count holds.
        if (await db.ExecuteScalarAsync<int?>(StudioRows.Of(
            "select 1 from document where studio_id = @studio and kind = 'painting' and id = @painting and removed_at is null for update", new { studio, painting }, cancel, work)) is null)
        {
            throw new MissingDocumentException("painting", painting);
        }

        await db.ExecuteAsync(StudioRows.Of(
            "insert into session_photo (studio_id, painting_id, id, taken_at, picture) values (@studio, @painting, @id, @at, @picture) on conflict do nothing",
            new { studio, painting, id, at = takenAt.ToUniversalTime(), picture }, cancel, work));
        if (await db.ExecuteScalarAsync<int>(StudioRows.Of("select count(*) from session_photo where studio_id = @studio and painting_id = @painting", new { studio, painting }, cancel, work)) > most)
        {
            return false;
        }

        await work.CommitAsync(cancel);
        return true;
    }

    /// <summary>Deletes a photo at once, without a bin.</summary>
    public async Task DeleteAsync(string painting, string id, CancellationToken cancel = default)
    {
        await using var db = await studioRows.OpenAsync(cancel);
        await using var work = await studioRows.BeginAsync(db, cancel);
        await db.ExecuteAsync(StudioRows.Of("delete from session_photo where studio_id = @studio and painting_id = @painting and id = @id", new { studio, painting, id }, cancel, work));
        await work.CommitAsync(cancel);
    }
}
