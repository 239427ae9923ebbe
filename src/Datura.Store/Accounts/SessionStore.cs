using Dapper;
using Npgsql;

namespace Datura.Store.Accounts;

/// <summary>Who is signed in where, in PostgreSQL, so that any copy of the service knows it and any session can be ended.</summary>
public sealed class SessionStore(NpgsqlDataSource source)
{
    /// <summary>Without a request for so long a session ends.</summary>
    public static readonly TimeSpan Idle = TimeSpan.FromDays(3);

    /// <summary>However busy, it ends after so long.</summary>
    public static readonly TimeSpan Longest = TimeSpan.FromDays(30);

    // When it was last seen is written no oftener than this.
    private const string SeenAgain = "interval '1 minute'";

    /// <param name="studio">Null for the first that the account belongs to.</param>
    public async Task AddAsync(byte[] keyHash, byte[] ticket, string agent, Guid? account, string? studio, Guid? guestLink, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.ExecuteAsync(new(
            """
            delete from session where expires_at < now() or seen_at < now() - @Idle;
            insert into session (key_hash, handle, account_id, studio_id, guest_link, ticket, agent, expires_at)
            values (@keyHash, gen_random_uuid(), @account, coalesce(@studio, (select studio_id from membership where account_id = @account order by since, studio_id limit 1)),
                @guestLink, @ticket, @agent, now() + @Longest)
            """,
            new { keyHash, ticket, agent, account, studio, guestLink, Idle, Longest }, cancellationToken: cancel));
    }

    /// <returns>Null when it was ended or its time is over.</returns>
    public async Task<OpenSession?> FindAsync(byte[] keyHash, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var row = await db.QuerySingleOrDefaultAsync<(byte[] Ticket, Guid Handle, Guid? Account, string? Name, string? Studio, string? Role, Guid? GuestLink, bool Unseen)?>(new(
            $"""
            select s.ticket, s.handle, s.account_id, a.name, coalesce(g.studio_id, s.studio_id), case when g.id is null then m.role else 'guest' end, g.id, s.seen_at < now() - {SeenAgain}
            from session s left join account a on a.id = s.account_id left join membership m on m.account_id = s.account_id and m.studio_id = s.studio_id
                left join guest_link g on g.id = s.guest_link and g.expires_at > now()
            where s.key_hash = @keyHash and s.expires_at > now() and s.seen_at > now() - @Idle
            """,
            new { keyHash, Idle }, cancellationToken: cancel));
        if (row is not { } found)
        {
            return null;
        }

        if (found.Unseen)
        {
            await db.ExecuteAsync(new("update session set seen_at = now() where key_hash = @keyHash", new { keyHash }, cancellationToken: cancel));
        }

        return new(found.Ticket, found.Handle, found.Account, found.Name, found.Studio, found.Role is { } role ? Roles.Read(role) : null, found.GuestLink);
    }

    public async Task RenewAsync(byte[] keyHash, byte[] ticket, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.ExecuteAsync(new("update session set ticket = @ticket where key_hash = @keyHash", new { keyHash, ticket }, cancellationToken: cancel));
    }

    public async Task EndAsync(byte[] keyHash, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.ExecuteAsync(new("delete from session where key_hash = @keyHash", new { keyHash }, cancellationToken: cancel));
    }

    /// <summary>Goes on in another studio that the account belongs to.</summary>
    /// <returns>Whether it belongs to it.</returns>
    public async Task<bool> MoveAsync(Guid handle, Guid account, string studio, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.ExecuteAsync(new(
            """
            update session set studio_id = @studio where handle = @handle and account_id = @account
              and exists (select 1 from membership where account_id = @account and studio_id = @studio)
            """,
            new { handle, account, studio }, cancellationToken: cancel)) == 1;
    }

    public async Task<IReadOnlyList<SessionHead>> OfAccountAsync(Guid account, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return [.. await db.QueryAsync<SessionHead>(new(
            "select handle, agent, created_at as createdAt, seen_at as seenAt from session where account_id = @account and expires_at > now() and seen_at > now() - @Idle order by seen_at desc",
            new { account, Idle }, cancellationToken: cancel))];
    }

    /// <summary>Ends sessions of an account.</summary>
    /// <param name="handle">Only this one; null for all.</param>
    /// <param name="except">But not this one.</param>
    /// <returns>How many.</returns>
    public async Task<int> EndAsync(Guid account, Guid? handle = null, Guid? except = null, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.ExecuteAsync(new(
            "delete from session where account_id = @account and (@handle::uuid is null or handle = @handle) and (@except::uuid is null or handle <> @except)",
            new { account, handle, except }, cancellationToken: cancel));
    }
}
