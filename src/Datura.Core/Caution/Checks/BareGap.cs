using Datura.Core.Body;
using Datura.Core.Shapes;
using NetTopologySuite.Geometries;

namespace Datura.Core.Caution.Checks;

/// <summary>Bare skin between the end of the base and the costume: a transformed head on a bare neck looks like a mask.</summary>
public static class BareGap
{
    private const double LetPassMm = 8;

    public static IEnumerable<CautionNote> Of(CheckedLook look)
    {
        var bases = look.Jobs.Where(j => j.Role.Stage == Stage.Base).ToArray();
        if (bases.Length == 0)
        {
            yield break;
        }

        var top = look.Body.Landmark("gnathion");
        var edge = look.Costume.Edge(look.Body);
        var bottom = edge[edge.Count / 2];
        if (bottom.YMm >= top.YMm)
        {
            yield break;
        }

        // Whatever else lies on the middle of the neck and chest covers the gap too.
        var line = GeometryFactory.Default.CreateLineString([new(0, top.YMm), new(0.01, bottom.YMm)]);
        var covered = look.Jobs.Where(j => j.Role.Stage != Stage.Map)
            .Select(j => j.Footprint.Buffer(j.Role.Stage is Stage.Base ? 0 : 6)).Aggregate((Geometry)line, (left, f) => left.Difference(f));
        var gap = Enumerable.Range(0, covered.NumGeometries).Select(n => covered.GetGeometryN(n)).MaxBy(g => g.Length)!;
        if (gap.IsEmpty)
        {
            yield break;
        }

        var (high, low) = (new ChartPoint(0, gap.EnvelopeInternal.MaxY), new ChartPoint(0, gap.EnvelopeInternal.MinY));
        var bareMm = look.Body.LineMm([high, low]);
        if (bareMm > LetPassMm)
        {
            yield return new(Severity.Note, FormattableString.Invariant(
                $"{bareMm:0} mm of bare skin down the middle, from {look.Body.LineMm([top, high]):0} mm below the chin. Run the base to the neckline, or carry a part down over it."),
                bases[^1].PartId, new ChartPoint(0, (high.YMm + low.YMm) / 2));
        }
    }
}
