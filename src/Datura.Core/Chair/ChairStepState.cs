namespace Datura.Core.Chair;

/// <summary>A step as it went.</summary>
/// <param name="TakenSeconds">By the clock without pauses, every time it was laid.</param>
/// <param name="Redone">How often it was wiped and laid again.</param>
/// <param name="DoneAt">When it was last done.</param>
/// <param name="LeftSeconds">Of its planned seconds without the coats that are left out; 0 when all are.</param>
public sealed record ChairStepState(ChairStep Step, StepStatus Status, double TakenSeconds, int Redone, DateTimeOffset? DoneAt, double LeftSeconds)
{
    /// <summary>What is left of a step's planned seconds.</summary>
    /// <param name="dropped">Ids of parts and keys of coats.</param>
    /// <returns>Null when nothing of it is painted.</returns>
    public static double? Left(ChairStep step, IReadOnlySet<string> dropped)
    {
        if (dropped.Count == 0)
        {
            return step.Seconds;
        }

        if (step.Coats.Count == 0)
        {
            return step.Parts.Count > 0 && step.Parts.All(dropped.Contains) ? null : step.Seconds;
        }

        var gone = step.Coats.Where(c => dropped.Contains(c.Key) || dropped.Contains(PartOf(c.Key))).ToArray();
        return gone.Length == step.Coats.Count ? null : Math.Max(step.SetUpSeconds, step.Seconds - gone.Sum(c => c.Seconds));
    }

    /// <summary>The part of a coat's key.</summary>
    public static string PartOf(string coat) => coat.IndexOf('/', StringComparison.Ordinal) is > 0 and var at ? coat[..at] : coat;
}
