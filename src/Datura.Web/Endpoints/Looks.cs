using System.Text;
using Datura.Core;
using Datura.Files.Json;
using Datura.Files.Pictures;
using Datura.Store;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Datura.Web;

/// <summary>A look with the revision it was read at.</summary>
public sealed record LookResource(string Id, int Revision, LookDocument Look);

/// <summary>A look to be saved on top of the revision that was read.</summary>
public sealed record LookSave(int Revision, LookDocument Look);

/// <summary>The answer to a save.</summary>
public sealed record Saved(string Id, int Revision);

/// <summary>Looks: list, read, save with all revisions kept, files in and out, pictures.</summary>
public static class LookEndpoints
{
    private const int GalleryWidth = 320;
    private const int GalleryHeight = 360;

    public static void MapLooks(this IEndpointRouteBuilder routes)
    {
        var looks = routes.MapGroup("/api/looks").WithTags("Looks").ProducesProblem(400).ProducesProblem(404);
        looks.MapGet("/", async (DocumentStore store) => TypedResults.Ok(await store.ListAsync(DocumentKind.Look)));
        looks.MapGet("/{id}", async (string id, Library library, int? revision) =>
        {
            var stored = await library.Store.GetAsync(DocumentKind.Look, id, revision);
            return TypedResults.Ok(new LookResource(id, stored.Revision, Library.Read<LookDocument>(stored.Body)));
        });
        looks.MapGet("/{id}/revisions", async (string id, DocumentStore store) =>
            TypedResults.Ok(await store.RevisionsAsync(DocumentKind.Look, id)));
        looks.MapPost("/", async (LookDocument look, DocumentStore store) => await Add(look, store));
        looks.MapPut("/{id}", async (string id, LookSave save, DocumentStore store) =>
        {
            var look = Checked(save.Look);
            return TypedResults.Ok(new Saved(id, await store.SaveAsync(DocumentKind.Look, id, save.Revision, look.Name, Library.Write(look))));
        }).ProducesProblem(409);
        looks.MapDelete("/{id}", async (string id, int revision, DocumentStore store) =>
        {
            await store.RemoveAsync(DocumentKind.Look, id, revision);
            return TypedResults.NoContent();
        }).ProducesProblem(409);
        looks.MapGet("/{id}/file", async (string id, Library library) =>
        {
            var look = await library.LookAsync(id);
            return TypedResults.File(Encoding.UTF8.GetBytes(LookFile.Write(look.ToLook())), "application/json", $"{id}.look.json");
        });
        looks.MapPost("/import", async (HttpRequest request, DocumentStore store) =>
        {
            using var reader = new StreamReader(request.Body);
            return await Add(LookFile.Read(await reader.ReadToEndAsync()), store);
        }).Accepts<LookDocument>("application/json", "text/plain", "application/octet-stream");
        looks.MapGet("/{id}/picture", async (string id, string face, string kit, string setting, Library library, PlanService plans) =>
        {
            var planned = await plans.PlanAsync(new(await library.LookAsync(id), face, kit, setting));
            var (rgba, width, height) = BustPicture.Finished(planned, BustView.Gallery, GalleryWidth, GalleryHeight);
            return TypedResults.File(Png.Of(rgba, width, height), "image/png");
        });
    }

    private static async Task<Created<Saved>> Add(LookDocument look, DocumentStore store)
    {
        Checked(look);
        var wanted = Slug(look.Name);
        for (var n = 1; ; n++)
        {
            var id = n == 1 ? wanted : $"{wanted}-{n}";
            try
            {
                await store.AddAsync(DocumentKind.Look, id, look.Name, Library.Write(look));
                return TypedResults.Created($"/api/looks/{id}", new Saved(id, 1));
            }
            catch (TakenIdException) when (n < 1000)
            {
                // Two looks may have the same name; they get ids that differ.
            }
        }
    }

    private static LookDocument Checked(LookDocument? look)
    {
        if (look?.Parts is null)
        {
            throw new BadInputException("look", "The request carries no look, or one without parts. Send a whole look.");
        }

        var problems = PlanCheck.OfLook(look.ToLook());
        return problems.Count == 0 ? look : throw new PlanException(problems);
    }

    internal static string Slug(string name)
    {
        var words = string.Concat(name.ToLowerInvariant().Select(c => char.IsAsciiLetterOrDigit(c) ? c : '-'));
        var slug = string.Join('-', words.Split('-', StringSplitOptions.RemoveEmptyEntries));
        return slug.Length == 0 ? "unnamed" : slug[..Math.Min(slug.Length, 60)];
    }
}
