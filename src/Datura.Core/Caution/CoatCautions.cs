using Datura.Core.Body;
using Datura.Core.Order;
using Datura.Core.Paint;

namespace Datura.Core.Caution;

/// <summary>What a coat can do to the wearer or to itself, from where it lies and what it is made of.</summary>
public static class CoatCautions
{
    /// <summary>Dry film that moving skin cracks (common practice: two usual coats).</summary>
    public const double MovingSkinFilmUm = 60;

    /// <summary>Lids stay closed until the slowest of a part's coats on them is dry.</summary>
    public static IEnumerable<CautionNote> Lids(string partId, string label, IReadOnlyList<CoatJob> jobs)
    {
        var onLids = jobs.Where(j => j.PartId == partId && j.Zones.Contains("lid")).ToArray();
        if (onLids.Length > 0)
        {
            yield return new(Severity.Warning, FormattableString.Invariant(
                $"{label} covers the lids: eyes stay closed, softly, until it is dry ({onLids.Max(j => j.DryingSeconds):0} s after the last stroke)."), partId);
        }
    }

    public static IEnumerable<CautionNote> For(CoatJob job, Kit kit, double filmUm)
    {
        var paints = job.Mix.Shares.Select(s => PaintOptics.Find(kit, s.Paint)).ToArray();
        var eyes = job.Zones.Any(z => z is "lid" or "orbit");
        var name = job.PartLabel;
        foreach (var paint in paints)
        {
            if (eyes && !paint.NearEyes)
            {
                yield return new(Severity.Stop, $"{name}: {paint.Name} is not labelled for the eye area. Take another paint for it, or keep the part off the orbit.", job.PartId);
            }

            if (job.Zones.Contains("lips") && !paint.OnLips)
            {
                yield return new(Severity.Stop, $"{name}: {paint.Name} is not labelled for lips. Take another paint for it, or keep the part off the lips.", job.PartId);
            }

            if (eyes && paint.Material is (Material.Powder or Material.Pigment or Material.Glitter))
            {
                yield return new(Severity.Warning, $"{name}: {paint.Name} is loose and flies. Tap the brush off, eyes closed, no wind.", job.PartId);
            }
        }

        if (filmUm > MovingSkinFilmUm && job.Zones.FirstOrDefault(Zones.Moving.Contains) is { } moving)
        {
            yield return new(Severity.Warning, FormattableString.Invariant(
                $"{name}: {filmUm:0} µm of paint on the {moving} will crack when it moves. Use fewer or thinner coats there."), job.PartId);
        }
    }
}
