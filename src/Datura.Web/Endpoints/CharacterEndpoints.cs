using Datura.Core.Characters;
using Datura.Documents;
using Datura.Files.Sheets;
using Datura.Store;
using Datura.Web.Computing;

namespace Datura.Web;

/// <summary>Characters: rules for several wearers, and how their looks keep to them.</summary>
public static class CharacterEndpoints
{
    public static void MapCharacters(this IEndpointRouteBuilder routes)
    {
        var characters = routes.MapDocuments(
            DocumentTypes.Character, c => new DocumentHead(c.Id, c.Name, c.Revision), c => new CharacterResource(c.Id, c.Revision, Library.Document(DocumentTypes.Character, c)));
        characters.MapGet("/of-look/{look}", async (string look, DocumentStore store, CancellationToken cancel) =>
            TypedResults.Ok<IReadOnlyList<CharacterResource>>([.. (await store.AllAsync(DocumentTypes.Character.Name, cancel))
                .Select(c => new CharacterResource(c.Id, c.Revision, Library.Document(DocumentTypes.Character, c))).Where(c => c.Character.Wearers.Any(w => w.Look == look))]))
            .Called("listCharactersOfLook", "The characters that a look is held to.");
        characters.MapPost("/from-look", async (PlanRequest request, PlanService plans, CancellationToken cancel) =>
        {
            var planned = await plans.PlanAsync(request, cancel);
            var kit = await plans.KitAsync(request, cancel);
            return TypedResults.Ok(CharacterOf.Of((await plans.OnKitAsync(request.Look, kit, cancel)).Look, planned, kit));
        })
            .Computes().Called("draftCharacter", "Every rule that a look gives, not kept yet, for the painter to strike out what does not matter.");
        characters.MapPost("/conformity", async (CharacterRequest request, CharacterService service, CancellationToken cancel) =>
            TypedResults.Ok(await service.ConformityAsync(request, cancel)))
            .Computes().Called("judgeWearers", "Every wearer's look held against every rule.");
        characters.MapPost("/mend", async (MendRequest request, CharacterService service, CancellationToken cancel) =>
            TypedResults.Ok(await service.MendAsync(request, cancel)))
            .Computes().Called("mendWearer", "The smallest change of a wearer's look that meets a rule and breaks no other.");
        characters.MapPost("/sheet", async (CharacterRequest request, string? paper, CharacterService service, CancellationToken cancel) =>
        {
            var size = PaperSize.Find(paper ?? "A4") ?? throw new InputException("paper", ProblemCode.SheetPaper);
            var (character, worn) = await service.WornAsync(request, cancel);
            CharacterSheet.Column[] columns = [.. worn.Where(w => w.Planned is not null).Select(w => new CharacterSheet.Column(w.FaceName, w.Look!, w.Planned!, w.Kit!))];
            return TypedResults.File(CharacterSheet.Pdf(character, columns, size, await service.ReferencesAsync(character, cancel)), "application/pdf", $"{Slug.Of(character.Name)} crew.pdf");
        })
            .Computes().InBatch().Called("printCrewSheet", "Rules with pictures, then every wearer's millimetres side by side.").Gives("application/pdf");
    }
}
