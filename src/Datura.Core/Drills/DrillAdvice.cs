using Datura.Core.Learn;
using Datura.Core.Order;

namespace Datura.Core.Drills;

/// <summary>
/// What is worth practising for a look: what takes much of it and is not well in hand. Worth = share × (1 − kept · quality · pace · (1 − slips)), where a
/// quality that nobody has measured is taken as a half (by judgement; docs/days.md).
/// </summary>
/// <param name="Exercise">A stroke by its code, or a part as look/part.</param>
/// <param name="Share">Of the look's painting time that it takes, 0 to 1.</param>
/// <param name="Slower">How many times the usual she takes with these tools; 1 where it was never timed.</param>
/// <param name="Slips">Share of her looked-over faces on which something was off there, 0 to 1.</param>
/// <param name="Quality">Of her last try, 0 to 1; null for none.</param>
/// <param name="Kept">How much of it is still there, 0 to 1; null for none.</param>
/// <param name="Due">When it is to be practised again; null for never practised: now.</param>
/// <param name="Worth">0 to 1.</param>
/// <param name="Parts">Ids of the parts that it is for.</param>
public sealed record DrillAdvice(string Exercise, double Share, double Slower, double Slips, double? Quality, double? Kept, DateOnly? Due, double Worth, IReadOnlyList<string> Parts)
{
    private const double UnknownQuality = 0.5;

    /// <summary>For a look, what is worth most first; strokes that it does not need come last.</summary>
    /// <param name="look">Id under which parts are practised.</param>
    /// <param name="slips">Share of her looked-over faces on which something was off, by part.</param>
    public static IReadOnlyList<DrillAdvice> Of(string look, IReadOnlyList<CoatJob> jobs, LearnedPace pace, IReadOnlyDictionary<string, double> slips, IReadOnlyList<DrillTry> tries, DateOnly today)
    {
        CoatJob[] painted = [.. jobs.Where(j => j.Role.Stage != Stage.Map && j.WorkSeconds > 0)];
        var whole = Math.Max(1e-9, painted.Sum(j => j.WorkSeconds));
        var strokes = painted.GroupBy(DrillKinds.Of).Where(g => g.Key is not null).ToDictionary(g => g.Key!.Value, g => g.ToArray());
        return
        [
            .. Enum.GetValues<DrillKind>().Select(k => (Exercise: DrillKinds.Code(k), Jobs: strokes.GetValueOrDefault(k, [])))
                .Concat(painted.GroupBy(j => j.PartId).Select(g => (Exercise: $"{look}/{g.Key}", Jobs: g.ToArray())))
                .Select(e => One(e.Exercise, e.Jobs)).OrderByDescending(a => a.Worth).ThenBy(a => a.Exercise, StringComparer.Ordinal),
        ];

        DrillAdvice One(string exercise, CoatJob[] of)
        {
            var seconds = of.Sum(j => j.WorkSeconds);
            var slower = seconds <= 0 ? 1 : of.Sum(j => j.WorkSeconds * pace.For(j.HandKey).Factor) / seconds;
            string[] parts = [.. of.Select(j => j.PartId).Distinct()];
            var slip = seconds <= 0 ? 0 : of.Sum(j => j.WorkSeconds * slips.GetValueOrDefault(j.PartId)) / seconds;
            var state = DrillState.Of([.. tries.Where(t => t.Exercise == exercise)], today);
            var skill = (state?.Kept ?? 1) * (state?.Quality ?? UnknownQuality) * Math.Min(1, 1 / slower) * (1 - Math.Clamp(slip, 0, 1));
            return new(exercise, seconds / whole, slower, slip, state?.Quality, state?.Kept, state?.Due, seconds / whole * (1 - skill), parts);
        }
    }
}
