using Datura.Core.Order;

namespace Datura.Core.Caution.Checks;

/// <summary>Bare skin between the end of the base and the costume: a transformed head on a bare neck looks like a mask.</summary>
public static class BareGap
{
    // A collar moves by about this (common practice).
    private const double LetPassMm = 8;

    public static IEnumerable<CautionNote> Of(CheckedLook look)
    {
        var bases = look.Jobs.Where(j => j.Role.Stage == Stage.Base).ToArray();
        // A mask over a part of the face has a bare neck by intent; only a head that is painted down to the chin can look cut off.
        if (!bases.Any(j => j.Zones.Contains(Zone.Chin) && j.Zones.Contains(Zone.Jaw)))
        {
            yield break;
        }

        var top = look.Body.At(Landmark.Gnathion);
        var edge = look.Costume.Edge(look.Body);
        var bottom = edge[edge.Count / 2];
        if (bottom.YMm >= top.YMm)
        {
            yield break;
        }

        // Whatever else lies on the middle of the neck and chest covers the gap too.
        var laid = look.Jobs.Where(j => j.Role.Stage != Stage.Map).ToArray();
        ChartPoint high = new(0, bottom.YMm), low = high, from = top;
        for (var y = top.YMm; y > bottom.YMm; y -= Lattice.CellMm)
        {
            if (laid.Any(j => Near(j, y)))
            {
                from = new(0, y - Lattice.CellMm);
            }
            else if (from.YMm - y > high.YMm - low.YMm)
            {
                (high, low) = (from, new(0, y));
            }
        }

        var bareMm = look.Body.LineMm([high, low]);
        if (bareMm > LetPassMm)
        {
            yield return new(CautionCode.BareGap, Severity.Note)
            {
                Parts = [new(bases[^1].PartId, bases[^1].PartLabel)],
                Numbers = new Dictionary<string, double> { ["bare"] = bareMm, ["below"] = look.Body.LineMm([top, high]) },
                At = new ChartPoint(0, (high.YMm + low.YMm) / 2),
            };
        }
    }

    // A line or dot a few millimetres off still breaks the gap.
    private static bool Near(CoatJob job, double yMm) => job.Footprint.Covers(new(0, yMm))
        || (job.Role.Stage != Stage.Base && (job.Footprint.Covers(new(-5, yMm)) || job.Footprint.Covers(new(5, yMm))));
}
