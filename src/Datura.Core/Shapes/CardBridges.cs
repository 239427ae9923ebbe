using NetTopologySuite.Geometries;
using NetTopologySuite.Operation.Union;

namespace Datura.Core.Shapes;

/// <summary>What holds a cut card together: the strips left standing between and inside its openings.</summary>
public static class CardBridges
{
    /// <summary>A narrower strip tears when the card is lifted, mm (common practice).</summary>
    public const double LeastMm = 2;

    // A strip cut off by its own end would still be an island.
    private const double PastMm = 1;

    /// <summary>
    /// The openings as they can be cut: those that touch made one, and every island of card inside an opening, which would fall out,
    /// held by two strips.
    /// </summary>
    /// <param name="openings">Figures to be cut out, mm.</param>
    /// <param name="bridgeMm">Width of a strip.</param>
    public static IReadOnlyList<Polygon> Held(IEnumerable<Geometry> openings, double bridgeMm)
    {
        Geometry[] cut = [.. openings.Where(g => !g.IsEmpty)];
        // Only what touches is made one: a union of all took most of the time of a card (measured).
        var touches = new bool[cut.Length];
        for (var a = 0; a < cut.Length; a++)
        {
            for (var b = a + 1; b < cut.Length; b++)
            {
                if (!(touches[a] && touches[b]) && cut[a].EnvelopeInternal.Intersects(cut[b].EnvelopeInternal) && cut[a].Intersects(cut[b]))
                {
                    touches[a] = touches[b] = true;
                }
            }
        }

        var one = CascadedPolygonUnion.Union([.. cut.Where((_, k) => touches[k])]);
        return [.. cut.Where((_, k) => !touches[k]).Concat(one is null ? [] : [one]).SelectMany(Curves.Polygons).SelectMany(p => Held(p, bridgeMm))];
    }

    /// <summary>The narrowest strip between two openings, mm, and where it is; null when there are fewer than two.</summary>
    public static (double Mm, ChartPoint At)? Thinnest(IReadOnlyList<Geometry> openings)
    {
        (double Mm, ChartPoint At)? best = null;
        for (var a = 0; a < openings.Count; a++)
        {
            for (var b = a + 1; b < openings.Count; b++)
            {
                // Boxes farther apart than the best so far cannot be nearer.
                if (best is { } so && openings[a].EnvelopeInternal.Distance(openings[b].EnvelopeInternal) >= so.Mm)
                {
                    continue;
                }

                var near = NetTopologySuite.Operation.Distance.DistanceOp.NearestPoints(openings[a], openings[b]);
                var mm = near[0].Distance(near[1]);
                if (best is null || mm < best.Value.Mm)
                {
                    best = (mm, new((near[0].X + near[1].X) / 2, (near[0].Y + near[1].Y) / 2));
                }
            }
        }

        return best;
    }

    private static IEnumerable<Polygon> Held(Polygon opening, double bridgeMm)
    {
        Geometry cut = opening;
        foreach (var island in opening.InteriorRings)
        {
            var middle = island.Factory.CreatePolygon(island.Coordinates).InteriorPoint;
            var box = opening.EnvelopeInternal;
            // One strip through the island from edge to edge holds it at two sides.
            cut = cut.Difference(opening.Factory.ToGeometry(new Envelope(middle.X - bridgeMm / 2, middle.X + bridgeMm / 2, box.MinY - PastMm, box.MaxY + PastMm)));
        }

        return Curves.Polygons(cut);
    }
}
