using Datura.Core.Order;
using Datura.Core.Paint;

namespace Datura.Core.Caution.Checks;

/// <summary>What does not hold on what lies beneath it: water on cream, stones without glue (common practice).</summary>
public static class Holding
{
    public static IEnumerable<CautionNote> Of(CheckedLook look)
    {
        if (look.Colours is not { } colours)
        {
            yield break;
        }

        foreach (var job in look.Jobs.Where(j => j.Role.Stage != Stage.Map))
        {
            var under = colours.Under(job);
            foreach (var paint in job.Mix.Shares.Select(s => PaintOptics.Find(look.Kit, s.Paint)))
            {
                var rule = Materials.Of(paint.Material);
                Material? below = under is { Role.Stage: not Stage.Map } ? Made(under, look.Kit) : null;
                if (below == Material.Cream && look.CreamsPowdered)
                {
                    below = Material.Powder;
                }

                if (below is { } material && rule.Refuses.Contains(material))
                {
                    // Only water on cream is helped by powder, and only what wants damp ground by wetting it.
                    var note = Note(material == Material.Cream ? CautionCode.DoesNotHold : CautionCode.NoGrip, Severity.Stop, job, paint, rule.Words, Materials.Of(material).Words);
                    yield return material == Material.Cream ? note with { Remedies = [new(MendingKind.PowderCream, under!.Key)] }
                        : TakesDamp(rule) ? note with { Remedies = [new(MendingKind.WetSpot, job.Key)] } : note;
                }
                else if (rule.NeedsUnder.Count > 0 && (below is null || !rule.NeedsUnder.Contains(below.Value)))
                {
                    var note = Note(TakesDamp(rule) ? CautionCode.NeedsDamp : CautionCode.NeedsGel, Severity.Warning, job, paint, rule.Words, null);
                    yield return TakesDamp(rule) ? note with { Remedies = [new(MendingKind.WetSpot, job.Key)] } : note;
                }
                else if (TakesDamp(rule) && below is not Material.Gel && job.Lay is { Ground: Ground.Dry, IntoWet: false })
                {
                    // Paint would do while it is damp, but the painter waits until it is dry.
                    yield return Note(CautionCode.NeedsDamp, Severity.Warning, job, paint, rule.Words, null) with { Remedies = [new(MendingKind.WetSpot, job.Key)] };
                }
            }
        }
    }

    private static bool TakesDamp(MaterialRule rule) => rule.NeedsUnder.Count > 1;

    private static CautionNote Note(CautionCode code, Severity severity, CoatJob job, PaintDescription paint, string made, string? ground) => new(code, severity)
    {
        Parts = [new(job.PartId, job.PartLabel)],
        Paint = paint.Id,
        Names = ground is null ? new Dictionary<string, string> { ["paint"] = paint.Name, ["made"] = made } : new Dictionary<string,
            string>
        { ["paint"] = paint.Name, ["made"] = made, ["ground"] = ground },
        At = job.Footprint.Inside,
    };

    private static Material Made(CoatJob job, Kit kit) => PaintOptics.Find(kit, job.Mix.Shares.MaxBy(s => s.Parts)!.Paint).Material;
}
