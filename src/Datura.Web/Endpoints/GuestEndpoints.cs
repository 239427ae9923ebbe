using Datura.Documents;
using Datura.Files.Pictures;
using Datura.Files.Sheets;
using Datura.Store;
using Datura.Store.Accounts;
using Datura.Web.Accounts;
using Datura.Web.Computing;

namespace Datura.Web;

/// <summary>Links that show one look on one face to whoever holds them, and what a guest sees. A guest's routes take no ids: there is nothing to ask for but that look.</summary>
public static class GuestEndpoints
{
    private const int Width = 640;
    private const int Height = 720;

    public static void MapGuests(this IEndpointRouteBuilder routes)
    {
        var links = routes.MapGroup("/api/guests").WithTags("Guests").ProducesProblem(400).ProducesProblem(403).ProducesProblem(404).For(Role.Painter);
        links.MapGet("/", async (Caller caller, MemberStore members, DocumentStore store, CancellationToken cancel) =>
        {
            var looks = (await store.ListAsync(DocumentTypes.Look.Name, cancel: cancel)).ToDictionary(d => d.Id, d => d.Name);
            var faces = (await store.ListAsync(DocumentTypes.Face.Name, cancel: cancel)).ToDictionary(d => d.Id, d => d.Name);
            return TypedResults.Ok((IReadOnlyList<GuestLinkResource>)[.. (await members.GuestLinksAsync(caller.Studio!, cancel)).Select(l => new GuestLinkResource(
                l.Id, l.LookId, looks.GetValueOrDefault(l.LookId, l.LookId), faces.GetValueOrDefault(l.FaceId, l.FaceId), l.MadeAt, l.ExpiresAt))]);
        }).Called("listGuestLinks", "Every guest's link that still works.");
        links.MapPost("/", async (GuestLinkRequest request, Caller caller, MemberStore members, DocumentStore documents, Library library, CancellationToken cancel) =>
        {
            if (request.Days is < 1 or > 60)
            {
                throw new InputException("days", ProblemCode.AddressRange, ("name", "days"), ("least", 1), ("most", 60));
            }

            // All of it must be there.
            _ = (await library.LookAsync(request.LookId, cancel), await library.FaceAsync(request.FaceId, cancel), await library.KitAsync(request.KitId, cancel), await library.SettingAsync(request.SettingId, cancel));
            var (token, now) = (Secret.New(), DateTime.UtcNow);
            var link = new GuestLink(Guid.CreateVersion7(), caller.Studio!, request.LookId, request.FaceId, request.KitId, request.SettingId, now, now.AddDays(request.Days));
            await members.AddGuestLinkAsync(link, Secret.Hash(token), cancel);
            await documents.RecordAsync("linkMade", DocumentTypes.Look.Name, request.LookId, cancel);
            return TypedResults.Ok(new NewLink($"/guest#{token}", link.ExpiresAt));
        }).Called("addGuestLink", "A link that shows one look on one face to whoever holds it.");
        links.MapDelete("/{id}", async (Guid id, Caller caller, MemberStore members, DocumentStore documents, CancellationToken cancel) =>
        {
            if (!await members.RemoveGuestLinkAsync(caller.Studio!, id, cancel))
            {
                throw new MissingDocumentException("link", id.ToString());
            }

            await documents.RecordAsync("linkEnded", "guest", id.ToString(), cancel);
            return TypedResults.NoContent();
        }).Called("endGuestLink", "Ends a guest's link, and what it opened.");
        MapGuest(routes);
    }

    private static void MapGuest(IEndpointRouteBuilder routes)
    {
        var guest = routes.MapGroup("/api/guest").WithTags("Guests").ProducesProblem(403).ProducesProblem(404).Computes().For(Role.Guest);
        guest.MapGet("/", async (Caller caller, MemberStore members, Library library, PlanService plans, CancellationToken cancel) =>
        {
            var plan = (await PlannedAsync(caller, members, library, plans, cancel)).Plan;
            return TypedResults.Ok(new GuestLook(plan.Look, plan.Face, plan.TotalSeconds / 60, [.. plan.Steps.Select(s => s.Title)], [.. plan.Cautions.Select(c => c.Sentence)]));
        }).Called("readGuestLook", "The look that the guest's link shows.");
        guest.MapGet("/picture", async (string? view, Caller caller, MemberStore members, Library library, PlanService plans, HttpContext context, CancellationToken cancel) =>
        {
            var seen = LookEndpoints.View(view);
            var (rgba, w, h) = BustPicture.Finished(await PlannedAsync(caller, members, library, plans, cancel), seen, Width, Height);
            return Kept.Picture(rgba, w, h, context);
        }).Gives("image/png", WebP.MediaType).Called("drawGuestLook", "The look that the guest's link shows, painted.");
        guest.MapGet("/sheet", async (Caller caller, MemberStore members, Library library, PlanService plans, CancellationToken cancel) =>
        {
            var planned = await PlannedAsync(caller, members, library, plans, cancel);
            return TypedResults.File(StepSheet.Pdf(planned, PaperSize.Find("A4")!, inches: false), "application/pdf", $"{Slug.Of(planned.Plan.Look)}.pdf");
        }).InBatch().Gives("application/pdf").Called("printGuestSheet", "The sheet of the look that the guest's link shows.");
    }

    private static async Task<Core.PlannedLook> PlannedAsync(Caller caller, MemberStore members, Library library, PlanService plans, CancellationToken cancel)
    {
        var link = caller.Guest is { } id ? await members.GuestLinkAsync(id, cancel) : null;
        if (link is null)
        {
            throw new NotLetInException(ProblemCode.LinkGone);
        }

        return await plans.PlanAsync(new(await library.LookAsync(link.LookId, cancel), link.FaceId, link.KitId, link.SettingId), withCard: false, cancel);
    }
}
