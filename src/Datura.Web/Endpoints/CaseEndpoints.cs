using System.Text;
using Datura.Documents;
using Datura.Files.Calendars;
using Datura.Files.Sheets;
using Datura.Store;
using Datura.Web.Computing;

namespace Datura.Web;

/// <summary>Cases: what goes along for so many faces in these looks.</summary>
public static class CaseEndpoints
{
    public static void MapCases(this IEndpointRouteBuilder routes)
    {
        var cases = routes.MapDocuments(DocumentTypes.Case, c => new DocumentHead(c.Id, c.Name, c.Revision), c => new CaseResource(c.Id, c.Revision, Library.Document(DocumentTypes.Case, c)));
        cases.MapPost("/pack", async (Case packed, CaseService service, CancellationToken cancel) => TypedResults.Ok(await service.PackAsync(packed, cancel)))
            .Computes().Called("packCase", "Paints, tools and small things for every face of a case; enough but for a chance.");
        cases.MapPost("/fewest", async (Case packed, CaseService service, CancellationToken cancel) => TypedResults.Ok(await service.FewestAsync(packed, cancel)))
            .Computes().InBatch().Called("findFewestThings", "The smallest kit for a case's looks: tools against minutes, paints against colour.");
        cases.MapPost("/calendar.ics", async (Case packed, CaseService service, CancellationToken cancel) =>
        {
            var found = await service.PackAsync(packed, cancel);
            return TypedResults.File(Encoding.UTF8.GetBytes(CaseCalendarFile.Of(Slug.Of(packed.Name), found.Calendar, DateTime.UtcNow)), CaseCalendarFile.MediaType, $"{Slug.Of(packed.Name)}.ics");
        })
            .Computes().InBatch().Called("exportCaseCalendar", "What must be done on which day, for a calendar.").Gives(CaseCalendarFile.MediaType);
        cases.MapPost("/list.csv", async (Case packed, CaseService service, CancellationToken cancel) =>
        {
            var found = await service.PackAsync(packed, cancel);
            return TypedResults.File(Encoding.UTF8.GetBytes(PackingTable.Csv(found.Packed, found.Small)), "text/csv", $"{Slug.Of(packed.Name)}.csv");
        })
            .Computes().InBatch().Called("tablePackingList", "The packing list as a table.").Gives("text/csv");
        cases.MapPost("/sheet", async (Case packed, string? paper, CaseService service, Library library, CancellationToken cancel) =>
        {
            var size = PaperSize.Find(paper ?? "A4") ?? throw new InputException("paper", ProblemCode.SheetPaper);
            var found = await service.PackAsync(packed, cancel);
            var kit = await library.KitAsync(packed.Kit, cancel);
            return TypedResults.File(PackingSheet.Pdf(packed, kit.Name, found.Packed, found.Small, size), "application/pdf", $"{Slug.Of(packed.Name)} case.pdf");
        })
            .Computes().InBatch().Called("printPackingList", "The packing list on paper, with boxes to tick.").Gives("application/pdf");
    }
}
