using System.Security.Claims;
using Datura.Store;
using Datura.Store.Accounts;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Identity;
using Npgsql;

namespace Datura.Web.Accounts;

/// <summary>Signing in and out, by password, second factor, passkey or link.</summary>
internal sealed class SignIn(SignInManager<Account> manager, UserManager<Account> users, IPasswordHasher<Account> hasher, MemberStore members, SessionStore sessions,
    NpgsqlDataSource source)
{
    /// <returns>Whether a second factor is asked for now.</returns>
    /// <exception cref="NotLetInException"/>
    public async Task<bool> ByPasswordAsync(string name, string password, bool stay)
    {
        if (await FindAsync(name) is not { } account)
        {
            // As long as for somebody who is known, so that time tells nothing.
            _ = hasher.HashPassword(new() { Name = name }, password);
            throw new NotLetInException(ProblemCode.WrongSignIn);
        }

        return Checked(await manager.PasswordSignInAsync(account, password, stay, lockoutOnFailure: true), ProblemCode.WrongSignIn);
    }

    /// <exception cref="NotLetInException"/>
    public async Task BySecondFactorAsync(string code, bool stay)
    {
        var plain = code.Replace(" ", "", StringComparison.Ordinal);
        Checked(plain.All(char.IsAsciiDigit) ? await manager.TwoFactorAuthenticatorSignInAsync(plain, stay, rememberClient: false)
            : await manager.TwoFactorRecoveryCodeSignInAsync(plain), ProblemCode.WrongCode);
    }

    /// <exception cref="NotLetInException"/>
    public async Task ByPasskeyAsync(string credential) => Checked(await manager.PasskeySignInAsync(credential), ProblemCode.WrongPasskey);

    /// <summary>A guest, by the link to one look.</summary>
    /// <exception cref="NotLetInException"/>
    public async Task ByGuestLinkAsync(HttpContext context, string token)
    {
        var link = await members.GuestLinkAsync(Secret.Hash(token)) ?? throw new NotLetInException(ProblemCode.LinkGone);
        await context.SignInAsync(IdentityConstants.ApplicationScheme, new(new ClaimsIdentity([new(Caller.GuestClaim, link.Id.ToString())], "guest")));
    }

    /// <summary>A new account that belongs to a studio, signed in.</summary>
    /// <exception cref="NotLetInException">The link is none any more.</exception>
    /// <exception cref="InputException"/>
    public async Task JoinAsync(string token, string name, string password, string? mail)
    {
        var (link, studio, role) = await JoinLinkAsync(token, use: false);
        var account = new Account { Name = name.Trim(), Mail = string.IsNullOrWhiteSpace(mail) ? null : mail.Trim() };
        Done(await users.CreateAsync(account, password));
        try
        {
            (link, studio, role) = await JoinLinkAsync(token, use: true);
        }
        catch (NotLetInException)
        {
            await users.DeleteAsync(account);
            throw;
        }

        await SetAsync(studio, account.Id, role);
        if (link.Role == Role.Owner)
        {
            await members.DropOwnerLinksAsync(studio);
        }

        await manager.SignInAsync(account, isPersistent: false);
    }

    /// <summary>Another studio for an account that there is.</summary>
    /// <exception cref="NotLetInException">The link is none any more.</exception>
    public async Task JoinTooAsync(string token, Guid account, Guid session)
    {
        var (_, studio, role) = await JoinLinkAsync(token, use: true);
        await SetAsync(studio, account, role);
        await sessions.MoveAsync(session, account, studio);
    }

    /// <summary>A new password by a link; every session of the account ends.</summary>
    /// <exception cref="NotLetInException">The link is none any more.</exception>
    /// <exception cref="InputException"/>
    public async Task ResetAsync(string token, string password)
    {
        var hash = Secret.Hash(token);
        if (await members.LinkAsync(hash, use: false) is not { Purpose: "reset", AccountId: { } id } || await users.FindByIdAsync(id.ToString()) is not { } account)
        {
            throw new NotLetInException(ProblemCode.LinkGone);
        }

        foreach (var rule in users.PasswordValidators)
        {
            Done(await rule.ValidateAsync(users, account, password));
        }

        if (await members.LinkAsync(hash, use: true) is null)
        {
            throw new NotLetInException(ProblemCode.LinkGone);
        }

        Done(await users.ResetPasswordAsync(account, await users.GeneratePasswordResetTokenAsync(account), password));
        await users.SetLockoutEndDateAsync(account, null);
        await users.ResetAccessFailedCountAsync(account);
        await sessions.EndAsync(id);
    }

    public async Task<Account?> FindAsync(string name) => await users.FindByNameAsync(name.Trim()) ?? await users.FindByEmailAsync(name.Trim());

    /// <exception cref="InputException">What the framework refused, in our words.</exception>
    public static void Done(IdentityResult result)
    {
        if (!result.Succeeded)
        {
            var codes = result.Errors.Select(e => e.Code).ToHashSet();
            throw codes.Overlaps([nameof(IdentityErrorDescriber.DuplicateUserName), nameof(IdentityErrorDescriber.InvalidUserName)]) ? new("name", ProblemCode.NameTaken)
                : codes.Contains(nameof(IdentityErrorDescriber.InvalidEmail)) || codes.Contains(nameof(IdentityErrorDescriber.DuplicateEmail)) ? new("mail", ProblemCode.MailUnusable)
                : codes.Contains(nameof(IdentityErrorDescriber.PasswordMismatch)) ? new("password", ProblemCode.WrongPassword)
                : codes.Contains(nameof(IdentityErrorDescriber.ConcurrencyFailure)) ? new InputException("account", ProblemCode.AccountChanged)
                : new InputException("password", ProblemCode.PasswordTooWeak, ("least", PasswordRule.Least), ("most", PasswordRule.Most));
        }
    }

    private async Task SetAsync(string studio, Guid account, Role role)
    {
        await members.SetRoleAsync(studio, account, role);
        await new DocumentStore(source, studio, account).RecordAsync("joined", "account", account.ToString());
    }

    private async Task<(OneTimeLink Link, string Studio, Role Role)> JoinLinkAsync(string token, bool use) =>
        await members.LinkAsync(Secret.Hash(token), use) is { Purpose: "join", StudioId: { } studio, Role: { } role } link ? (link, studio, role) : throw new NotLetInException(ProblemCode.LinkGone);

    private static bool Checked(SignInResult result, ProblemCode wrong) => result.Succeeded || result.RequiresTwoFactor ? result.RequiresTwoFactor
        : throw new NotLetInException(result.IsLockedOut ? ProblemCode.TooManyTries : wrong);
}
