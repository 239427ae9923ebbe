using System.Collections.Concurrent;
using Datura.Core.Supply;
using Datura.Documents;
using Datura.Store;

namespace Datura.Web;

/// <summary>Packs a case: every look planned on its face with the case's kit, and all of them together.</summary>
public sealed class CaseService(Library library, PlanService plans)
{
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
        return new(PackedCase.Of(packed, found, kit), SmallThing.For(found.Sum(l => l.Faces)), [.. packed.Lines.Select((_, k) => lines[k].Problem)]);
    }

    // What is gone or cannot be planned is told; the others are still packed.
    private async Task<(FaceSupply? Each, string? Problem)> OfAsync(CaseLine line, Case packed, string? firstFace, Kit kit, CancellationToken cancel)
    {
        try
        {
            var look = await library.LookAsync(line.Look, cancel);
            var planned = await plans.PlanAsync(new(look, line.Face ?? firstFace ?? "", packed.Kit, packed.Setting), cancel);
            return (FaceSupply.Of(planned, kit), null);
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
