using System.Collections.Concurrent;
using Datura.Core;
using Datura.Core.Characters;
using Datura.Documents;
using Datura.Files.Pictures;
using Datura.Store;

namespace Datura.Web;

/// <summary>Wearers of a character: each look planned on its face, and held against the rules.</summary>
public sealed class CharacterService(Library library, PlanService plans)
{
    /// <summary>A wearer's look planned; without a plan, why not.</summary>
    public sealed record Worn(Wearer Wearer, string FaceName, string LookName, Look? Look, Kit? Kit, PlannedLook? Planned, string? Problem);

    /// <exception cref="Exception">With a sentence: the rules cannot be.</exception>
    public async Task<ConformityResource> ConformityAsync(CharacterRequest request, CancellationToken cancel = default)
    {
        var (character, worn) = await WornAsync(request, cancel);
        return new(
            character.Palette.ToDictionary(c => c.Id, c => Srgb.From(c.Colour).Hex),
            [.. Conformity.Demands(character).Select(d => new CharacterRuleResource(d.Rule, d.Part, d.Demand.Sentence))],
            [.. worn.AsParallel().AsOrdered().WithCancellation(cancel).Select(w => Of(character, w))]);
    }

    /// <summary>All wearers, planned on as many cores as there are.</summary>
    public async Task<(Character Character, IReadOnlyList<Worn> Worn)> WornAsync(CharacterRequest request, CancellationToken cancel = default)
    {
        DocumentTypes.Character.Check(request.Character);
        var planned = new ConcurrentDictionary<int, Worn>();
        await Parallel.ForEachAsync(
            request.Character.Wearers.Select((w, k) => (w, k)),
            new ParallelOptions { MaxDegreeOfParallelism = Environment.ProcessorCount, CancellationToken = cancel },
            async (one, stop) => planned[one.k] = await WornAsync(one.w, request.SettingId, stop));
        return (request.Character, [.. planned.OrderBy(p => p.Key).Select(p => p.Value)]);
    }

    /// <summary>Its pictures that the studio still has.</summary>
    public async Task<IReadOnlyList<ReferencePicture>> ReferencesAsync(Character character, CancellationToken cancel = default)
    {
        var found = new List<ReferencePicture>();
        foreach (var id in character.References)
        {
            try
            {
                found.Add(await library.GetAsync(DocumentTypes.Reference, id, cancel));
            }
            catch (MissingDocumentException)
            {
                // Taken out of the studio since.
            }
        }

        return found;
    }

    /// <summary>The smallest change of a wearer's look that meets a rule.</summary>
    public async Task<MendedLook> MendAsync(MendRequest request, CancellationToken cancel = default)
    {
        DocumentTypes.Character.Check(request.Character);
        var stored = await library.StoredAsync(DocumentTypes.Look, request.Wearer.Look, null, cancel);
        var look = Library.Document(DocumentTypes.Look, stored);
        var ask = await plans.UsualAsync(look, request.Wearer.Face, null, request.SettingId, cancel);
        var (face, kit, setting) = (await library.FaceAsync(ask.FaceId, cancel), await library.KitAsync(ask.KitId, cancel), await library.SettingAsync(ask.SettingId, cancel));
        var (body, (onKit, _)) = (await plans.BodyAsync(face.MeasuresMm, cancel), await plans.OnKitAsync(look, kit, cancel));
        var mended = Conformity.SmallestChange(request.Character, request.Rule, onKit, kit, l => Planner.Plan(l, face, body, kit, setting, cancel: cancel));
        return new(mended, stored.Revision, mended is null ? [] : DocumentDifferences.Of(Node(look), Node(mended)));

        static System.Text.Json.Nodes.JsonNode Node(Look of) => System.Text.Json.Nodes.JsonNode.Parse(DocumentTypes.Look.Write(of))!;
    }

    // One who is gone, or whose look cannot be planned, is told; the others are still judged.
    private async Task<Worn> WornAsync(Wearer wearer, string settingId, CancellationToken cancel)
    {
        var (faceName, lookName) = (wearer.Face, wearer.Look);
        try
        {
            faceName = (await library.FaceAsync(wearer.Face, cancel)).Name;
            var look = await library.LookAsync(wearer.Look, cancel);
            lookName = look.Name;
            var ask = await plans.UsualAsync(look, wearer.Face, null, settingId, cancel);
            var kit = await library.KitAsync(ask.KitId, cancel);
            return new(wearer, faceName, lookName, (await plans.OnKitAsync(look, kit, cancel)).Look, kit, await plans.PlanAsync(ask, cancel), null);
        }
        catch (MissingDocumentException gone)
        {
            return new(wearer, faceName, lookName, null, null, null, Problem.Of("wearers", ProblemCode.NoSuchDocument, ("kind", gone.Kind), ("id", gone.Id)).Sentence);
        }
        catch (Exception problem) when (problem is PlanException or InputException or MeasureException)
        {
            return new(wearer, faceName, lookName, null, null, null, problem.Message);
        }
    }

    private static WearerResource Of(Character character, Worn worn)
    {
        if (worn is not { Planned: { } planned, Look: { } look, Kit: { } kit })
        {
            return new(worn.Wearer.Face, worn.FaceName, worn.Wearer.Look, worn.LookName, worn.Problem, 0, 0, 0, []);
        }

        var findings = Conformity.Of(character, look, planned, kit);
        int Count(RuleState state) => findings.Count(f => f.State == state);
        return new(worn.Wearer.Face, worn.FaceName, worn.Wearer.Look, worn.LookName, null, Count(RuleState.Met), Count(RuleState.Off), Count(RuleState.NotDecided), [.. findings.Select(f => Of(f, planned))]);
    }

    private static RuleFindingResource Of(RuleFinding finding, PlannedLook planned)
    {
        var at = finding.State == RuleState.Off ? BustPins.Of(planned, finding.LookParts, LookEndpoints.GalleryWidth, LookEndpoints.GalleryHeight) : null;
        return new(finding.Rule, finding.State, finding.LookParts, finding.Found.Sentence, Math.Round(finding.OffBy, 3), at?.X, at?.Y);
    }
}
