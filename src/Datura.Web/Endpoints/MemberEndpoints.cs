using Datura.Store;
using Datura.Store.Accounts;
using Datura.Web.Accounts;

namespace Datura.Web;

/// <summary>Who belongs to the studio, who is let in, and who changed what.</summary>
public static class MemberEndpoints
{
    private const int AuditPage = 100;

    private static readonly TimeSpan InvitationGoodFor = TimeSpan.FromDays(7);
    private static readonly TimeSpan ResetGoodFor = TimeSpan.FromDays(1);

    public static void MapMembers(this IEndpointRouteBuilder routes)
    {
        var members = routes.MapGroup("/api/members").WithTags("Members").ProducesProblem(400).ProducesProblem(403).ProducesProblem(404).For(Role.Owner);
        members.MapGet("/", async (Caller caller, MemberStore store, CancellationToken cancel) => TypedResults.Ok((IReadOnlyList<MemberResource>)
            [.. (await store.OfStudioAsync(caller.Studio!, cancel)).Select(m => new MemberResource(m.AccountId, m.Name, m.Role, m.SecondFactor, m.Since, m.AccountId == caller.Account))]))
            .Called("listMembers", "Everybody who belongs to the studio.");
        members.MapPost("/invitations", async (RoleRequest request, Caller caller, MemberStore store, DocumentStore documents, CancellationToken cancel) =>
        {
            if (request.Role == Role.Guest)
            {
                throw new InputException("role", ProblemCode.GuestsHaveLinks);
            }

            var token = Secret.New();
            await store.AddLinkAsync(Secret.Hash(token), new("join", caller.Studio, request.Role, null), InvitationGoodFor, cancel);
            await documents.RecordAsync("linkMade", "invitation", Roles.Write(request.Role), cancel);
            return TypedResults.Ok(new NewLink($"/join#{token}", DateTimeOffset.UtcNow + InvitationGoodFor));
        }).Called("invite", "A link by which somebody joins the studio; it works once.");
        members.MapPut("/{id}", async (Guid id, RoleRequest request, Caller caller, MemberStore store, DocumentStore documents, CancellationToken cancel) =>
        {
            if (request.Role == Role.Guest)
            {
                throw new InputException("role", ProblemCode.GuestsHaveLinks);
            }

            await MemberAsync(store, caller, id, cancel);
            await SetAsync(store, caller, id, request.Role, cancel);
            await documents.RecordAsync("roleChanged", "account", id.ToString(), cancel);
            return TypedResults.NoContent();
        }).Called("changeRole", "As what somebody belongs to the studio from now on.");
        members.MapDelete("/{id}", async (Guid id, Caller caller, MemberStore store, DocumentStore documents, CancellationToken cancel) =>
        {
            await MemberAsync(store, caller, id, cancel);
            await SetAsync(store, caller, id, null, cancel);
            await documents.RecordAsync("left", "account", id.ToString(), cancel);
            return TypedResults.NoContent();
        }).Called("removeMember", "Takes somebody out of the studio, at once.");
        members.MapPost("/{id}/reset-link", async (Guid id, Caller caller, MemberStore store, DocumentStore documents, CancellationToken cancel) =>
        {
            await MemberAsync(store, caller, id, cancel);
            // Whoever belongs to other studios as well is not this owner's alone to let in.
            if ((await store.OfAccountAsync(id, cancel)).Any(m => m.StudioId != caller.Studio))
            {
                throw new InputException("id", ProblemCode.OthersToo);
            }

            var token = Secret.New();
            await store.AddLinkAsync(Secret.Hash(token), new("reset", null, null, id), ResetGoodFor, cancel);
            await documents.RecordAsync("linkMade", "account", id.ToString(), cancel);
            return TypedResults.Ok(new NewLink($"/reset#{token}", DateTimeOffset.UtcNow + ResetGoodFor));
        }).Called("makeResetLink", "A link by which a member sets a new password; it works once.");
        MapStudio(routes);
    }

    private static void MapStudio(IEndpointRouteBuilder routes)
    {
        var studios = routes.MapGroup("/api/studio").WithTags("Studio").ProducesProblem(400).ProducesProblem(403);
        studios.MapPut("/name", async (StudioName studio, Caller caller, MemberStore store, CancellationToken cancel) =>
        {
            await store.RenameStudioAsync(caller.Studio!, Named(studio), cancel);
            return TypedResults.NoContent();
        }).For(Role.Owner).Called("renameStudio", "What the studio is called.");
        studios.MapPost("/", async (StudioName studio, Caller caller, MemberStore store, SessionStore sessions, CancellationToken cancel) =>
        {
            if (caller is not { Account: { } account, Session: { } session })
            {
                throw new InputException("account", ProblemCode.DemoHasNoAccount);
            }

            var id = await store.AddStudioAsync(Named(studio), account, cancel);
            await sessions.MoveAsync(session, account, id, cancel);
            return TypedResults.Ok(new StudioResource(id, studio.Name.Trim()));
        }).For(Role.Helper).Called("addStudio", "A new studio with nothing in it, that whoever makes it owns.");
        studios.MapGet("/changes", async (long? before, DocumentStore store, CancellationToken cancel) => TypedResults.Ok((IReadOnlyList<AuditResource>)
            [.. (await store.AuditAsync(AuditPage, before, cancel)).Select(a => new AuditResource(a.Number, a.At, a.Who, a.Action, a.Kind, a.Id, a.Revision, a.Name))]))
            .For(Role.Owner).Called("listChanges", "Who changed what when, the newest first, a hundred at a time.");
    }

    private static string Named(StudioName studio) => Limits.IsName(studio.Name) ? studio.Name.Trim() : throw new InputException("name", ProblemCode.StudioNeedsName);

    private static async Task MemberAsync(MemberStore store, Caller caller, Guid id, CancellationToken cancel)
    {
        if ((await store.OfStudioAsync(caller.Studio!, cancel)).All(m => m.AccountId != id))
        {
            throw new MissingDocumentException("member", id.ToString());
        }
    }

    private static async Task SetAsync(MemberStore store, Caller caller, Guid id, Role? role, CancellationToken cancel)
    {
        if (!await store.SetRoleAsync(caller.Studio!, id, role, cancel))
        {
            throw new InputException("role", ProblemCode.LastOwner);
        }
    }
}
