namespace Datura.Core.Fit;

/// <summary>What a planned look is found by.</summary>
/// <param name="SureMinutes">With the surety that the setting asks for.</param>
/// <param name="Lacking">Names of colours that the kit does not hold and something else stands in for.</param>
/// <param name="Kinds">Ids of the kinds of its parts.</param>
public sealed record LookFacts(double LikelyMinutes, double SureMinutes, int Steps, double PaintedCm2, Extent Reaches, IReadOnlyList<string> Lacking, IReadOnlyList<string> Kinds)
{
    private static readonly HashSet<Zone> Chest = [Zone.Sternum, Zone.Chest, Zone.Shoulder];
    private static readonly HashSet<Zone> Neck = [Zone.NeckFront, Zone.NeckSide, Zone.Collar];
    private static readonly HashSet<Zone> Eyes = [Zone.Lid, Zone.Orbit, Zone.Temple];

    public static LookFacts Of(PlannedLook planned) => new(
        Math.Round(planned.Plan.TotalSeconds / 60, 1), Math.Round(planned.Plan.Time.AtConfidenceSeconds / 60, 1), planned.Plan.Steps.Count, planned.Plan.PaintedCm2,
        ReachOf(planned.Jobs.SelectMany(j => j.Zones).ToHashSet()), [.. planned.Plan.StandIns.Select(s => s.Wanted).Distinct()],
        [.. planned.Parts.Where(p => !p.Kind.IsReckoned).Select(p => p.Kind.Id).Distinct()]);

    /// <summary>How far paint on these zones goes.</summary>
    public static Extent ReachOf(IReadOnlySet<Zone> painted) =>
        painted.Overlaps(Chest) ? Extent.ToChest : painted.Overlaps(Neck) ? Extent.FaceAndNeck : painted.Count > 0 && painted.IsSubsetOf(Eyes) ? Extent.Eyes : Extent.Face;
}
