using System.Buffers.Text;
using System.Text.Encodings.Web;
using Datura.Store.Accounts;
using Datura.Web.Accounts;
using Microsoft.AspNetCore.Identity;
using QRCoder;

namespace Datura.Web;

/// <summary>The own account: password, second factor, passkeys, and where it is signed in.</summary>
public static class AccountEndpoints
{
    private const int CodesAtOnce = 10;
    private const int PixelsPerModule = 5;

    public static void MapAccount(this IEndpointRouteBuilder routes)
    {
        var own = routes.MapGroup("/api/account").WithTags("Account").ProducesProblem(400).ProducesProblem(401).ProducesProblem(403).For(Role.Helper);
        own.MapGet("/", async (Caller caller, UserManager<Account> users, SessionStore sessions, CancellationToken cancel) =>
        {
            var account = await OwnAsync(caller, users);
            return TypedResults.Ok(new AccountResource(
                account.Name, account.Mail, account.SecondFactor, await users.CountRecoveryCodesAsync(account),
                [.. (await users.GetPasskeysAsync(account)).Select(p => new PasskeyResource(Base64Url.EncodeToString(p.CredentialId), p.Name, p.CreatedAt))],
                [.. (await sessions.OfAccountAsync(account.Id, cancel)).Select(s => new SessionHeadResource(s.Handle, s.Agent, s.CreatedAt, s.SeenAt, s.Handle == caller.Session))]));
        }).Called("readAccount", "The own account, its passkeys, and where it is signed in.");
        own.MapPut("/password", async (PasswordChange change, Caller caller, UserManager<Account> users, SessionStore sessions) =>
        {
            var account = await OwnAsync(caller, users);
            SignIn.Done(await users.ChangePasswordAsync(account, change.Present, change.Password));
            await sessions.EndAsync(account.Id, except: caller.Session);
            return TypedResults.NoContent();
        }).Called("changePassword", "Another password; every other session of the account ends.");
        own.MapPut("/mail", async (MailAddressRequest request, Caller caller, UserManager<Account> users) =>
        {
            var account = await WithPasswordAsync(caller, users, request.Password);
            SignIn.Done(await users.SetEmailAsync(account, string.IsNullOrWhiteSpace(request.Mail) ? null : request.Mail.Trim()));
            return TypedResults.NoContent();
        }).Called("changeMail", "Where a forgotten password's link goes.");
        own.MapDelete("/sessions/{id}", async (Guid id, Caller caller, UserManager<Account> users, SessionStore sessions) =>
        {
            await sessions.EndAsync((await OwnAsync(caller, users)).Id, handle: id);
            return TypedResults.NoContent();
        }).Called("endSession", "Signs out somewhere else.");
        MapSecondFactor(own);
        MapPasskeys(own);
    }

    private static void MapSecondFactor(RouteGroupBuilder own)
    {
        own.MapPost("/authenticator", async (PasswordRequest request, Caller caller, UserManager<Account> users) =>
        {
            var account = await WithPasswordAsync(caller, users, request.Password);
            if (account.SecondFactor)
            {
                throw new InputException("authenticator", ProblemCode.SecondFactorOn);
            }

            SignIn.Done(await users.ResetAuthenticatorKeyAsync(account));
            var key = (await users.GetAuthenticatorKeyAsync(account))!;
            var address = $"otpauth://totp/Datura:{UrlEncoder.Default.Encode(account.Name)}?secret={key}&issuer=Datura&digits=6";
            using var code = QRCodeGenerator.GenerateQrCode(address, QRCodeGenerator.ECCLevel.M);
            return TypedResults.Ok(new AuthenticatorResource(key, address, new SvgQRCode(code).GetGraphic(PixelsPerModule)));
        }).Called("offerAuthenticator", "A new secret for an authenticator application; it counts once a code of it has come back.");
        own.MapPut("/authenticator", async (CodeRequest request, Caller caller, UserManager<Account> users) =>
        {
            var account = await OwnAsync(caller, users);
            if (!await users.VerifyTwoFactorTokenAsync(account, TokenOptions.DefaultAuthenticatorProvider, request.Code.Replace(" ", "", StringComparison.Ordinal)))
            {
                throw new InputException("code", ProblemCode.WrongCode);
            }

            SignIn.Done(await users.SetTwoFactorEnabledAsync(account, true));
            return TypedResults.Ok(new RecoveryCodes([.. await users.GenerateNewTwoFactorRecoveryCodesAsync(account, CodesAtOnce) ?? []]));
        }).Called("confirmAuthenticator", "From now on a code is asked for when signing in; tells the codes that work once instead.");
        own.MapPost("/authenticator/off", async (PasswordRequest request, Caller caller, UserManager<Account> users) =>
        {
            var account = await WithPasswordAsync(caller, users, request.Password);
            SignIn.Done(await users.SetTwoFactorEnabledAsync(account, false));
            SignIn.Done(await users.ResetAuthenticatorKeyAsync(account));
            return TypedResults.NoContent();
        }).Called("dropAuthenticator", "No code is asked for any more when signing in.");
    }

    private static void MapPasskeys(RouteGroupBuilder own)
    {
        own.MapPost("/passkeys/options", async (PasswordRequest request, Caller caller, UserManager<Account> users, SignInManager<Account> manager) =>
        {
            var account = await WithPasswordAsync(caller, users, request.Password);
            return TypedResults.Ok(new PasskeyOptions(await manager.MakePasskeyCreationOptionsAsync(new() { Id = account.Id.ToString(), Name = account.Name, DisplayName = account.Name })));
        }).Called("offerPasskey", "What the browser needs to make a passkey.");
        own.MapPost("/passkeys", async (CredentialRequest request, Caller caller, UserManager<Account> users, SignInManager<Account> manager) =>
        {
            var account = await OwnAsync(caller, users);
            var made = await manager.PerformPasskeyAttestationAsync(request.Credential);
            if (!made.Succeeded || made.UserEntity.Id != account.Id.ToString())
            {
                throw new InputException("credential", ProblemCode.WrongPasskey);
            }

            made.Passkey.Name = request.Name is { Length: > 0 } name ? name : null;
            SignIn.Done(await users.AddOrUpdatePasskeyAsync(account, made.Passkey));
            return TypedResults.NoContent();
        }).Called("addPasskey", "A new passkey of the account.");
        own.MapDelete("/passkeys/{id}", async (string id, Caller caller, UserManager<Account> users) =>
        {
            if (!Base64Url.IsValid(id))
            {
                throw new InputException("id", ProblemCode.WrongPasskey);
            }

            SignIn.Done(await users.RemovePasskeyAsync(await OwnAsync(caller, users), Base64Url.DecodeFromChars(id)));
            return TypedResults.NoContent();
        }).Called("removePasskey", "Takes a passkey away; it signs nobody in any more.");
    }

    // The demo has no account of its own.
    private static async Task<Account> OwnAsync(Caller caller, UserManager<Account> users) =>
        caller.Account is { } id && await users.FindByIdAsync(id.ToString()) is { } account ? account : throw new InputException("account", ProblemCode.DemoHasNoAccount);

    // Wrong tries count as they do when signing in.
    private static async Task<Account> WithPasswordAsync(Caller caller, UserManager<Account> users, string password)
    {
        var account = await OwnAsync(caller, users);
        if (await users.IsLockedOutAsync(account))
        {
            throw new InputException("password", ProblemCode.TooManyTries);
        }

        if (!await users.CheckPasswordAsync(account, password))
        {
            await users.AccessFailedAsync(account);
            throw new InputException("password", ProblemCode.WrongPassword);
        }

        return account;
    }
}
