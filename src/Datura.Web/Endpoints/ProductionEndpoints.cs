using System.Text;
using Datura.Documents;
using Datura.Files.Calendars;
using Datura.Files.Sheets;
using Datura.Store;
using Datura.Web.Computing;

namespace Datura.Web;

/// <summary>Productions: who sits down when before whom, so that all are ready by the bell.</summary>
public static class ProductionEndpoints
{
    public static void MapProductions(this IEndpointRouteBuilder routes)
    {
        var productions = routes.MapDocuments(
            DocumentTypes.Production, p => new DocumentHead(p.Id, p.Name, p.Revision), p => new ProductionResource(p.Id, p.Revision, Library.Document(DocumentTypes.Production, p)));
        productions.MapPost("/call", async (Production production, int evening, ProductionService service, CancellationToken cancel) => TypedResults.Ok(await service.CallAsync(production, evening, cancel)))
            .Computes().InBatch().Called("planCalls", "The call sheet of an evening; where one is out already, with as little changed as can be.");
        productions.MapPost("/calls.pdf", async (Production production, int evening, string? of, string? paper, Library library, CancellationToken cancel) =>
        {
            DocumentTypes.Production.Check(production);
            var size = PaperSize.Find(paper ?? "A4") ?? throw new InputException("paper", ProblemCode.SheetPaper);
            var performance = evening >= 0 && evening < production.Performances.Count ? production.Performances[evening]
                : throw new InputException("evening", ProblemCode.ProductionNoSuchEvening, ("number", evening + 1));
            return TypedResults.File(CallSheetPdf.Pdf(production, performance, of, await NamesAsync(library, cancel), size), "application/pdf", $"{Slug.Of(production.Name)} {performance.On:yyyy-MM-dd}.pdf");
        })
            .Computes().InBatch().Called("printCalls", "The call sheet of an evening that is out, on paper: of all, or of one painter or wearer.").Gives("application/pdf");
        productions.MapGet("/{id}/calls.ics", async (string id, string? of, Library library, CancellationToken cancel) =>
        {
            var stored = await library.StoredAsync(DocumentTypes.Production, id, null, cancel);
            var production = Library.Document(DocumentTypes.Production, stored);
            return TypedResults.File(
                Encoding.UTF8.GetBytes(CallCalendarFile.Of(id, stored.Revision, production, of, await NamesAsync(library, cancel), DateTime.UtcNow)), CaseCalendarFile.MediaType, $"{Slug.Of(production.Name)}.ics");
        })
            .Called("exportCallCalendar", "All calls that are out for a calendar, of all or of one painter or wearer.").Gives(CaseCalendarFile.MediaType);
        productions.MapPost("/availability", (AvailabilityRequest request) => TypedResults.Ok(AvailabilityFile.Read(request.Calendar, request.Days)))
            .Computes().Called("readAvailability", "When somebody cannot come on given days, out of a calendar file.");
    }

    private static async Task<Func<string, string>> NamesAsync(Library library, CancellationToken cancel)
    {
        var names = (await library.HeadsAsync(DocumentTypes.Look, cancel)).ToDictionary(d => d.Id, d => d.Name);
        return id => names.GetValueOrDefault(id, id);
    }
}
