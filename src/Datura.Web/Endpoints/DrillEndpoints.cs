using Datura.Documents;
using Datura.Files.Sheets;
using Datura.Store;
using Datura.Web.Computing;

namespace Datura.Web;

/// <summary>Practice: what is worth it, sheets to practise on, and what a photo of one says.</summary>
public static class DrillEndpoints
{
    public static void MapDrills(this IEndpointRouteBuilder routes)
    {
        var drills = routes.MapDocuments(DocumentTypes.Drills, b => new DocumentHead(b.Id, b.Name, b.Revision), b => new DrillBookResource(b.Id, b.Revision, Library.Document(DocumentTypes.Drills, b)));
        drills.MapPost("/advice", async (DrillBook book, string look, string? face, string? kit, string? setting, DateOnly today, DrillService service, CancellationToken cancel) =>
            TypedResults.Ok(await service.AdviceAsync(book, look, face, kit, setting, today, cancel)))
            .Computes().InBatch().Called("adviseDrills", "What is worth practising for a look, most first, and how far each is in hand.");
        drills.MapPost("/lay", async (DrillRequest drill, DrillService service, CancellationToken cancel) =>
            TypedResults.Ok(DrillSheetResource.Of(await service.LayAsync(drill, cancel), DrillService.Words(drill))))
            .Computes().Called("layDrill", "A stroke or a part laid on a card, a hand or a forearm.");
        drills.MapPost("/sheet.pdf", async (DrillRequest drill, string? title, string? paper, DrillService service, CancellationToken cancel) =>
        {
            var size = PaperSize.Find(paper ?? "A4") ?? throw new InputException("paper", ProblemCode.SheetPaper);
            var heading = Limits.IsName(title) ? title! : "Practice";
            return TypedResults.File(DrillSheetPdf.Pdf(heading, await service.LayAsync(drill, cancel), DrillService.Words(drill), size), "application/pdf", $"{Slug.Of(heading)}.pdf");
        })
            .Computes().InBatch().Called("printDrill", "The same on paper at true size, with marks to measure a photo by.").Gives("application/pdf");
        drills.MapPost("/score", async (DrillPhotoRequest photo, DrillService service, CancellationToken cancel) => TypedResults.Ok(await service.ScoreAsync(photo, cancel)))
            .Computes().InBatch().Called("scoreDrill", "How a painted sheet differs from what it should be, off a picture of it from straight above. The picture is not kept.");
    }
}
