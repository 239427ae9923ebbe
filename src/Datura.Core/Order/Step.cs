namespace Datura.Core.Order;

/// <summary>What the painter does without changing tool or paint.</summary>
/// <param name="Key">Name of its first coat; stays the same as long as that coat does.</param>
/// <param name="Jobs">The coats laid in it, in order.</param>
/// <param name="Painter">1, or 2 for the second painter on the face.</param>
/// <param name="StartSeconds">When it begins on the clock of the session: set-up first, then any rest of a wait, then the strokes.</param>
/// <param name="WaitSeconds">Idle before it, because something is still wet.</param>
/// <param name="SetUpSeconds">Change of tool, load and pose before the first stroke.</param>
/// <param name="WorkSeconds">Brush on skin, reloads included.</param>
/// <param name="WaitsFor">Why it waits; null when it does not.</param>
/// <param name="Meanwhile">What is done while the ground of this step dries, in words.</param>
/// <param name="Why">The reasons that put it where it is.</param>
/// <param name="Spread">Its likely time and how far it may be off.</param>
public sealed record Step(
    string Key,
    Stage Stage,
    ToolDescription Tool,
    IReadOnlyList<CoatJob> Jobs,
    int Painter,
    IReadOnlyList<Pose> Poses,
    double StartSeconds,
    double WaitSeconds,
    double SetUpSeconds,
    double WorkSeconds,
    double DryingSeconds,
    WaitsFor? WaitsFor,
    IReadOnlyList<string> Meanwhile,
    IReadOnlyList<WhyHere> Why,
    DurationEstimate Spread)
{
    /// <summary>Of its work: while the first of one's own lids dries.</summary>
    public double FirstLidDriesSeconds { get; init; }

    public double EndSeconds => StartSeconds + SetUpSeconds + WorkSeconds;

    /// <summary>When it may be worked over.</summary>
    public double DryAtSeconds => EndSeconds + DryingSeconds;
}
