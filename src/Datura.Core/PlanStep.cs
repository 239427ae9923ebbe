namespace Datura.Core;

/// <param name="Hand">Technique and water, in words.</param>
/// <param name="Words">The painter's own words, and how a split load is pressed.</param>
/// <param name="Mendings">What is done before and after its strokes, within its time.</param>
/// <param name="Lengths">The lengths that matter while doing it.</param>
public sealed record PlanStep(
    int Number,
    string Key,
    int Painter,
    Stage Stage,
    string Title,
    string ToolName,
    string Hand,
    IReadOnlyList<string> Words,
    string Paint,
    string PaintColour,
    IReadOnlyList<string> PartIds,
    IReadOnlyList<StepLength> Lengths,
    IReadOnlyList<PlanPose> Poses,
    double StartSeconds,
    double SetUpSeconds,
    double WorkSeconds,
    double LowSeconds,
    double HighSeconds,
    double WaitSeconds,
    double DryingSeconds,
    PlanWait? WaitsFor,
    IReadOnlyList<string> Meanwhile,
    IReadOnlyList<PlanWhy> Why,
    bool Pinned,
    string? TiedTo,
    IReadOnlyList<string> Cautions,
    IReadOnlyList<PlanLaid> Coats,
    IReadOnlyList<PlanMending> Mendings);
