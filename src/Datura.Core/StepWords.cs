using Datura.Core.Hands;
using Datura.Core.Order;

namespace Datura.Core;

/// <summary>What is said of a step beside its paint and tool: the painter's own words, how a split load is pressed, and what the wearer is asked to do.</summary>
internal static class StepWords
{
    /// <param name="parts">The parts of the step.</param>
    public static IReadOnlyList<string> Of(Step step, IReadOnlyList<ExpandedPart> parts)
    {
        var named = step.Jobs.Select(j => j.PartLabel).Distinct().Count() > 1;
        var own = step.Jobs.Where(j => j.Lay.Words is not null).Select(j => named ? $"{j.PartLabel}: {j.Lay.Words}" : j.Lay.Words!);
        // Folds are found before they are painted, so it is asked for with a part's first coat.
        var cues = parts.Where(p => step.Stage != Stage.Map && step.Jobs.Any(j => j.PartId == p.Part.Id && j.Layer == 0)).Select(p => p.Kind.Cue).OfType<RemarkCode>().Select(c => Catalogue.Of(c).Text);
        var lids = step.FirstLidDriesSeconds >= 1 ? [Remark.Of(RemarkCode.FirstLidDries, ("dries", step.FirstLidDriesSeconds)).Sentence] : Array.Empty<string>();
        var shades = step.Jobs.Where(j => j.Lay.PullOut is not null).Select(j => named ? $"{j.PartLabel}: {Pulled(j.Lay.PullOut!)}" : Pulled(j.Lay.PullOut!));
        return [.. own.Concat(lids).Concat(shades).Concat(cues).Concat(step.Jobs.Where(j => j.Lay.Split is not null).SelectMany(OfSplit)).Distinct()];
    }

    private static string Pulled(PullOut pull) => Remark.Of(
        pull.Towards switch
        {
            PullTowards.Down => RemarkCode.PullDown,
            PullTowards.Up => RemarkCode.PullUp,
            PullTowards.Outwards => RemarkCode.PullOutwards,
            PullTowards.Inwards => RemarkCode.PullInwards,
            _ => RemarkCode.PullAllRound,
        },
        ("mm", pull.Mm)).Sentence;

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
