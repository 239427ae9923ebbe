using System.Globalization;
using Datura.Documents;
using Datura.Store.Accounts;
using Datura.Web.Accounts;
using Datura.Web.Computing;

namespace Datura.Web;

/// <summary>The studio as a whole.</summary>
public static class StudioEndpoints
{
    private const string Zip = "application/zip";

    public static void MapStudio(this IEndpointRouteBuilder routes)
    {
        var studio = routes.MapGroup("/api/studio").WithTags("Studio").ProducesProblem(400);
        studio.MapGet("/file", async (WholeStudio whole, CancellationToken cancel) => TypedResults.File(
            await whole.FileAsync(cancel), Zip, string.Create(CultureInfo.InvariantCulture, $"studio {DateTime.UtcNow:yyyy-MM-dd}.zip")))
            .Computes().InBatch().For(Role.Owner).Called("exportStudio", "All looks, faces, kits and settings as one archive of their files.").Gives(Zip);
        studio.MapPost("/file", async (HttpRequest request, WholeStudio whole, CancellationToken cancel) =>
        {
            using var bytes = new MemoryStream();
            await request.Body.CopyToAsync(bytes, cancel);
            return TypedResults.Ok(await whole.BringInAsync(bytes.ToArray(), cancel));
        })
            .Computes().InBatch().For(Role.Owner).Accepts<byte[]>(Zip, "application/octet-stream")
            .WithMetadata(new Microsoft.AspNetCore.Mvc.RequestSizeLimitAttribute(StudioFile.MostBytes))
            .Called("importStudio", "Adds what the archive of a studio holds and this one does not have; nothing that is here is changed.");
    }
}
