using Datura.Core.Order;
using Datura.Core.Paint;

namespace Datura.Core.Hands;

/// <summary>Whether a tool can lay a coat as it is drawn, and how long that would take.</summary>
public static class ToolFit
{
    // A little broader than it is drawn a line still stands for itself (by judgement).
    private const double Broader = 1.25;

    /// <returns>The coat as the tool would lay it; null when it cannot.</returns>
    public static CoatJob? With(CoatJob job, ToolDescription tool, Kit kit, bool stencil)
    {
        var pencil = job.Mix.Shares.Any(s => PaintOptics.Find(kit, s.Paint).Material == Material.Pencil);
        if (!ToolForms.Paints(tool.Form) || pencil != (tool.Form == ToolForm.Pencil) || (job.Lay.Split is not null && !ToolForms.TakesSplitLoad(tool.Form)) || !IsFineEnough(job, tool))
        {
            return null;
        }

        // Her technique stays; without one it is what the tool is used for.
        var lay = job.Lay with { Tool = tool.Id };
        var hand = HandChoice.Of(job.Role, lay, job.Mix, kit, stencil);
        return !HandTable.Of(hand.Technique).Forms.Contains(tool.Form) ? null : job with { Hand = hand, Lay = lay };
    }

    private static bool IsFineEnough(CoatJob job, ToolDescription tool)
    {
        var finest = ToolForms.FinestMm(tool);
        var lines = job.Marks.OfType<StrokeMark>().ToArray();
        // Sponges, puffs and fingers print; they draw no line.
        return (lines.Length == 0 || ((!ToolForms.IsBroad(tool.Form) || tool.Form == ToolForm.SoftBrush) && tool.Form is not (ToolForm.Finger or ToolForm.Spatula)
                && lines.All(l => finest <= Broader * l.WidthsMm.Max())))
            && job.Marks.OfType<DotMark>().All(d => finest <= Broader * d.DiameterMm)
            && job.Marks.OfType<RegionMark>().Where(r => !r.Outline.IsEmpty).All(r => finest <= Broader * 2 * r.Outline.Area / r.Outline.Length);
    }
}
