using System.Net.Mime;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using Datura.Documents;
using Datura.Store;
using Datura.Store.Accounts;
using Datura.Web.Accounts;
using Microsoft.AspNetCore.Mvc;
using Microsoft.Extensions.Options;
using JsonOptions = Microsoft.AspNetCore.Http.Json.JsonOptions;

namespace Datura.Web;

/// <summary>
/// What every kind of document can do, the same for all: listed and searched, read at any revision, saved with a refusal when stale, removed
/// and put back, compared and restored, into a file and out of one.
/// </summary>
public static class DocumentEndpoints
{
    /// <typeparam name="TListed">How one stands in a list.</typeparam>
    /// <typeparam name="TRead">How one is read.</typeparam>
    /// <returns>The group, for what only this kind can do.</returns>
    public static RouteGroupBuilder MapDocuments<T, TListed, TRead>(
        this IEndpointRouteBuilder routes, DocumentType<T> type, Func<StoredDocument, TListed> listed, Func<StoredDocument, TRead> read)
        where T : class
    {
        var (one, many) = (Capital(type.Name), Capital(type.Plural));
        var group = routes.MapGroup($"/api/{type.Plural}").WithTags(many).ProducesProblem(400).ProducesProblem(404);
        group.MapGet("/", async (DocumentStore store, CancellationToken cancel) =>
            TypedResults.Ok((IReadOnlyList<TListed>)[.. (await store.AllAsync(type.Name, cancel)).Select(listed)]))
            .Called($"list{many}", $"All {type.Plural} of the studio, by name.");
        group.MapGet("/find", async (DocumentStore store, string? name, bool? removed, CancellationToken cancel) =>
            TypedResults.Ok(await store.ListAsync(type.Name, name, removed ?? false, cancel)))
            .Called($"find{many}", $"The {type.Plural} with some letters in their name; or those that were removed.");
        // A crew that opens one look at the call asks once: read, made new and written once for all who ask for it at the same time (docs/operate.md).
        AskedTogetherByKey<(string? Studio, string Id, int? Revision), byte[]> crew = new();
        group.MapGet("/{id}", async (string id, int? revision, DocumentStore store, Caller caller, IOptions<JsonOptions> json) => TypedResults.File(
            await crew.AskAsync((caller.Studio, id, revision), async () =>
                JsonSerializer.SerializeToUtf8Bytes(read(await store.GetAsync(type.Name, id, revision)), json.Value.SerializerOptions)),
            MediaTypeNames.Application.Json))
            .Produces<TRead>(200, MediaTypeNames.Application.Json).Called($"read{one}", $"A {type.Name}, as it is or as it was at a revision.");
        // As delegates of their own: the framework's analyzer fails on a lambda that takes a type parameter.
        var add = async (T document, [FromHeader(Name = SaveKey.Header)] string? key, Library library, CancellationToken cancel) =>
        {
            var saved = await library.AddAsync(type, document, SaveKey.Checked(key), cancel);
            return TypedResults.Created($"/api/{type.Plural}/{saved.Id}", saved);
        };
        var save = async (string id, Save<T> save, [FromHeader(Name = SaveKey.Header)] string? key, Library library, CancellationToken cancel) =>
            TypedResults.Ok(await library.SaveAsync(type, id, save, SaveKey.Checked(key), cancel));
        group.MapPost("/", add).Called($"add{one}", $"A new {type.Name}.");
        group.MapPut("/{id}", save)
            .ProducesProblem(409).Called($"save{one}", $"Saves a {type.Name} on top of the revision that was read; refused when somebody saved in between.");
        group.MapDelete("/{id}", async (string id, int revision, DocumentStore store, CancellationToken cancel) =>
        {
            await store.RemoveAsync(type.Name, id, revision, cancel);
            return TypedResults.NoContent();
        }).ProducesProblem(409).Called($"remove{one}", $"Takes a {type.Name} off the lists; it can be put back for {Bin.Days} days.");
        group.MapDelete("/{id}/for-good", async (string id, DocumentStore store, MemberStore members, PlanMemory memory, Caller caller, CancellationToken cancel) =>
        {
            await store.EraseAsync(type.Name, id, cancel);
            await members.RemoveGuestLinksToAsync(caller.Studio!, type.Name, id, cancel);
            memory.Forget();
            return TypedResults.NoContent();
        }).For(Role.Owner).Called($"erase{one}", $"Deletes a {type.Name} for good, with every save of it and every guest's link to it.");
        group.MapPost("/{id}/put-back", async (string id, DocumentStore store, CancellationToken cancel) =>
            TypedResults.Ok(new Saved(id, await store.PutBackAsync(type.Name, id, cancel))))
            .Called($"putBack{one}", $"Puts a removed {type.Name} back as it was.");
        group.MapGet("/{id}/revisions", async (string id, DocumentStore store, CancellationToken cancel) => TypedResults.Ok(await store.RevisionsAsync(type.Name, id, cancel)))
            .Called($"list{one}Revisions", $"Every save of a {type.Name}, newest first.");
        group.MapGet("/{id}/revisions/differences", async (string id, int from, int to, DocumentStore store, CancellationToken cancel) =>
        {
            var (before, after) = (await store.GetAsync(type.Name, id, from, cancel), await store.GetAsync(type.Name, id, to, cancel));
            // Both as the newest version of the format says it, so that only what the painter changed differs.
            return TypedResults.Ok(DocumentDifferences.Of(JsonNode.Parse(type.Write(type.Read(before.Body))), JsonNode.Parse(type.Write(type.Read(after.Body)))));
        }).Called($"compare{one}Revisions", $"What differs between two saves of a {type.Name}.");
        group.MapPost("/{id}/revisions/{revision}/restore", async (string id, int revision, int read, Library library, DocumentStore store, CancellationToken cancel) =>
        {
            var old = Library.Document(type, await store.GetAsync(type.Name, id, revision, cancel));
            return TypedResults.Ok(await library.SaveAsync(type, id, new(read, old), cancel: cancel));
        }).ProducesProblem(409).Called($"restore{one}", $"Saves an old revision of a {type.Name} anew, on top of the revision that was read.");
        group.MapGet("/{id}/file", async (string id, Library library, CancellationToken cancel) => TypedResults.File(
            Encoding.UTF8.GetBytes(type.WriteFile(await library.GetAsync(type, id, cancel))), "application/json", $"{id}.{type.Name}.json"))
            .Produces<T>(200, "application/json").Called($"export{one}", $"A {type.Name} as a file.");
        group.MapPost("/import", async (HttpRequest request, Library library, CancellationToken cancel) =>
        {
            using var reader = new StreamReader(request.Body);
            var document = type.ReadFile(await reader.ReadToEndAsync(cancel));
            SoundBody.Check(document);
            var saved = await library.AddAsync(type, document, cancel: cancel);
            return TypedResults.Created($"/api/{type.Plural}/{saved.Id}", saved);
        }).Accepts<string>("application/json", "text/plain", "application/octet-stream").Called($"import{one}", $"A new {type.Name} from a file.");
        routes.MapGet($"/schemas/{type.Name}-{type.FormatVersion}.schema.json", () => TypedResults.Text(type.SchemaText, "application/schema+json")).WithTags("Words")
            .Called($"read{one}Schema", $"The schema of {type.Name} files.").Gives("application/schema+json");
        return group;
    }

    private static string Capital(string word) => $"{char.ToUpperInvariant(word[0])}{word[1..]}";
}
