using System.ComponentModel.DataAnnotations;
using System.Text;
using Datura.Core.Briefs;
using Datura.Documents;
using Datura.Store;
using Datura.Store.Accounts;
using Datura.Web.Accounts;
using Datura.Web.Computing;

namespace Datura.Web;

/// <summary>From a word to whole faces.</summary>
public static class BriefEndpoints
{
    public static void MapBriefs(this IEndpointRouteBuilder routes)
    {
        var briefs = routes.MapGroup("/api/briefs").WithTags("Briefs").ProducesProblem(400).ProducesProblem(404);
        routes.MapDocuments(DocumentTypes.Idea, Of, Of);
        briefs.MapGet("/ideas", async (DocumentStore store, CancellationToken cancel) => TypedResults.Ok<IReadOnlyList<IdeaResource>>(
            [.. IdeaFiles.Shipped.Select(i => new IdeaResource(null, null, i.Name, i.Words, i.Leads)), .. (await store.AllAsync(DocumentTypes.Idea.Name, cancel)).Select(Of)]))
            .For(Role.Helper).Called("listKnownIdeas", "The ideas that a brief can name: those that ship with the program, then the studio's own.");
        briefs.MapGet("/ideas/{name}/file", (string name) => IdeaFiles.Shipped.FirstOrDefault(i => i.Name == name) is { } idea
            ? TypedResults.File(Encoding.UTF8.GetBytes(DocumentTypes.Idea.WriteFile(idea)), "application/json", $"{Slug.Of(name)}.idea.json")
            : throw new MissingDocumentException(DocumentTypes.Idea.Name, name))
            .For(Role.Helper).Called("exportShippedIdea", "An idea that ships with the program as a file, to make another of.").Gives("application/json");
        briefs.MapPost("/proposals", async (BriefRequest request, [Range(1, 12)] int? count, PlanService service, CancellationToken cancel) =>
            TypedResults.Ok<IReadOnlyList<ProposalResource>>([.. (await service.ProposeAsync(request, count ?? Proposals.Usual, cancel)).Select(Of)]))
            .Computes().Called("proposeLooks", "Whole faces for a brief, each sound, in its slot and of this kit; the same seed gives the same.");
        briefs.MapPost("/first", async (BriefRequest request, PlanService service, CancellationToken cancel) =>
            TypedResults.Ok<IReadOnlyList<ProposalResource>>(await service.ProposeFirstAsync(request, cancel) is { } first ? [Of(first)] : []))
            .Computes().Called("proposeFirst", "The first of the faces that a brief gives, before the others are drawn; none when it takes longer to find one.");
    }

    private static IdeaResource Of(StoredDocument stored)
    {
        var idea = Library.Document(DocumentTypes.Idea, stored);
        return new(stored.Id, stored.Revision, idea.Name, idea.Words, idea.Leads);
    }

    private static ProposalResource Of(Proposal p) => new(
        p.Title, p.Idea.Name, p.Look, p.Planned.Plan.TotalSeconds, p.Planned.Plan.Time.AtConfidenceSeconds, p.Planned.Plan.Steps.Count, [.. p.Planned.Plan.Stages.SkipLast(1).Select(s => s.EndSeconds)],
        [.. p.Whys.Select(w => w.Sentence)], [.. p.GivenUp.Select(g => g.Sentence)], [.. p.Tells]);
}
