using Datura.Core.Body;
using NetTopologySuite.Geometries.Utilities;

namespace Datura.Core.Shapes;

/// <summary>Turns a mark of the wearer's left into the same mark of anatomy on the right.</summary>
public static class Mirror
{
    public static Mark Of(Mark mark, FittedBody body)
    {
        // Of an uneven body the other side measures differently.
        if (body.IsUneven)
        {
            return MarkMap.Of(mark, body.Mirrored);
        }

        return mark is RegionMark r
            ? r with { Outline = AffineTransformation.ScaleInstance(-1, 1).Transform(r.Outline), Across = r.Across is { } across ? new(across.WholeAt.Mirrored(), across.GoneAt.Mirrored()) : null }
            : MarkMap.Of(mark, p => p.Mirrored()) with { OnSkin = mark.OnSkin };
    }
}
