using Dapper;
using Npgsql;

namespace Datura.Store;

/// <summary>How looks are seen on faces, drawn once and kept. Whoever finds nothing, or something made of other things, draws it anew.</summary>
public sealed class ShownLookStore(NpgsqlDataSource source, string studio)
{
    private readonly StudioRows studioRows = new(source, studio);

    /// <summary>What was drawn of a document that is deleted for good goes with it.</summary>
    internal const string Forgetting =
        "delete from shown_look where studio_id = @studio and @id = case @kind when 'look' then look_id when 'face' then face_id when 'kit' then kit_id when 'setting' then setting_id end";

    /// <summary>Facts of every look drawn on a face with a kit in a setting, whatever they were made of.</summary>
    public Task<IReadOnlyList<ShownLook>> AllAsync(string face, string kit, string setting, CancellationToken cancel = default) => studioRows.ReadAsync<ShownLook>(
        "select look_id as look, key, facts::text as facts from shown_look where studio_id = @studio and face_id = @face and kit_id = @kit and setting_id = @setting",
        new { studio, face, kit, setting }, cancel);

    /// <summary>The picture, if it was made of just this.</summary>
    public async Task<byte[]?> PictureAsync(string look, string face, string kit, string setting, string key, CancellationToken cancel = default) => (await studioRows.ReadAsync<byte[]>(
        """
        select picture from shown_look
        where studio_id = @studio and look_id = @look and face_id = @face and kit_id = @kit and setting_id = @setting and key = @key
        """,
        new { studio, look, face, kit, setting, key }, cancel)).SingleOrDefault();

    /// <summary>Keeps it in place of what was drawn before.</summary>
    public async Task KeepAsync(string look, string face, string kit, string setting, string key, string facts, byte[] picture, CancellationToken cancel = default)
    {
        await using var db = await studioRows.OpenAsync(cancel);
        await using var work = await studioRows.BeginAsync(db, cancel);
        await db.ExecuteAsync(StudioRows.Of(
            """
            insert into shown_look (studio_id, look_id, face_id, kit_id, setting_id, key, facts, picture)
            values (@studio, @look, @face, @kit, @setting, @key, @facts::jsonb, @picture)
            on conflict (studio_id, face_id, kit_id, setting_id, look_id)
            do update set key = excluded.key, facts = excluded.facts, picture = excluded.picture, made_at = now()
            """,
            new { studio, look, face, kit, setting, key, facts, picture }, cancel, work));
        await work.CommitAsync(cancel);
    }

    /// <summary>Deletes what was drawn longer ago: whoever still looks at it has it drawn again.</summary>
    /// <returns>How many.</returns>
    public async Task<int> ForgetOldAsync(TimeSpan longerThan, CancellationToken cancel = default)
    {
        await using var db = await studioRows.OpenAsync(cancel);
        await using var work = await studioRows.BeginAsync(db, cancel);
        var gone = await db.ExecuteAsync(StudioRows.Of("delete from shown_look where studio_id = @studio and made_at < now() - @longerThan", new { studio, longerThan }, cancel, work));
        await work.CommitAsync(cancel);
        return gone;
    }
}
