using System.Numerics;

namespace Datura.Core.Form;

/// <summary>
/// The shadow that a thing that lies on the skin throws: its own shape, away from the lamp, as far as it is high over the tangent of
/// the lamp's height; darkest where it touches; a leg's starts at its foot (common practice).
/// </summary>
public static class DropShadows
{
    // A lamp that only grazes the skin would throw it over the whole face.
    private const double LowestDeg = 25;

    /// <summary>Whether a part sits on the skin rather than in it.</summary>
    public static bool Throws(ExpandedPart part) => part.Kind.ThrowsShadow && KindRelief.Of(part.Kind, part.Part.ReliefMm).Any(h => h.Mm > 0);

    public static IReadOnlyList<Mark> Of(IReadOnlyList<ExpandedPart> parts, FormGrid grid, Vec3 towards)
    {
        var shadows = new List<Mark>();
        foreach (var part in parts.Where(Throws))
        {
            foreach (var (role, mm, _) in KindRelief.Of(part.Kind, part.Part.ReliefMm).Where(h => h.Mm > 0))
            {
                foreach (var mark in part.Marks.Marks.Where(m => m.Role == role.Id))
                {
                    if (Mark.Middle([mark]) is { } at && Fall(at, mm, grid, towards) is { } fall)
                    {
                        shadows.Add(Thrown(mark, fall));
                    }
                }
            }
        }

        return shadows;
    }

    /// <summary>Where the shadow of a height falls, from its foot, mm of chart; null where the lamp does not reach.</summary>
    internal static ChartPoint? Fall(ChartPoint at, double heightMm, FormGrid grid, Vec3 towards)
    {
        var n = grid.CellAt(at);
        if (n < 0 || Vector3.Dot(grid.Normal[n], towards.Single()) is not (> 0.05f and var up))
        {
            return null;
        }

        var away = -1 * grid.LampAlong(n, towards);
        var tangent = Math.Tan(Math.Max(Math.Asin(Math.Min(up, 1)), LowestDeg * Math.PI / 180));
        return away.Length() < 1e-6 ? default(ChartPoint) : heightMm / tangent / away.Length() * away;
    }

    private static Mark Thrown(Mark mark, ChartPoint fall) => mark switch
    {
        // The swept shape without the thing itself, fading over its length.
        RegionMark r => new RegionMark("drop", r.Side, Swept(r, fall).Difference(r.Outline), Math.Max(1, 0.7 * fall.Length())),
        StrokeMark s => new StrokeMark("drop", s.Side, [.. s.Path.Select((p, k) => p + (1 - (double)k / (s.Path.Count - 1)) * fall)], s.WidthsMm),
        DotMark d => new DotMark("drop", d.Side, d.At + 0.7 * fall, d.DiameterMm),
        _ => throw new NotSupportedException(),
    };

    private static NetTopologySuite.Geometries.Geometry Swept(RegionMark mark, ChartPoint fall)
    {
        var thrown = NetTopologySuite.Geometries.Utilities.AffineTransformation.TranslationInstance(fall.XMm, fall.YMm).Transform(mark.Outline);
        return mark.Outline.Factory.CreateGeometryCollection([mark.Outline, thrown]).ConvexHull();
    }
}
