namespace Datura.Core;

/// <summary>A look computed for one face, one kit and one setting. Plain data: the same input gives the same bytes.</summary>
/// <param name="ThisTime">What is quicker or left out, in words.</param>
/// <param name="StandIns">Colours that this kit does not hold, with what takes their place.</param>
/// <param name="CostumeEdge">The costume's edge over the chest on the chart, x and y pairs from the wearer's right to the left.</param>
public sealed record Plan(
    string Look,
    string Face,
    string Kit,
    PlanSetting Setting,
    string SkinClass,
    string SkinColour,
    IReadOnlyDictionary<string, double> MeasuresMm,
    IReadOnlyList<PlanPart> Parts,
    IReadOnlyList<PlanStep> Steps,
    IReadOnlyList<PlanStage> Stages,
    double TotalSeconds,
    PlanTime Time,
    double WaitingSeconds,
    double PaintedCm2,
    IReadOnlyList<double> CostumeEdge,
    IReadOnlyList<CautionNote> Cautions,
    IReadOnlyList<string> ThisTime,
    IReadOnlyList<PlanStandIn> StandIns)
{
    /// <summary>Stops that nobody has passed yet.</summary>
    public int OpenStops => Cautions.Count(c => c is { Severity: Severity.Stop, Passed: null });
}
