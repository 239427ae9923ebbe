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

    /// <summary>The finest line that curves and tapers, mm; sponges, puffs and fingers print and draw none.</summary>
    private static double LineMm(ToolDescription tool) => tool.Form switch
    {
        ToolForm.Finger or ToolForm.Spatula => double.PositiveInfinity,
        _ when ToolForms.IsBroad(tool.Form) => tool.Form == ToolForm.SoftBrush ? ToolForms.FinestMm(tool) : double.PositiveInfinity,
        // Flats are for ribs, ribbons and washes: a line as wide as a quarter of theirs at the least (common practice; the share by judgement).
        _ when IsFlat(tool.Form) => tool.WidthMm / 4,
        _ => ToolForms.FinestMm(tool),
    };

    private static bool IsFlat(ToolForm form) => form is ToolForm.Flat or ToolForm.Angled or ToolForm.Filbert;

    private static bool IsFineEnough(CoatJob job, ToolDescription tool)
    {
        var finest = ToolForms.FinestMm(tool);
        var line = LineMm(tool);
        return job.Marks.OfType<StrokeMark>().All(l => line <= Broader * l.WidthsMm.Max())
            // A dot is pressed by a tip; a flat brush leaves a bar.
            && job.Marks.OfType<DotMark>().All(d => !IsFlat(tool.Form) && finest <= Broader * d.DiameterMm)
            && job.Marks.OfType<RegionMark>().Where(r => !r.Outline.IsEmpty).All(r => finest <= Broader * 2 * r.Outline.Area / r.Outline.Length);
    }
}
