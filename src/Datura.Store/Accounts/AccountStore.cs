using Dapper;
using Npgsql;

namespace Datura.Store.Accounts;

/// <summary>Accounts and their passkeys in PostgreSQL.</summary>
public sealed class AccountStore(NpgsqlDataSource source)
{
    private const string Columns = """
        id, name, sign_in_name as signInName, mail, mail_key as mailKey, password_hash as passwordHash, security_stamp as securityStamp, concurrency_stamp as concurrencyStamp,
        second_factor as secondFactor, authenticator_key as authenticatorKey, recovery_codes as recoveryCodes, last_code as lastCode, failed_count as failedCount, locked_until as lockedUntil
        """;

    // A quarter of what a plain read costs the demo, when each asks for itself (measured, 500 connections on two cores).
    private readonly AskedTogether<bool> any = new(async () =>
    {
        await using var db = await source.OpenConnectionAsync();
        return await db.ExecuteScalarAsync<bool>("select exists (select 1 from account)");
    });

    /// <returns>Whether there was room: neither the name nor the address is taken.</returns>
    public async Task<bool> AddAsync(Account account, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.ExecuteAsync(new(
            """
            insert into account (id, name, sign_in_name, mail, mail_key, password_hash, security_stamp, concurrency_stamp, second_factor, authenticator_key, recovery_codes)
            values (@Id, @Name, @SignInName, @Mail, @MailKey, @PasswordHash, @SecurityStamp, @ConcurrencyStamp, @SecondFactor, @AuthenticatorKey, @RecoveryCodes)
            on conflict do nothing
            """,
            account, cancellationToken: cancel)) == 1;
    }

    /// <returns>Whether it was still as it was read; then it has a new <see cref="Account.ConcurrencyStamp"/>.</returns>
    public async Task<bool> SaveAsync(Account account, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var next = Guid.NewGuid().ToString("N");
        var saved = await SaveAsync(db, account, next, cancel);
        account.ConcurrencyStamp = saved ? next : account.ConcurrencyStamp;
        return saved;
    }

    private static async Task<bool> SaveAsync(NpgsqlConnection db, Account account, string next, CancellationToken cancel)
    {
        try
        {
            return await db.ExecuteAsync(new(
            """
            update account set name = @Name, sign_in_name = @SignInName, mail = @Mail, mail_key = @MailKey, password_hash = @PasswordHash, security_stamp = @SecurityStamp,
                concurrency_stamp = @next, second_factor = @SecondFactor, authenticator_key = @AuthenticatorKey, recovery_codes = @RecoveryCodes, last_code = @LastCode, failed_count = @FailedCount,
                locked_until = @LockedUntil
            where id = @Id and concurrency_stamp = @ConcurrencyStamp
            """,
            new
            {
                account.Id,
                account.Name,
                account.SignInName,
                account.Mail,
                account.MailKey,
                account.PasswordHash,
                account.SecurityStamp,
                account.ConcurrencyStamp,
                account.SecondFactor,
                account.AuthenticatorKey,
                account.RecoveryCodes,
                account.LastCode,
                account.FailedCount,
                account.LockedUntil,
                next,
            },
            cancellationToken: cancel)) == 1;
        }
        catch (PostgresException taken) when (taken.SqlState == PostgresErrorCodes.UniqueViolation)
        {
            // Somebody took the name or the address just then.
            return false;
        }
    }

    public async Task<bool> RemoveAsync(Guid id, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.ExecuteAsync(new("delete from account where id = @id", new { id }, cancellationToken: cancel)) == 1;
    }

    public Task<Account?> FindAsync(Guid id, CancellationToken cancel = default) => OneAsync("id = @key", id, cancel);

    public Task<Account?> FindByNameAsync(string signInName, CancellationToken cancel = default) => OneAsync("sign_in_name = @key", signInName, cancel);

    public Task<Account?> FindByMailAsync(string mailKey, CancellationToken cancel = default) => OneAsync("mail_key = @key", mailKey, cancel);

    public Task<Account?> FindByPasskeyAsync(byte[] credentialId, CancellationToken cancel = default) =>
        OneAsync("id = (select account_id from passkey where credential_id = @key)", credentialId, cancel);

    /// <summary>Whether anybody has an account: the demo signs in by itself only until then, and asks with every request.</summary>
    public Task<bool> AnyAsync(CancellationToken cancel = default) => any.AskAsync().WaitAsync(cancel);

    /// <returns>The passkeys of an account, each as JSON.</returns>
    public async Task<IReadOnlyList<string>> PasskeysAsync(Guid account, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return [.. await db.QueryAsync<string>(new("select data::text from passkey where account_id = @account", new { account }, cancellationToken: cancel))];
    }

    public async Task SavePasskeyAsync(Guid account, byte[] credentialId, string data, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.ExecuteAsync(new(
            """
            insert into passkey (credential_id, account_id, data) values (@credentialId, @account, @data::jsonb)
            on conflict (credential_id) do update set data = excluded.data where passkey.account_id = excluded.account_id
            """,
            new { account, credentialId, data }, cancellationToken: cancel));
    }

    public async Task RemovePasskeyAsync(Guid account, byte[] credentialId, CancellationToken cancel = default)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.ExecuteAsync(new("delete from passkey where account_id = @account and credential_id = @credentialId", new { account, credentialId }, cancellationToken: cancel));
    }

    private async Task<Account?> OneAsync(string where, object key, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.QuerySingleOrDefaultAsync<Account>(new($"select {Columns} from account where {where}", new { key }, cancellationToken: cancel));
    }
}
