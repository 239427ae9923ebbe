using Datura.Core.Paint;

namespace Datura.Core.Order;

/// <summary>
/// Finds colours that die in the light. A pair counts as lost when it differs clearly by day and hardly under the light;
/// the two limits are common practice.
/// </summary>
public static class LostColours
{
    public const double ClearDeltaE = 10;
    public const double LostDeltaE = 5;

    // A stand-in may look this much other by day (common practice).
    private const double StandInDeltaE = 18;

    public static IReadOnlyList<LostPair> Of(IReadOnlyList<CoatJob> jobs, CoatColours colours, Kit kit, ChromaticAdaptation there)
    {
        var seen = jobs.Where(j => j.Role.Stage != Stage.Map)
            .Select(j => (Job: j, Day: colours.Of(j), Light: there.Colour([.. colours.StackOf(j).Seen()]))).ToArray();
        var lost = new List<LostPair>();
        for (var a = 0; a < seen.Length; a++)
        {
            for (var b = a + 1; b < seen.Length; b++)
            {
                var (one, two) = (seen[a], seen[b]);
                var day = ColourDifference.DeltaE00(one.Day, two.Day);
                var now = ColourDifference.DeltaE00(one.Light, two.Light);
                if (day < ClearDeltaE || now >= LostDeltaE || !one.Job.Footprint.Overlaps(two.Job.Footprint))
                {
                    continue;
                }

                var (better, apart) = Better(one.Light, two.Day, kit, there);
                lost.Add(new(
                    one.Job.PartLabel, one.Job.Role.Label, Srgb.From(one.Day).Hex, two.Job.PartLabel, two.Job.Role.Label, Srgb.From(two.Day).Hex,
                    Math.Round(day, 1), Math.Round(now, 1), better, apart));
            }
        }

        // The same two paints beside each other once is enough, the worst of them.
        return [.. lost.OrderBy(p => p.DeltaELight - 0.2 * p.DeltaEDay).DistinctBy(p => (p.ColourA, p.ColourB))];
    }

    private static (string? Paint, double? DeltaE) Better(Lab beside, Lab wantedByDay, Kit kit, ChromaticAdaptation light)
    {
        var best = kit.Paints
            .Select(p => (p.Name, Seen: new PaintStackProbe(PaintOptics.Of(p)).OpaqueReflectance))
            .Where(p => ColourDifference.DeltaE00(Lab.From(Observer.Look(p.Seen, Observer.D65)), wantedByDay) <= StandInDeltaE)
            .Select(p => (p.Name, Apart: ColourDifference.DeltaE00(light.Colour(p.Seen), beside)))
            .Where(p => p.Apart > LostDeltaE).OrderByDescending(p => p.Apart).FirstOrDefault();
        return best.Name is null ? (null, null) : (best.Name, Math.Round(best.Apart, 1));
    }
}
