using Datura.Core.Order;
using Datura.Core.Paint;
using Datura.Core.Shapes;

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
                if (below is { } material && rule.Refuses.Contains(material))
                {
                    yield return new(Severity.Stop,
                        $"{job.PartLabel}: {paint.Name} ({rule.Words}) does not hold on {Materials.Of(material).Words} and beads up or rubs off. Powder the ground first, or take the same kind of paint for both.",
                        job.PartId, job.Footprint.Inside);
                }
                else if (rule.NeedsUnder.Count > 0 && (below is null || !rule.NeedsUnder.Contains(below.Value)))
                {
                    yield return new(Severity.Warning,
                        $"{job.PartLabel}: {paint.Name} ({rule.Words}) holds only on {(rule.NeedsUnder is [Material.Gel] ? "gel made for skin" : "gel or paint that is still damp")}. Lay that under it first.",
                        job.PartId, job.Footprint.Inside);
                }
            }
        }
    }

    private static Material Made(CoatJob job, Kit kit) => PaintOptics.Find(kit, job.Mix.Shares.MaxBy(s => s.Parts)!.Paint).Material;
}
