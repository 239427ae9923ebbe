using Datura.Core.Order;
using Datura.Core.Paint;

namespace Datura.Core.Caution.Checks;

/// <summary>Two clear colours that run together wet and come out duller than either: mud.</summary>
public static class Muddy
{
    /// <summary>A blend with less than this share of the chroma of the duller of its two colours is mud (common practice: "it goes grey").</summary>
    public const double KeptChroma = 0.5;

    /// <summary>Only clear colours can be spoilt.</summary>
    public const double ClearChroma = 18;

    public static IEnumerable<CautionNote> Of(CheckedLook look)
    {
        foreach (var job in look.Jobs.Where(j => j.Role.Stage != Stage.Map && !look.Parts.Any(p => p.Part.Id == j.PartId && p.Kind.IsReckoned)))
        {
            foreach (var (a, b, how) in Pairs(job, look))
            {
                if (Blend(a, b, look.Kit) is { } mud)
                {
                    // A dull mix may be what was wanted.
                    yield return new(how, how == CautionCode.MudStirred ? Severity.Note : Severity.Warning)
                    {
                        Parts = [new(job.PartId, job.PartLabel)],
                        Numbers = new Dictionary<string, double> { ["mixed"] = mud.Mixed, ["first"] = mud.A, ["second"] = mud.B },
                        Names = new Dictionary<string, string> { ["paint"] = PlanParts.PaintName(a, look.Kit), ["other"] = PlanParts.PaintName(b, look.Kit) },
                        At = job.Footprint.Inside,
                    };
                }
            }
        }
    }

    /// <summary>Chroma of two colours and of their blend in equal parts, when that is mud; otherwise null.</summary>
    public static (double A, double B, double Mixed)? Blend(PaintMix a, PaintMix b, Kit kit)
    {
        double Chroma(PaintOptics paint) => new PaintStackProbe(paint).OpaqueColour.Chroma();
        var (first, second) = (PaintOptics.Of(a, kit), PaintOptics.Of(b, kit));
        var (ca, cb, mixed) = (Chroma(first), Chroma(second), Chroma(WetFilm.Of(first, 1, second, 1).Paint));
        return Math.Min(ca, cb) > ClearChroma && mixed < KeptChroma * Math.Min(ca, cb) ? (ca, cb, mixed) : null;
    }

    private static IEnumerable<(PaintMix A, PaintMix B, CautionCode How)> Pairs(CoatJob job, CheckedLook look)
    {
        if (job.Lay.Split is { Overlap: > 0 })
        {
            for (var k = 1; k < job.Mix.Shares.Count; k++)
            {
                yield return (One(job.Mix.Shares[k - 1]), One(job.Mix.Shares[k]), CautionCode.MudBeside);
            }
        }
        else
        {
            for (var k = 1; k < job.Mix.Shares.Count; k++)
            {
                yield return (One(job.Mix.Shares[0]), One(job.Mix.Shares[k]), CautionCode.MudStirred);
            }
        }

        if (job.Lay.IntoWet && look.Colours?.Under(job) is { } under)
        {
            yield return (job.Main, under.Main, CautionCode.MudIntoWet);
        }
    }

    private static PaintMix One(PaintShare share) => new([share with { Parts = 1 }]);
}
