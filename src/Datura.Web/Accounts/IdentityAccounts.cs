using System.Buffers.Text;
using System.Text.Json;
using Datura.Store.Accounts;
using Microsoft.AspNetCore.Identity;

namespace Datura.Web.Accounts;

/// <summary>Accounts as the framework's managers ask for them.</summary>
internal sealed class IdentityAccounts(AccountStore accounts) :
    IUserPasswordStore<Account>, IUserSecurityStampStore<Account>, IUserEmailStore<Account>, IUserLockoutStore<Account>, IUserTwoFactorStore<Account>,
    IUserAuthenticatorKeyStore<Account>, IUserTwoFactorRecoveryCodeStore<Account>, IUserPasskeyStore<Account>
{
    private static readonly IdentityErrorDescriber Errors = new();

    public async Task<IdentityResult> CreateAsync(Account user, CancellationToken cancellationToken) =>
        await accounts.AddAsync(user, cancellationToken) ? IdentityResult.Success : IdentityResult.Failed(Errors.DuplicateUserName(user.Name));

    public async Task<IdentityResult> UpdateAsync(Account user, CancellationToken cancellationToken) =>
        await accounts.SaveAsync(user, cancellationToken) ? IdentityResult.Success : IdentityResult.Failed(Errors.ConcurrencyFailure());

    public async Task<IdentityResult> DeleteAsync(Account user, CancellationToken cancellationToken)
    {
        await accounts.RemoveAsync(user.Id, cancellationToken);
        return IdentityResult.Success;
    }

    public Task<Account?> FindByIdAsync(string userId, CancellationToken cancellationToken) =>
        Guid.TryParse(userId, out var id) ? accounts.FindAsync(id, cancellationToken) : Task.FromResult<Account?>(null);

    public Task<Account?> FindByNameAsync(string normalizedUserName, CancellationToken cancellationToken) => accounts.FindByNameAsync(normalizedUserName, cancellationToken);

    public Task<Account?> FindByEmailAsync(string normalizedEmail, CancellationToken cancellationToken) => accounts.FindByMailAsync(normalizedEmail, cancellationToken);

    public Task<Account?> FindByPasskeyIdAsync(byte[] credentialId, CancellationToken cancellationToken) => accounts.FindByPasskeyAsync(credentialId, cancellationToken);

    public async Task<IList<UserPasskeyInfo>> GetPasskeysAsync(Account user, CancellationToken cancellationToken) =>
        [.. (await accounts.PasskeysAsync(user.Id, cancellationToken)).Select(data => JsonSerializer.Deserialize<KeptPasskey>(data)!.Info())];

    public Task AddOrUpdatePasskeyAsync(Account user, UserPasskeyInfo passkey, CancellationToken cancellationToken) =>
        accounts.SavePasskeyAsync(user.Id, passkey.CredentialId, JsonSerializer.Serialize(KeptPasskey.Of(passkey)), cancellationToken);

    public async Task<UserPasskeyInfo?> FindPasskeyAsync(Account user, byte[] credentialId, CancellationToken cancellationToken) =>
        (await GetPasskeysAsync(user, cancellationToken)).FirstOrDefault(p => p.CredentialId.AsSpan().SequenceEqual(credentialId));

    public Task RemovePasskeyAsync(Account user, byte[] credentialId, CancellationToken cancellationToken) => accounts.RemovePasskeyAsync(user.Id, credentialId, cancellationToken);

    public Task<bool> RedeemCodeAsync(Account user, string code, CancellationToken cancellationToken)
    {
        var codes = Codes(user);
        var hashed = Hashed(user, code);
        var left = codes.Where(c => c != hashed).ToArray();
        user.RecoveryCodes = string.Join(';', left);
        return Task.FromResult(left.Length < codes.Length);
    }

    public Task ReplaceCodesAsync(Account user, IEnumerable<string> recoveryCodes, CancellationToken cancellationToken) =>
        Set(() => user.RecoveryCodes = string.Join(';', recoveryCodes.Select(c => Hashed(user, c))));

    public Task<int> CountCodesAsync(Account user, CancellationToken cancellationToken) => Task.FromResult(Codes(user).Length);

    public Task<string> GetUserIdAsync(Account user, CancellationToken cancellationToken) => Task.FromResult(user.Id.ToString());

    public Task<string?> GetUserNameAsync(Account user, CancellationToken cancellationToken) => Task.FromResult<string?>(user.Name);

    public Task SetUserNameAsync(Account user, string? userName, CancellationToken cancellationToken) => Set(() => user.Name = userName!);

    public Task<string?> GetNormalizedUserNameAsync(Account user, CancellationToken cancellationToken) => Task.FromResult<string?>(user.SignInName);

    public Task SetNormalizedUserNameAsync(Account user, string? normalizedName, CancellationToken cancellationToken) => Set(() => user.SignInName = normalizedName!);

    public Task SetPasswordHashAsync(Account user, string? passwordHash, CancellationToken cancellationToken) => Set(() => user.PasswordHash = passwordHash);

    public Task<string?> GetPasswordHashAsync(Account user, CancellationToken cancellationToken) => Task.FromResult(user.PasswordHash);

    public Task<bool> HasPasswordAsync(Account user, CancellationToken cancellationToken) => Task.FromResult(user.PasswordHash is not null);

    public Task SetSecurityStampAsync(Account user, string stamp, CancellationToken cancellationToken) => Set(() => user.SecurityStamp = stamp);

    public Task<string?> GetSecurityStampAsync(Account user, CancellationToken cancellationToken) => Task.FromResult<string?>(user.SecurityStamp);

    public Task SetEmailAsync(Account user, string? email, CancellationToken cancellationToken) => Set(() => user.Mail = email);

    public Task<string?> GetEmailAsync(Account user, CancellationToken cancellationToken) => Task.FromResult(user.Mail);

    // An address is only where a link goes: whoever reads it there has shown that it is theirs.
    public Task<bool> GetEmailConfirmedAsync(Account user, CancellationToken cancellationToken) => Task.FromResult(true);

    public Task SetEmailConfirmedAsync(Account user, bool confirmed, CancellationToken cancellationToken) => Task.CompletedTask;

    public Task<string?> GetNormalizedEmailAsync(Account user, CancellationToken cancellationToken) => Task.FromResult(user.MailKey);

    public Task SetNormalizedEmailAsync(Account user, string? normalizedEmail, CancellationToken cancellationToken) => Set(() => user.MailKey = normalizedEmail);

    public Task<DateTimeOffset?> GetLockoutEndDateAsync(Account user, CancellationToken cancellationToken) => Task.FromResult(user.LockedUntil);

    public Task SetLockoutEndDateAsync(Account user, DateTimeOffset? lockoutEnd, CancellationToken cancellationToken) => Set(() => user.LockedUntil = lockoutEnd);

    public Task<int> IncrementAccessFailedCountAsync(Account user, CancellationToken cancellationToken) => Task.FromResult(++user.FailedCount);

    public Task ResetAccessFailedCountAsync(Account user, CancellationToken cancellationToken) => Set(() => user.FailedCount = 0);

    public Task<int> GetAccessFailedCountAsync(Account user, CancellationToken cancellationToken) => Task.FromResult(user.FailedCount);

    public Task<bool> GetLockoutEnabledAsync(Account user, CancellationToken cancellationToken) => Task.FromResult(true);

    public Task SetLockoutEnabledAsync(Account user, bool enabled, CancellationToken cancellationToken) => Task.CompletedTask;

    public Task SetTwoFactorEnabledAsync(Account user, bool enabled, CancellationToken cancellationToken) => Set(() => user.SecondFactor = enabled);

    public Task<bool> GetTwoFactorEnabledAsync(Account user, CancellationToken cancellationToken) => Task.FromResult(user.SecondFactor);

    public Task SetAuthenticatorKeyAsync(Account user, string key, CancellationToken cancellationToken) => Set(() => user.AuthenticatorKey = key);

    public Task<string?> GetAuthenticatorKeyAsync(Account user, CancellationToken cancellationToken) => Task.FromResult(user.AuthenticatorKey);

    public void Dispose()
    {
        // Holds nothing open.
    }

    private static string[] Codes(Account user) => user.RecoveryCodes.Split(';', StringSplitOptions.RemoveEmptyEntries);

    private static string Hashed(Account user, string code) => Base64Url.EncodeToString(Secret.SlowHash(code, user.Id.ToByteArray()));

    private static Task Set(Action set)
    {
        set();
        return Task.CompletedTask;
    }
}
