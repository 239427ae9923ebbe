using NetTopologySuite.Algorithm;
using NetTopologySuite.Geometries;

namespace Datura.Core.Shapes;

/// <summary>Gives the filled figures of one coat a jagged, scalloped or feathered edge.</summary>
public static class RimmedMarks
{
    // Fine enough for flicks of a millimetre.
    private const double StepMm = 0.6;

    public static IReadOnlyList<Mark> Of(IReadOnlyList<Mark> marks, Rim rim, CoatRole role, SeededRandom random) =>
        [.. marks.Select(m => m is RegionMark r && r.Role == role.Id ? r with { Outline = Of(r.Outline, rim, random), OnSkin = null } : m)];

    private static Geometry Of(Geometry outline, Rim rim, SeededRandom random)
    {
        Geometry[] rings = [.. Curves.OuterRings(outline).Select(ring => Curves.Polygon(Ring(ring, rim, random)))];
        // Holes stay as they are: they are other figures' edges.
        var filled = rings.Length == 1 ? rings[0] : NetTopologySuite.Operation.Union.CascadedPolygonUnion.Union(rings) ?? outline;
        foreach (var hole in Enumerable.Range(0, outline.NumGeometries).Select(outline.GetGeometryN).OfType<Polygon>().SelectMany(p => p.InteriorRings))
        {
            filled = filled.Difference(GeometryFactory.Default.CreatePolygon(hole.Coordinates));
        }

        return filled;
    }

    private static List<ChartPoint> Ring(IReadOnlyList<ChartPoint> ring, Rim rim, SeededRandom random)
    {
        var fine = Curves.Every(StepMm, ring);
        if (fine.Count < 8)
        {
            return [.. ring];
        }

        var outwards = Orientation.IsCCW([.. ring.Append(ring[0]).Select(p => new Coordinate(p.XMm, p.YMm))]) ? 1 : -1;
        var teeth = Math.Max(3, (int)Math.Round(Curves.Length(ring) / rim.EachMm));
        var sizes = Enumerable.Range(0, teeth).Select(_ => rim.Form == RimForm.Scalloped ? 1 : 0.75 + 0.25 * random.Either()).ToArray();
        return [.. fine.Select((at, k) =>
        {
            var along = (double)k / fine.Count * teeth;
            var direction = fine[(k + 1) % fine.Count] - fine[(k - 1 + fine.Count) % fine.Count];
            var off = outwards * rim.DepthMm * (sizes[(int)along % teeth] * Height(rim.Form, along - Math.Floor(along)) - 0.5) / Math.Max(direction.Length(), 1e-9);
            return at + off * new ChartPoint(direction.YMm, -direction.XMm);
        })];
    }

    // How far out the edge stands within one tooth, bow or flick, 0 to 1.
    private static double Height(RimForm form, double t) => form switch
    {
        RimForm.Scalloped => Math.Sin(Math.PI * t),
        RimForm.Jagged => 1 - Math.Abs(2 * t - 1),
        _ => Math.Pow(Math.Max(0, 1 - 2 * Math.Abs(t - 0.5) / 0.7), 1.6),
    };
}
