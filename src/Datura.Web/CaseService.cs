using System.Collections.Concurrent;
using Datura.Core.Supply;
using Datura.Documents;
using Datura.Store;

namespace Datura.Web;

/// <summary>Packs a case: every look planned on its face with the case's kit, and all of them together.</summary>
public sealed class CaseService(Library library, PlanService plans, DocumentStore store)
{
    // Looks that a kit is asked about at once; each is planned.
    private const int MostAsked = 60;

    /// <exception cref="Exception">With a sentence: the case cannot be packed at all.</exception>
    public async Task<PackedResource> PackAsync(Case packed, CancellationToken cancel = default)
    {
        DocumentTypes.Case.Check(packed);
        var kit = await library.KitAsync(packed.Kit, cancel);
        var first = await library.FirstAsync(DocumentTypes.Face, cancel: cancel);
        var lines = new ConcurrentDictionary<int, (FaceSupply? Each, string? Problem)>();
        await Parallel.ForEachAsync(
            packed.Lines.Select((l, k) => (l, k)), new ParallelOptions { MaxDegreeOfParallelism = Environment.ProcessorCount, CancellationToken = cancel },
            async (one, stop) => lines[one.k] = await OfAsync(one.l, packed, first, kit, stop));
        (int Faces, FaceSupply Each)[] found = [.. packed.Lines.Select((l, k) => (l.Faces, lines[k].Each)).Where(l => l.Each is not null).Select(l => (l.Faces, l.Each!))];
        var all = PackedCase.Of(packed, found, kit);
        return new(all, SmallThing.For(found.Sum(l => l.Faces), [.. all.Paints.Select(p => p.Material)]), [.. packed.Lines.Select((_, k) => lines[k].Problem)], CaseCalendar.Of(packed, all));
    }

    /// <summary>The smallest kit for a case's looks. Lines that cannot be planned are left out.</summary>
    public async Task<FewestThings> FewestAsync(Case packed, CancellationToken cancel = default)
    {
        DocumentTypes.Case.Check(packed);
        var (kit, first) = (await library.KitAsync(packed.Kit, cancel), await library.FirstAsync(DocumentTypes.Face, cancel: cancel));
        var menu = new List<(int Faces, Core.PlannedLook Planned)>();
        foreach (var line in packed.Lines)
        {
            if ((await PlannedAsync(line, packed, first, cancel)).Planned is { } planned)
            {
                menu.Add((line.Faces, planned));
            }
        }

        return FewestThings.Of(menu, kit, cancel);
    }

    /// <summary>How many faces of every look what is in a kit still paints, the fewest first.</summary>
    /// <param name="shortChance">Of running out that is put up with.</param>
    public async Task<IReadOnlyList<StillPaintsResource>> StillPaintsAsync(string kitId, string face, string setting, double shortChance, CancellationToken cancel = default)
    {
        var kit = await library.KitAsync(kitId, cancel);
        var found = new ConcurrentBag<StillPaintsResource>();
        var looks = (await store.AllAsync(DocumentTypes.Look.Name, cancel)).Select(d => (d.Id, Look: Library.Document(DocumentTypes.Look, d)))
            .Where(l => l.Look.Parts.SelectMany(p => p.Paints.Values).SelectMany(m => m.Shares).All(s => kit.Paints.Any(p => p.Id == s.Paint))).Take(MostAsked).ToArray();
        await Parallel.ForEachAsync(looks, new ParallelOptions { MaxDegreeOfParallelism = Environment.ProcessorCount, CancellationToken = cancel }, async (look, stop) =>
        {
            try
            {
                var still = StillPaints.Of(FaceSupply.Of(await plans.PlanAsync(new(look.Look, face, kitId, setting), stop), kit), kit, shortChance);
                found.Add(new(look.Id, look.Look.Name, still.Faces, still.FirstGone, still.NotLookedAt));
            }
            catch (Exception problem) when (problem is PlanException or InputException or MeasureException)
            {
                // What cannot be planned cannot be painted, and is told in the workspace.
            }
        });
        return [.. found.OrderBy(s => s.Faces ?? int.MaxValue).ThenBy(s => s.Name, StringComparer.Ordinal)];
    }

    // What is gone or cannot be planned is told; the others are still packed.
    private async Task<(FaceSupply? Each, string? Problem)> OfAsync(CaseLine line, Case packed, string? firstFace, Kit kit, CancellationToken cancel)
    {
        var (planned, problem) = await PlannedAsync(line, packed, firstFace, cancel);
        return (planned is null ? null : FaceSupply.Of(planned, kit), problem);
    }

    private async Task<(Core.PlannedLook? Planned, string? Problem)> PlannedAsync(CaseLine line, Case packed, string? firstFace, CancellationToken cancel)
    {
        try
        {
            var look = await library.LookAsync(line.Look, cancel);
            return (await plans.PlanAsync(new(look, line.Face ?? firstFace ?? "", packed.Kit, packed.Setting), cancel), null);
        }
        catch (MissingDocumentException gone)
        {
            return (null, Problem.Of("lines", ProblemCode.NoSuchDocument, ("kind", gone.Kind), ("id", gone.Id)).Sentence);
        }
        catch (Exception problem) when (problem is PlanException or InputException or MeasureException)
        {
            return (null, problem.Message);
        }
    }
}
