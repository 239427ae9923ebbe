using Datura.Core.Order;

namespace Datura.Core.Fit;

/// <summary>Which coats of a part can go while the rest still makes sense: each but the one that covers most, with what lies on it alone.</summary>
internal static class CoatSubsets
{
    /// <summary>What lies on another for this share of its ground goes with it (by judgement).</summary>
    public const double RestsOnShare = 0.85;

    // More ways than this for each part and the best version for a slot is no longer found in time (measured).
    private const int Most = 2;

    /// <param name="laid">Coats of one part, the lowest first.</param>
    /// <returns>Roles to leave out: those that save most time, then all that can go together.</returns>
    public static IReadOnlyList<IReadOnlyList<string>> Of(IReadOnlyList<CoatJob> laid)
    {
        // Without that it is not that part any more.
        var most = laid.Count > 0 ? laid.MaxBy(j => j.Footprint.AreaMm2)!.Role.Id : null;
        var found = new List<IReadOnlyList<string>>();
        for (var k = 0; k < laid.Count; k++)
        {
            var under = laid[k];
            string[] gone = [under.Role.Id, .. laid.Skip(k + 1).Where(j => j.Footprint.AreaMm2 > 0 && j.Footprint.SharedMm2(under.Footprint) >= RestsOnShare * j.Footprint.AreaMm2).Select(j => j.Role.Id)];
            if (!gone.Contains(most) && gone.Distinct().Count() < laid.Select(j => j.Role.Id).Distinct().Count())
            {
                found.Add([.. gone.Distinct().Order(StringComparer.Ordinal)]);
            }
        }

        string[] all = [.. found.SelectMany(f => f).Distinct().Order(StringComparer.Ordinal)];
        double Seconds(IReadOnlyList<string> roles) => laid.Where(j => roles.Contains(j.Role.Id)).Sum(j => j.WorkSeconds);
        return [.. found.OrderByDescending(Seconds).Take(Most - 1).Append(all).Where(f => f.Count > 0).DistinctBy(f => string.Join(' ', f))];
    }
}
