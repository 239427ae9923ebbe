using Datura.Core.Body;
using NetTopologySuite.Geometries;

namespace Datura.Core.Caution.Checks;

/// <summary>A base that stops along the jaw shows as a line: it has to end under the chin or fade out on the neck.</summary>
public static class BaseEdge
{
    // Nearer than a finger is wide it reads as on the jaw; a crossing is shorter than this (common practice).
    private const double NearMm = 6;
    private const double LongestMm = 45;

    public static IEnumerable<CautionNote> Of(CheckedLook look)
    {
        var jaw = JawLine(look.Body);
        foreach (var job in look.Jobs.Where(j => j.Role.Stage == Stage.Base))
        {
            var along = 0.0;
            foreach (var region in job.Marks.OfType<RegionMark>())
            {
                // Where it has faded out by then there is no edge.
                var near = region.Outline.Boundary.Intersection(jaw.Buffer(NearMm));
                along += region.Fade is { } fade && fade.At(look.Body.At(Landmark.Gnathion).YMm) < 0.5 ? 0 : near.Length;
            }

            if (along > LongestMm)
            {
                yield return new(CautionCode.EndsAlongJaw, Severity.Warning)
                {
                    Parts = [new(job.PartId, job.PartLabel)],
                    Numbers = new Dictionary<string, double> { ["along"] = along },
                    At = look.Body.At(Landmark.Gonion.Left),
                };
            }
        }
    }

    private static LineString JawLine(FittedBody body)
    {
        ChartPoint[] line = [body.At(Landmark.Gonion.Left), body.At(Landmark.Gnathion), body.At(Landmark.Gonion.Right)];
        return GeometryFactory.Default.CreateLineString([.. line.Select(p => new Coordinate(p.XMm, p.YMm))]);
    }
}
