using Datura.Core.Body;
using NetTopologySuite.Geometries;
using NetTopologySuite.Geometries.Utilities;

namespace Datura.Core.Shapes;

/// <summary>Turns a mark of the wearer's left into the same mark of anatomy on the right.</summary>
public static class Mirror
{
    // Of an uneven body the other side measures differently.
    public static Mark Of(Mark mark, FittedBody body) => (body.IsUneven ? mark with { OnSkin = null } : mark) switch
    {
        RegionMark r => r with { Outline = Of(r.Outline, body) },
        StrokeMark s => s with { Path = [.. s.Path.Select(body.Mirrored)] },
        DotMark d => d with { At = body.Mirrored(d.At) },
        _ => throw new NotSupportedException($"A mark of type {mark.GetType().Name} has no mirror image."),
    };

    private static Geometry Of(Geometry outline, FittedBody body)
    {
        if (!body.IsUneven)
        {
            return AffineTransformation.ScaleInstance(-1, 1).Transform(outline);
        }

        var copy = outline.Copy();
        copy.Apply(new EachCoordinate(body));
        copy.GeometryChanged();
        return copy.IsValid ? copy : copy.Buffer(0);
    }

    private sealed class EachCoordinate(FittedBody body) : ICoordinateFilter
    {
        public void Filter(Coordinate at)
        {
            var there = body.Mirrored(new(at.X, at.Y));
            (at.X, at.Y) = (there.XMm, there.YMm);
        }
    }
}
