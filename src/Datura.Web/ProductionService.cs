using System.Collections.Concurrent;
using Datura.Core.Calls;
using Datura.Documents;
using Datura.Store;

namespace Datura.Web;

/// <summary>Plans the calls of an evening: every wearer's look for its minutes, then the sheet.</summary>
public sealed class ProductionService(Library library, PlanService plans)
{
    // Of minutes that somebody gives themselves: a sixth, as the same face varies from evening to evening (by judgement).
    private const double OwnVariation = 1 / 6.0;

    // Nine tenths of a bell curve lie below so many standard deviations above its middle.
    private const double NineTenths = 1.2816;

    /// <exception cref="InputException">There is no such evening, or the production cannot be.</exception>
    public async Task<CallSheetResource> CallAsync(Production production, int evening, CancellationToken cancel)
    {
        DocumentTypes.Production.Check(production);
        if (evening < 0 || evening >= production.Performances.Count)
        {
            throw new InputException("evening", ProblemCode.ProductionNoSuchEvening, ("number", evening + 1));
        }

        var performance = production.Performances[evening];
        var first = await library.FirstAsync(DocumentTypes.Face, cancel: cancel) ?? "";
        var lines = new ConcurrentDictionary<int, WearerTime>();
        await Parallel.ForEachAsync(
            production.Wearers.Index(), new ParallelOptions { MaxDegreeOfParallelism = Environment.ProcessorCount, CancellationToken = cancel },
            async (one, stop) => lines[one.Index] = await TimeAsync(production, performance, one.Item, first, stop));
        WearerTime[] times = [.. production.Wearers.Select((_, k) => lines[k])];
        // Whose look cannot be planned is not called; the others still are.
        var able = production with { Wearers = [.. production.Wearers.Where((_, k) => times[k].Minutes is not null)] };
        var problem = CallProblem.Of(able, performance, [.. times.Where(t => t.Minutes is not null).Select(t => (t.Minutes!.Value, t.SdMinutes!.Value))]);
        return new(CallSheet.Of(problem, performance.Calls.Count > 0 ? performance.Calls : null), times, PatchNote.All(production));
    }

    private async Task<WearerTime> TimeAsync(Production production, Performance evening, CallWearer wearer, string first, CancellationToken cancel)
    {
        var understudy = evening.Understudies.FirstOrDefault(u => u.For == wearer.Name);
        if (wearer.OwnMinutes is { } own)
        {
            return new(own, OwnVariation * own, understudy?.Name, null);
        }

        try
        {
            var face = (understudy is null ? wearer.Face : understudy.Face) ?? first;
            var plan = (await plans.PlanAsync(new(await library.LookAsync(wearer.Look, cancel), face, production.Kit, production.Setting), withCard: false, cancel)).Plan;
            return new(Math.Max(0.5, plan.TotalSeconds / 60), (plan.Time.HighSeconds - plan.Time.LowSeconds) / 60 / (2 * NineTenths), understudy?.Name, null);
        }
        catch (MissingDocumentException gone)
        {
            return new(null, null, understudy?.Name, Problem.Of("wearers", ProblemCode.NoSuchDocument, ("kind", gone.Kind), ("id", gone.Id)).Sentence);
        }
        catch (Exception problem) when (problem is PlanException or InputException or MeasureException)
        {
            return new(null, null, understudy?.Name, problem.Message);
        }
    }
}
