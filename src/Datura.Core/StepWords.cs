using Datura.Core.Hands;
using Datura.Core.Order;

namespace Datura.Core;

/// <summary>What is said of a step beside its paint and tool: the painter's own words, and how a split load is pressed.</summary>
internal static class StepWords
{
    public static IReadOnlyList<string> Of(Step step)
    {
        var named = step.Jobs.Select(j => j.PartLabel).Distinct().Count() > 1;
        var own = step.Jobs.Where(j => j.Lay.Words is not null).Select(j => named ? $"{j.PartLabel}: {j.Lay.Words}" : j.Lay.Words!);
        return [.. own.Concat(step.Jobs.Where(j => j.Lay.Split is not null).SelectMany(OfSplit)).Distinct()];
    }

    // Common practice.
    private static IEnumerable<string> OfSplit(CoatJob job)
    {
        yield return Catalogue.Of(ToolForms.IsSponge(job.Hand.Tool.Form) ? RemarkCode.SplitPressed : RemarkCode.SplitStroked).Text;
        if (job.Lay.Split!.Flipped && job.Marks.Any(m => m.Side == Side.Left) && job.Marks.Any(m => m.Side == Side.Right))
        {
            yield return Catalogue.Of(RemarkCode.SplitTurnedOver).Text;
        }
    }
}
