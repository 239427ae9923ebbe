using Datura.Core.Order;

namespace Datura.Core;

/// <summary>A stage of the look as it is planned.</summary>
/// <param name="Number">From 1, as the look names them; a stage that nothing is in has none.</param>
/// <param name="FirstStep">Number of its first step.</param>
/// <param name="LastStep">Number of its last; the face after it is the picture of the stage.</param>
/// <param name="EndSeconds">When one may stop, on the clock of the session.</param>
/// <param name="Seconds">From the end of the stage before to the end of this one.</param>
/// <param name="WorkSeconds">Brush on skin.</param>
/// <param name="SetUpSeconds">Changes of tool, load and pose.</param>
/// <param name="WaitSeconds">Idle while something dries.</param>
/// <param name="LowSeconds">One session in ten that stops here is shorter.</param>
/// <param name="HighSeconds">One in ten is longer.</param>
public sealed record PlanStage(
    int Number, string Name, int FirstStep, int LastStep, double EndSeconds, double Seconds, double WorkSeconds, double SetUpSeconds, double WaitSeconds, double LowSeconds, double HighSeconds)
{
    /// <returns>None for a look that is painted in one go.</returns>
    internal static IReadOnlyList<PlanStage> Of(IReadOnlyList<LookStage>? stages, IReadOnlyList<Step> steps)
    {
        if (stages is not { Count: > 1 })
        {
            return [];
        }

        var planned = new List<PlanStage>();
        for (var (from, ended) = (0, 0.0); from < steps.Count;)
        {
            var stage = steps[from].Jobs[0].InStage;
            var to = from;
            while (to < steps.Count && steps[to].Jobs[0].InStage == stage)
            {
                to++;
            }

            var own = steps.Skip(from).Take(to - from).ToArray();
            var end = own.Max(s => s.EndSeconds);
            var (low, high) = Steps.Session([.. steps.Take(to)]).Range;
            planned.Add(new(
                stage + 1, stages[stage].Name, from + 1, to, Math.Round(end, 1), Math.Round(end - ended, 1), Math.Round(own.Sum(s => s.WorkSeconds), 1), Math.Round(own.Sum(s => s.SetUpSeconds), 1),
                Math.Round(own.Sum(s => s.WaitSeconds), 1), Math.Round(low, 1), Math.Round(high, 1)));
            (from, ended) = (to, end);
        }

        return planned;
    }
}
