namespace Datura.Core.Order;

/// <summary>A preparing or mending step of one coat, with what it takes.</summary>
/// <param name="Tool">In hand for it; null when it is no tool of the kit, a spray bottle.</param>
/// <param name="Seconds">With taking up the tool.</param>
/// <param name="Proposed">By the plan, since something would not hold without it; otherwise the painter's.</param>
public sealed record PlannedMending(MendingKind Kind, ToolDescription? Tool, double Seconds, bool Proposed)
{
    /// <summary>Before the coat's first stroke; the others after its last.</summary>
    public bool Before => Kind == MendingKind.WetSpot;
}
