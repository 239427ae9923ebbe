using Datura.Core.Shapes;

namespace Datura.Core.Order;

/// <summary>What the painter does without changing tool or paint.</summary>
/// <param name="Jobs">The coats laid in it, in order.</param>
/// <param name="StartSeconds">On the clock of the sitting.</param>
/// <param name="SetUpSeconds">Change of tool, load and pose before the first stroke.</param>
/// <param name="WorkSeconds">Brush on skin, reloads included.</param>
/// <param name="WaitSeconds">Idle before it, because something is still wet.</param>
/// <param name="WaitsFor">What is still wet, in words; null when nothing.</param>
/// <param name="Why">The rules that put it where it is.</param>
public sealed record Step(
    Stage Stage,
    Tool Tool,
    IReadOnlyList<CoatJob> Jobs,
    IReadOnlyList<string> Poses,
    double StartSeconds,
    double WaitSeconds,
    double SetUpSeconds,
    double WorkSeconds,
    string? WaitsFor,
    IReadOnlyList<string> Why)
{
    public double EndSeconds => StartSeconds + SetUpSeconds + WorkSeconds;
}
