using Datura.Core.Order;

namespace Datura.Core.Chair;

/// <summary>The steps of a plan as a session takes them along.</summary>
public static class ChairPlan
{
    public static IReadOnlyList<ChairStep> Of(PlannedLook planned) =>
    [
        .. planned.Steps.Select((step, k) => new ChairStep(
            step.Key, Short(planned.Plan.Steps[k].Title), step.Painter, Hand(step), Math.Round(step.SetUpSeconds + step.WorkSeconds, 1), Math.Round(step.WaitSeconds, 1), Math.Round(step.DryingSeconds, 1))
        {
            Parts = [.. step.Jobs.Select(j => j.PartId).Distinct()],
        }),
    ];

    /// <summary>How learned times name what a step is done with.</summary>
    public static string Hand(Step step) => $"{step.Tool.Id} {Catalogue.CodeOf(step.Jobs[0].Hand.Technique)}";

    private static string Short(string title) => title.Length <= Limits.LongestWords ? title : title[..Limits.LongestWords];
}
