using Datura.Core.After;
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
        paintings.MapPost("/of-plan", async (PlanRequest request, string lookId, DateOnly on, Library library, PlanService plans, WearerCards cards, CancellationToken cancel) =>
        {
            SoundBody.CheckText(lookId, "lookId", Limits.LongestName);
            var (planned, kit) = (await plans.PlanAsync(request, cancel), await plans.KitAsync(request, cancel));
            var card = (await cards.FindAsync(request.FaceId, cancel))?.Card;
            var painting = PaintingCheck.Of(planned, lookId, request.FaceId, kit, on, [.. request.Look.Passed, .. card?.Passed ?? []]);
            var saved = await library.AddAsync(DocumentTypes.Painting, painting, cancel: cancel);
            return TypedResults.Created($"/api/paintings/{saved.Id}", saved);
        })
            .Computes().For(Role.Painter).Called("addPaintingOfPlan", "Notes in the book that a planned look was painted: with which pots, and which stops were passed.");
    }

    private static PaintingResource Of(StoredDocument stored) => new(stored.Id, stored.Revision, Library.Document(DocumentTypes.Painting, stored));
}
