using Dapper;
using Npgsql;

namespace Datura.Store.Accounts;

/// <summary>Links by which phones watch a queue. Of a link only the hash is kept.</summary>
public sealed class QueueLinkStore(NpgsqlDataSource source)
{
    public async Task AddAsync(string studio, string day, byte[] tokenHash, DateTime expiresAt, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.ExecuteAsync(new("insert into queue_link (token_hash, studio_id, day_id, expires_at) values (@tokenHash, @studio, @day, @expiresAt)", new { tokenHash, studio, day, expiresAt },
            cancellationToken: cancel));
    }

    /// <returns>Studio and day; null when there is no such link any more.</returns>
    public async Task<(string Studio, string Day)?> FindAsync(byte[] tokenHash, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.QuerySingleOrDefaultAsync<(string, string)?>(new("select studio_id, day_id from queue_link where token_hash = @tokenHash and expires_at > now()", new { tokenHash },
            cancellationToken: cancel));
    }
}
