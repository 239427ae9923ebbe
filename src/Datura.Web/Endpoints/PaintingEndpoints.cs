using System.ComponentModel.DataAnnotations;
using System.Text.Json;
using Datura.Core.After;
using Datura.Core.Chair;
using Datura.Documents;
using Datura.Store;
using Datura.Web.Computing;
using Datura.Store.Accounts;
using Datura.Web.Accounts;

namespace Datura.Web;

/// <summary>The book: who was painted when, with which pots, and how the skin took it.</summary>
public static class PaintingEndpoints
{
    public static void MapPaintings(this IEndpointRouteBuilder routes)
    {
        var paintings = routes.MapDocuments(DocumentTypes.Painting, Of, Of);
        paintings.MapPost("/of-plan", async (PlanRequest request, string lookId, DateOnly on, [Range(1, 1_000_000_000)] int? revision, bool? chair, Library library, PlanService plans, WearerCards cards, CancellationToken cancel) =>
        {
            SoundBody.CheckText(lookId, "lookId", Limits.LongestName);
            var (planned, kit) = (await plans.PlanAsync(request, cancel), await plans.KitAsync(request, cancel));
            if (chair == true)
            {
                StopsPassed.Check(planned.Plan);
            }

            var card = (await cards.FindAsync(request.FaceId, cancel))?.Card;
            var painting = PaintingCheck.Of(planned, lookId, request.FaceId, kit, on, [.. request.Look.Passed, .. card?.Passed ?? []]) with { Setting = request.SettingId, LookRevision = revision };
            var saved = await library.AddAsync(DocumentTypes.Painting, painting, cancel: cancel);
            return TypedResults.Created($"/api/paintings/{saved.Id}", saved);
        })
            .Computes().For(Role.Painter).Called("addPaintingOfPlan", "Notes in the book that a planned look was painted: with which pots, and which stops were passed. On the way into the chair it is refused while a stop is open.");
        MapChair(paintings);
    }

    private static void MapChair(RouteGroupBuilder paintings)
    {
        paintings.MapGet("/{id}/events", async (string id, Library library, ChairEventStore events, CancellationToken cancel) =>
        {
            _ = await library.GetAsync(DocumentTypes.Painting, id, cancel);
            return TypedResults.Ok(await AllAsync(id, events, cancel));
        }).Called("listPaintingEvents", "What happened in the chair, in one order for everybody.");
        paintings.MapPost("/{id}/events", async (string id, ChairEvent[] happened, ChairEventStore events, CancellationToken cancel) =>
        {
            ChairCheck.Check(happened);
            if (await events.AddAsync(id, [.. happened.Select(e => (e.Id, JsonSerializer.Serialize(e, DaturaJson.Compact)))], ChairEvent.Most, cancel) is null)
            {
                throw new InputException("events", ProblemCode.ChairEvents, ("most", ChairEvent.Most));
            }

            return TypedResults.Ok(await AllAsync(id, events, cancel));
        }).Called("addPaintingEvents", "Adds what happened in the chair; what is there already stays once. Gives all of it back.");
    }

    private static async Task<IReadOnlyList<ChairEvent>> AllAsync(string id, ChairEventStore events, CancellationToken cancel) =>
        ChairLog.InOrder((await events.AllAsync(id, cancel)).Select(b => JsonSerializer.Deserialize<ChairEvent>(b, DaturaJson.Compact)!));

    private static PaintingResource Of(StoredDocument stored) => new(stored.Id, stored.Revision, Library.Document(DocumentTypes.Painting, stored));
}
