using Dapper;
using Npgsql;

namespace Datura.Store.Accounts;

/// <summary>Studios, who belongs to them as what, and the links that let people in.</summary>
public sealed class MemberStore(NpgsqlDataSource source)
{
    public async Task<IReadOnlyList<string>> StudiosAsync(CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return [.. await db.QueryAsync<string>(new("select id from studio order by id", cancellationToken: cancel))];
    }

    public async Task<string?> StudioNameAsync(string studio, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.ExecuteScalarAsync<string?>(new("select name from studio where id = @studio", new { studio }, cancellationToken: cancel));
    }

    public async Task RenameStudioAsync(string studio, string name, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.ExecuteAsync(new("update studio set name = @name where id = @studio", new { studio, name }, cancellationToken: cancel));
    }

    /// <summary>A new studio with nothing in it; whoever makes it owns it.</summary>
    /// <returns>Its id.</returns>
    public async Task<string> AddStudioAsync(string name, Guid owner, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var id = Guid.CreateVersion7().ToString("N");
        await db.ExecuteAsync(new(
            """
            with made as (insert into studio (id, name, filled) values (@id, @name, true) returning id)
            insert into membership (studio_id, account_id, role) select id, @owner, 'owner' from made
            """,
            new { id, name, owner }, cancellationToken: cancel));
        return id;
    }

    public async Task<IReadOnlyList<Membership>> OfAccountAsync(Guid account, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return [.. (await db.QueryAsync<(string Id, string Name, string Role)>(new(
            "select s.id, s.name, m.role from membership m join studio s on s.id = m.studio_id where m.account_id = @account order by m.since, s.id", new { account }, cancellationToken: cancel)))
            .Select(r => new Membership(r.Id, r.Name, Roles.Read(r.Role)))];
    }

    public async Task<IReadOnlyList<Member>> OfStudioAsync(string studio, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return [.. (await db.QueryAsync<(Guid Id, string Name, string Role, bool SecondFactor, DateTime Since)>(new(
            "select a.id, a.name, m.role, a.second_factor, m.since from membership m join account a on a.id = m.account_id where m.studio_id = @studio order by a.name, a.id",
            new { studio }, cancellationToken: cancel)))
            .Select(r => new Member(r.Id, r.Name, Roles.Read(r.Role), r.SecondFactor, r.Since))];
    }

    /// <summary>Makes an account a member, or changes as what it is one.</summary>
    /// <param name="role">Null to take it out.</param>
    /// <returns>Whether that was done; the last owner stays one.</returns>
    public async Task<bool> SetRoleAsync(string studio, Guid account, Role? role, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var work = await db.BeginTransactionAsync(cancel);
        // One change of members at a time, or two owners could each take the other out.
        await db.ExecuteAsync(new("select 1 from studio where id = @studio for update", new { studio }, work, cancellationToken: cancel));
        if (role != Role.Owner && await db.ExecuteScalarAsync<bool>(new(
            """
            select exists (select 1 from membership where studio_id = @studio and account_id = @account and role = 'owner')
               and not exists (select 1 from membership where studio_id = @studio and account_id <> @account and role = 'owner')
            """,
            new { studio, account }, work, cancellationToken: cancel)))
        {
            return false;
        }

        await db.ExecuteAsync(new(
            role is null ? "delete from membership where studio_id = @studio and account_id = @account"
                : "insert into membership (studio_id, account_id, role) values (@studio, @account, @role) on conflict (studio_id, account_id) do update set role = excluded.role",
            new { studio, account, role = role is { } wanted ? Roles.Write(wanted) : null }, work, cancellationToken: cancel));
        await work.CommitAsync(cancel);
        return true;
    }

    /// <param name="tokenHash">What the link's secret hashes to.</param>
    public async Task AddLinkAsync(byte[] tokenHash, OneTimeLink link, TimeSpan goodFor, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.ExecuteAsync(new(
            """
            delete from one_time_link where expires_at < now();
            insert into one_time_link (token_hash, purpose, studio_id, role, account_id, expires_at) values (@tokenHash, @Purpose, @StudioId, @role, @AccountId, now() + @goodFor)
            """,
            new { tokenHash, link.Purpose, link.StudioId, role = link.Role is { } role ? Roles.Write(role) : null, link.AccountId, goodFor }, cancellationToken: cancel));
    }

    /// <param name="use">Whether it is used up by this.</param>
    /// <returns>Null when there is none, or it was used, or its time is over.</returns>
    public async Task<OneTimeLink?> LinkAsync(byte[] tokenHash, bool use, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var row = await db.QuerySingleOrDefaultAsync<(string Purpose, string? StudioId, string? Role, Guid? AccountId)?>(new(
            use ? "delete from one_time_link where token_hash = @tokenHash and expires_at > now() returning purpose, studio_id, role, account_id"
                : "select purpose, studio_id, role, account_id from one_time_link where token_hash = @tokenHash and expires_at > now()",
            new { tokenHash }, cancellationToken: cancel));
        return row is { } link ? new(link.Purpose, link.StudioId, link.Role is { } role ? Roles.Read(role) : null, link.AccountId) : null;
    }

    /// <summary>Voids every link of a purpose: of all invitations to own a studio one is enough.</summary>
    public async Task DropOwnerLinksAsync(string studio, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.ExecuteAsync(new("delete from one_time_link where purpose = 'join' and role = 'owner' and studio_id = @studio", new { studio }, cancellationToken: cancel));
    }

    public async Task AddGuestLinkAsync(GuestLink link, byte[] tokenHash, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.ExecuteAsync(new(
            """
            insert into guest_link (id, token_hash, studio_id, look_id, face_id, kit_id, setting_id, made_at, expires_at)
            values (@Id, @tokenHash, @StudioId, @LookId, @FaceId, @KitId, @SettingId, @MadeAt, @ExpiresAt)
            """,
            new { link.Id, tokenHash, link.StudioId, link.LookId, link.FaceId, link.KitId, link.SettingId, link.MadeAt, link.ExpiresAt }, cancellationToken: cancel));
    }

    public async Task<IReadOnlyList<GuestLink>> GuestLinksAsync(string studio, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return [.. await db.QueryAsync<GuestLink>(new($"select {GuestColumns} from guest_link where studio_id = @studio and expires_at > now() order by made_at desc", new { studio },
            cancellationToken: cancel))];
    }

    public Task<GuestLink?> GuestLinkAsync(byte[] tokenHash, CancellationToken cancel = default) => GuestLinkAsync("token_hash = @key", tokenHash, cancel);

    public Task<GuestLink?> GuestLinkAsync(Guid id, CancellationToken cancel = default) => GuestLinkAsync("id = @key", id, cancel);

    /// <summary>Ends a guest's link, and the sessions that it opened.</summary>
    public async Task<bool> RemoveGuestLinkAsync(string studio, Guid id, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.ExecuteAsync(new("delete from guest_link where studio_id = @studio and id = @id", new { studio, id }, cancellationToken: cancel)) == 1;
    }

    /// <summary>Ends every guest's link to a document, and the sessions that they opened.</summary>
    public async Task RemoveGuestLinksToAsync(string studio, string kind, string id, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.ExecuteAsync(new(
            """
            delete from guest_link where studio_id = @studio
              and @id = case @kind when 'look' then look_id when 'face' then face_id when 'kit' then kit_id when 'setting' then setting_id end
            """,
            new { studio, kind, id }, cancellationToken: cancel));
    }

    private const string GuestColumns = "id, studio_id as studioId, look_id as lookId, face_id as faceId, kit_id as kitId, setting_id as settingId, made_at as madeAt, expires_at as expiresAt";

    private async Task<GuestLink?> GuestLinkAsync(string where, object key, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.QuerySingleOrDefaultAsync<GuestLink>(new($"select {GuestColumns} from guest_link where {where} and expires_at > now()", new { key }, cancellationToken: cancel));
    }
}
