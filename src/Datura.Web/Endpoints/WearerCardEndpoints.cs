using Datura.Files.Sheets;
using Datura.Store;
using Datura.Web.Computing;

namespace Datura.Web;

/// <summary>Wearers' cards: read, kept for a while, printed to sign, deleted at once.</summary>
public static class WearerCardEndpoints
{
    public static void MapWearerCards(this IEndpointRouteBuilder routes)
    {
        var cards = routes.MapGroup("/api/faces/{id}/card").WithTags("Faces").ProducesProblem(400).ProducesProblem(404);
        cards.MapGet("/", async (string id, Library library, WearerCards kept, CancellationToken cancel) =>
        {
            _ = await library.FaceAsync(id, cancel);
            return TypedResults.Ok(await kept.FindAsync(id, cancel) ?? new(0, WearerCard.Blank(Today.Day)));
        }).Called("readWearerCard", "What a wearer said before the first stroke; a blank card when nobody asked yet, or it was deleted.");
        cards.MapPut("/", async (string id, Save<WearerCard> save, WearerCards kept, DocumentStore store, CancellationToken cancel) =>
        {
            var saved = await kept.SaveAsync(id, save.Revision, save.Document, cancel);
            await store.RecordAsync("cardSaved", "face", id, cancel);
            return TypedResults.Ok(saved);
        }).ProducesProblem(409).Called("saveWearerCard", "Keeps a wearer's card until its day, on top of the one that was read.");
        cards.MapDelete("/", async (string id, WearerCards kept, DocumentStore store, PlanMemory memory, CancellationToken cancel) =>
        {
            if (!await kept.DeleteAsync(id, cancel))
            {
                throw new InputException("card", ProblemCode.NoWearerCard);
            }

            // Plans that minded it are in the service's memory.
            memory.Forget();
            await store.RecordAsync("cardDeleted", "face", id, cancel);
            return TypedResults.NoContent();
        }).Called("removeWearerCard", "Deletes a wearer's card at once and for good.");
        cards.MapGet("/sheet", async (string id, string? paper, bool? blank, Library library, WearerCards kept, CancellationToken cancel) =>
        {
            var size = PaperSize.Find(paper ?? "A4") ?? throw new InputException("paper", ProblemCode.SheetPaper);
            var face = await library.FaceAsync(id, cancel);
            var card = blank == true ? null : (await kept.FindAsync(id, cancel))?.Card;
            return TypedResults.File(WearerCardSheet.Pdf(card is null ? null : face.Name, card ?? WearerCard.Blank(Today.Day), size), "application/pdf", "wearers-card.pdf");
        }).Computes().InBatch().Called("printWearerCard", "The card on paper, to sign; blank where nothing is kept.").Gives("application/pdf");
    }
}
