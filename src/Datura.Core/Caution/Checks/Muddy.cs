using Datura.Core.Order;
using Datura.Core.Paint;
using Datura.Core.Shapes;

namespace Datura.Core.Caution.Checks;

/// <summary>Two clear colours that run together wet and come out duller than either: mud.</summary>
public static class Muddy
{
    /// <summary>A blend with less than this share of the chroma of the duller of its two colours is mud (common practice: "it goes grey").</summary>
    public const double KeptChroma = 0.5;

    /// <summary>Only clear colours can be spoilt.</summary>
    public const double ClearChroma = 18;

    // A dull mix may be what was wanted.
    private const string Stirred = "stirred with";

    public static IEnumerable<CautionNote> Of(CheckedLook look)
    {
        foreach (var job in look.Jobs.Where(j => j.Role.Stage != Stage.Map && j.PartId != Form.FormKind.PartId))
        {
            foreach (var (a, b, how) in Pairs(job, look))
            {
                if (Blend(a, b, look.Kit) is { } mud)
                {
                    yield return new(how == Stirred ? Severity.Note : Severity.Warning, FormattableString.Invariant(
                        $"{job.PartLabel}: {PlanParts.PaintName(a, look.Kit)} {how} {PlanParts.PaintName(b, look.Kit)} goes to mud (chroma {mud.Mixed:0} where they have {mud.A:0} and {mud.B:0}). {Advice(how)}"),
                        job.PartId, job.Footprint.Inside);
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

    private static IEnumerable<(PaintMix A, PaintMix B, string How)> Pairs(CoatJob job, CheckedLook look)
    {
        if (job.Lay.Split is { Overlap: > 0 })
        {
            for (var k = 1; k < job.Mix.Shares.Count; k++)
            {
                yield return (One(job.Mix.Shares[k - 1]), One(job.Mix.Shares[k]), "beside");
            }
        }
        else
        {
            for (var k = 1; k < job.Mix.Shares.Count; k++)
            {
                yield return (One(job.Mix.Shares[0]), One(job.Mix.Shares[k]), Stirred);
            }
        }

        if (job.Lay.IntoWet && look.Colours?.Under(job) is { } under)
        {
            yield return (job.Main, under.Main, "wet into");
        }
    }

    private static PaintMix One(PaintShare share) => new([share with { Parts = 1 }]);

    private static string Advice(string how) => how switch
    {
        "beside" => "Put a lighter colour between them, or let them overlap less.",
        "wet into" => "Let the lower one dry first.",
        _ => "Take a cleaner pair, or one paint near the colour.",
    };
}
