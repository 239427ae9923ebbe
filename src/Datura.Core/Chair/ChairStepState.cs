namespace Datura.Core.Chair;

/// <summary>A step as it went.</summary>
/// <param name="TakenSeconds">By the clock without pauses, every time it was laid.</param>
/// <param name="Redone">How often it was wiped and laid again.</param>
/// <param name="DoneAt">When it was last done.</param>
public sealed record ChairStepState(ChairStep Step, StepStatus Status, double TakenSeconds, int Redone, DateTimeOffset? DoneAt);
