using Datura.Documents;
using Datura.Files.Sheets;
using Datura.Store;
using Datura.Web.Computing;

namespace Datura.Web;

/// <summary>Days at a booth: what is offered, who waits how long, when to close the queue.</summary>
public static class DayEndpoints
{
    public static void MapDays(this IEndpointRouteBuilder routes)
    {
        var days = routes.MapDocuments(DocumentTypes.Day, d => new DocumentHead(d.Id, d.Name, d.Revision), d => new DayResource(d.Id, d.Revision, Library.Document(DocumentTypes.Day, d)));
        days.MapPost("/forecast", async (BoothDay day, DayService service, CancellationToken cancel) => TypedResults.Ok(await service.ForecastAsync(day, cancel)))
            .Computes().InBatch().Called("forecastDay", "Waits by the hour, faces, who leaves, when to close the queue, and what another menu or one more painter changes.");
        days.MapPost("/menu", async (BoothDay day, string? paper, DayService service, CancellationToken cancel) =>
        {
            var size = PaperSize.FindMenu(paper ?? "A4") ?? throw new InputException("paper", ProblemCode.MenuPaper);
            return TypedResults.File(MenuSheet.Pdf(day, await service.OffersAsync(day, cancel), size), "application/pdf", $"{Slug.Of(day.Name)} menu.pdf");
        })
            .Computes().InBatch().Called("printMenu", "The menu on one page, poster to card: a picture of every look that is offered, its minutes and its price.").Gives("application/pdf");
    }
}
