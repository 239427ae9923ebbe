using Datura.Store.Accounts;
using Datura.Web.Accounts;
using Datura.Web.Guard;
using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Identity;

namespace Datura.Web;

/// <summary>Signing in and out, and the links that let people in.</summary>
public static class SessionEndpoints
{
    private static readonly TimeSpan ResetGoodFor = TimeSpan.FromHours(1);

    // Longer than making a link and a letter ever takes, so that the time of the answer does not tell who has an account.
    private static readonly TimeSpan ForgottenTakes = TimeSpan.FromMilliseconds(500);

    public static void MapSessions(this IEndpointRouteBuilder routes)
    {
        var session = routes.MapGroup("/api/session").WithTags("Session").ProducesProblem(400).ProducesProblem(401).AllowAnonymous();
        session.MapGet("/", async (Caller caller, MemberStore members, IAntiforgery antiforgery, HttpContext context, CancellationToken cancel) =>
        {
            var studios = caller.Account is { } account ? await members.OfAccountAsync(account, cancel) : [];
            var name = caller.Studio is { } id ? await members.StudioNameAsync(id, cancel) : null;
            return TypedResults.Ok(new SessionResource(
                caller.Name, caller.Role, name is null ? null : new(caller.Studio!, name), caller.Demo, [.. studios.Select(s => new StudioResource(s.StudioId, s.StudioName))],
                caller.Session is null ? "" : antiforgery.GetAndStoreTokens(context).RequestToken ?? ""));
        }).Called("readSession", "Who is signed in here, and as what.");
        session.MapPost("/", async (SignInRequest request, SignIn signIn) => TypedResults.Ok(new SignInAnswer(await signIn.ByPasswordAsync(request.Name, request.Password, request.Stay))))
            .Tried().WithMetadata(new Entrance()).Called("signIn", "Signs in by name and password.");
        session.MapPost("/second", async (CodeRequest request, SignIn signIn) =>
        {
            await signIn.BySecondFactorAsync(request.Code, request.Stay);
            return TypedResults.NoContent();
        }).Tried().WithMetadata(new Entrance()).Called("signInSecond", "The second step of signing in: a code of the authenticator, or one of those that work once.");
        session.MapPost("/passkey/options", async (SignInManager<Account> manager) => TypedResults.Ok(new PasskeyOptions(await manager.MakePasskeyRequestOptionsAsync(null))))
            .Tried().Called("beginPasskey", "What the browser asks a passkey for.");
        session.MapPost("/passkey", async (CredentialRequest request, SignIn signIn) =>
        {
            await signIn.ByPasskeyAsync(request.Credential);
            return TypedResults.NoContent();
        }).Tried().WithMetadata(new Entrance()).Called("signInByPasskey", "Signs in by passkey.");
        session.MapPost("/guest", async (TokenRequest request, SignIn signIn, HttpContext context) =>
        {
            await signIn.ByGuestLinkAsync(context, request.Token);
            return TypedResults.NoContent();
        }).Tried().WithMetadata(new Entrance()).Called("signInAsGuest", "Opens the one look of a guest's link.");
        session.MapDelete("/", async (SignInManager<Account> manager) =>
        {
            await manager.SignOutAsync();
            return TypedResults.NoContent();
        }).Called("signOut", "Signs out here.");
        session.MapPut("/studio", async (StudioResource studio, Caller caller, SessionStore sessions) =>
            caller is { Account: { } account, Session: { } handle } && await sessions.MoveAsync(handle, account, studio.Id) ? TypedResults.NoContent() : throw new NotLetInException(ProblemCode.NotYourStudio))
            .Produces(204).Called("chooseStudio", "Goes on in another studio that the account belongs to.");
        MapLinks(routes);
    }

    private static void MapLinks(IEndpointRouteBuilder routes)
    {
        var links = routes.MapGroup("/api/links").WithTags("Session").ProducesProblem(400).ProducesProblem(401).AllowAnonymous().Tried();
        links.MapPost("/read", async (TokenRequest request, MemberStore members, CancellationToken cancel) =>
        {
            var link = await members.LinkAsync(Secret.Hash(request.Token), use: false, cancel) ?? throw new NotLetInException(ProblemCode.LinkGone);
            return TypedResults.Ok(new LinkResource(link.Purpose, link.StudioId is { } studio ? await members.StudioNameAsync(studio, cancel) : null, link.Role));
        }).Called("readLink", "What a link lets its holder do.");
        links.MapPost("/join", async (JoinRequest request, SignIn signIn) =>
        {
            if (string.IsNullOrWhiteSpace(request.Name))
            {
                throw new InputException("name", ProblemCode.NameTaken);
            }

            await signIn.JoinAsync(request.Token, request.Name, request.Password, request.Mail);
            return TypedResults.NoContent();
        }).WithMetadata(new Entrance()).Called("join", "A new account that belongs to the studio of a link, signed in.");
        links.MapPost("/join-too", async (TokenRequest request, Caller caller, SignIn signIn) =>
        {
            if (caller is not { Account: { } account, Session: { } session })
            {
                throw new NotLetInException(ProblemCode.NotSignedIn);
            }

            await signIn.JoinTooAsync(request.Token, account, session);
            return TypedResults.NoContent();
        }).Called("joinToo", "The account that is signed in belongs to the studio of a link as well.");
        links.MapPost("/reset", async (ResetRequest request, SignIn signIn) =>
        {
            await signIn.ResetAsync(request.Token, request.Password);
            return TypedResults.NoContent();
        }).Called("resetPassword", "A new password by a link.");
        links.MapPost("/forgotten", async (ForgottenRequest request, SignIn signIn, MemberStore members, MailDrop mail, HttpContext context, CancellationToken cancel) =>
        {
            var even = Task.Delay(ForgottenTakes, cancel);
            if (await signIn.FindAsync(request.Name) is { Mail: { } to } account)
            {
                var token = Secret.New();
                await members.AddLinkAsync(Secret.Hash(token), new("reset", null, null, account.Id), ResetGoodFor, cancel);
                var address = $"{context.Request.Scheme}://{context.Request.Host}/reset#{token}";
                await mail.SendAsync(
                    to, Catalogue.Of(MailCode.ResetSubject).Text, Catalogue.Of(MailCode.ResetText).Filled(new Dictionary<string, object> { ["address"] = address }), cancel);
            }

            // The same whether there is such an account or not.
            await even;
            return TypedResults.NoContent();
        }).Called("forgetPassword", "Sends a link for a new password, where the account has an address of mail.");
    }

    // Guessing is slow: so many tries a minute from one address.
    private static TBuilder Tried<TBuilder>(this TBuilder endpoint)
        where TBuilder : IEndpointConventionBuilder => endpoint.RequireRateLimiting(Crowd.Tries);
}
