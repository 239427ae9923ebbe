using NetTopologySuite.Geometries.Utilities;

namespace Datura.Core.Shapes;

/// <summary>Turns a mark of the wearer's left into the same mark on the right.</summary>
public static class Mirror
{
    public static Mark Of(Mark mark) => mark switch
    {
        RegionMark r => r with { Outline = AffineTransformation.ScaleInstance(-1, 1).Transform(r.Outline) },
        StrokeMark s => s with { Path = [.. s.Path.Select(p => p.Mirrored())] },
        DotMark d => d with { At = d.At.Mirrored() },
        _ => throw new NotSupportedException($"A mark of type {mark.GetType().Name} has no mirror image."),
    };
}
