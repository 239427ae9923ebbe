using Datura.Core.Body;
using Datura.Core.Order;
using Datura.Core.Paint;

namespace Datura.Core.Caution;

/// <summary>What a coat can do to the wearer or to itself, from where it lies and what it is made of.</summary>
public static class CoatCautions
{
    /// <summary>Dry film that moving skin cracks (common practice: two usual coats).</summary>
    public const double MovingSkinFilmUm = 60;

    /// <summary>Across, of glitter near the eyes, mm (from memory, unverified; the label comes first).</summary>
    public const double LargestFlakeMm = 0.2;

    private const double LeastDryingSeconds = 1;

    /// <summary>Lids stay closed until the slowest of a part's coats on them is dry.</summary>
    public static IEnumerable<CautionNote> Lids(string partId, string label, IReadOnlyList<CoatJob> jobs)
    {
        // What is dry at once, a pencil, keeps nobody waiting.
        var onLids = jobs.Where(j => j.PartId == partId && j.Zones.Contains(Zone.Lid) && j.DryingSeconds >= LeastDryingSeconds).ToArray();
        if (onLids.Length > 0)
        {
            yield return new(onLids[0].Pace.OnOneself ? CautionCode.OneLidAtATime : CautionCode.LidsClosed, Severity.Warning) { Parts = [new(partId, label)], Numbers = Numbers(("dries", onLids.Max(j => j.DryingSeconds))) };
        }
    }

    public static IEnumerable<CautionNote> For(CoatJob job, Kit kit, double filmUm)
    {
        var paints = job.Mix.Shares.Select(s => PaintOptics.Find(kit, s.Paint)).ToArray();
        var eyes = job.Zones.Any(z => z is Zone.Lid or Zone.Orbit);
        CautionNote Note(CautionCode code, Severity severity, PaintDescription paint) =>
            new(code, severity) { Parts = [new(job.PartId, job.PartLabel)], Paint = paint.Id, Names = new Dictionary<string, string> { ["paint"] = paint.Name } };
        foreach (var paint in paints)
        {
            if (eyes && !paint.NearEyes)
            {
                yield return Note(CautionCode.EyeArea, Severity.Stop, paint);
            }

            if (job.Zones.Contains(Zone.Lips) && !paint.OnLips)
            {
                yield return Note(CautionCode.LipArea, Severity.Stop, paint);
            }

            // What is no paint in the first place is not excused by its colour: unknown counts as no (common practice).
            if (paint.MadeForSkin == false || (paint.MadeForSkin is null && paint.Material is (Material.Glitter or Material.Pigment or Material.Leaf)))
            {
                yield return Note(CautionCode.NotForSkin, Severity.Stop, paint);
            }

            if (eyes && paint.Material == Material.Glitter && !(paint.FlakeMm <= LargestFlakeMm))
            {
                yield return Note(CautionCode.FlakesTooLarge, Severity.Warning, paint) with
                {
                    Numbers = paint.FlakeMm is { } flake ? Numbers(("most", LargestFlakeMm), ("flake", flake)) : Numbers(("most", LargestFlakeMm)),
                };
            }

            if (job.Zones.Contains(Zone.Lid) && paint.Material == Material.Gem)
            {
                yield return Note(CautionCode.GluedOnLid, Severity.Stop, paint);
            }

            if (eyes && paint.Material is (Material.Powder or Material.Pigment or Material.Glitter))
            {
                yield return Note(CautionCode.FliesLoose, Severity.Warning, paint);
            }
        }

        if (filmUm > MovingSkinFilmUm && job.Zones.Where(Zones.Moving.Contains).Select(z => (Zone?)z).FirstOrDefault() is { } moving)
        {
            yield return new(CautionCode.Cracks, Severity.Warning) { Parts = [new(job.PartId, job.PartLabel)], Role = job.Role.Id, Zone = moving.Name(), Numbers = Numbers(("film", filmUm)) };
        }
    }

    private static Dictionary<string, double> Numbers(params (string Name, double Value)[] numbers) => numbers.ToDictionary(n => n.Name, n => n.Value);
}
