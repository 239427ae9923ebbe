using Datura.Core.Hands;
using Datura.Core.Order;
using Datura.Core.Paint;

namespace Datura.Core.Supply;

/// <summary>What one face in one look takes out of the kit.</summary>
public sealed record FaceSupply(IReadOnlyList<PaintUse> Paints, IReadOnlyList<ToolUse> Tools, double Minutes)
{
    public static FaceSupply Of(PlannedLook planned, Kit kit)
    {
        PaintUse[] each = [.. planned.InOrder.SelectMany(j => Of(j, kit))];
        return new(
            [.. each.GroupBy(u => u.Paint).Select(Together)],
            [.. planned.InOrder.Where(j => !j.Hand.TakesNoPaint).GroupBy(j => j.Hand.Tool.Id).Select(g => Of(g.First().Hand.Tool, g.Select(j => j.Load).Distinct().Count()))],
            planned.Plan.TotalSeconds / 60);
    }

    /// <summary>What one coat takes of each of its paints.</summary>
    public static IEnumerable<PaintUse> Of(CoatJob job, Kit kit)
    {
        if (job.Hand.TakesNoPaint)
        {
            yield break;
        }

        var cm3 = FilmCm3(job, kit);
        var parts = job.Mix.Shares.Sum(s => s.Parts);
        foreach (var share in job.Mix.Shares)
        {
            var use = MaterialUse.Of(PaintOptics.Find(kit, share.Paint).Material);
            var onSkin = use.PotMlPerFilmCm3 * cm3 * share.Parts / parts;
            var ml = onSkin / (1 - StaysBehind.In(job.Hand.Tool.Form));
            // A stone is glued on whole, whatever its film.
            yield return new(share.Paint, onSkin, ml, ml * use.GramsPerMl, use.ByPiece ? job.Coats * job.DrawnMarks : 0, use.Spread);
        }
    }

    /// <summary>Volume of film as the kit counts it, cm³: area on the skin × thickness of all coats.</summary>
    public static double FilmCm3(CoatJob job, Kit kit) => CoveredMm2(job) / 100 * job.Coats * CoatFilm.Um(job.Mix, kit, job.Hand, job.Lay) * 1e-4;

    /// <summary>Area on the skin of its figures, lines and dots, mm²; where they cross they count twice, as the brush does.</summary>
    public static double CoveredMm2(CoatJob job)
    {
        var (drawn, filled) = (0.0, 0.0);
        foreach (var line in job.Marks.OfType<StrokeMark>())
        {
            for (var k = 1; k < line.Path.Count; k++)
            {
                var step = (line.Path[k] - line.Path[k - 1]).Length();
                drawn += step;
                filled += step * (line.WidthsMm[k] + line.WidthsMm[k - 1]) / 2;
            }
        }

        // The job has measured its lines on the skin; their mean width is as drawn.
        var lines = drawn > 0 ? job.LineMm * filled / drawn : 0;
        return job.AreaMm2 + lines + job.Marks.OfType<DotMark>().Sum(d => Math.PI * d.DiameterMm * d.DiameterMm / 4);
    }

    // One clean sponge for every colour and face (common practice); a brush is wiped between them.
    private static ToolUse Of(ToolDescription tool, int loads) =>
        new(tool.Id, tool.Name, tool.Form, IsFresh(tool.Form) ? loads : 0, IsFresh(tool.Form) ? 0 : 1);

    private static bool IsFresh(ToolForm form) => ToolForms.IsSponge(form) || form == ToolForm.Puff;

    // Coats vary together: one hand, one face.
    private static PaintUse Together(IGrouping<string, PaintUse> of) =>
        new(of.Key, of.Sum(u => u.OnSkinMl), of.Sum(u => u.Ml), of.Sum(u => u.Grams), of.Sum(u => u.Pieces), of.Max(u => u.Spread));
}
