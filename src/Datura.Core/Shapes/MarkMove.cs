using Datura.Core.Body;
using NetTopologySuite.Geometries.Utilities;

namespace Datura.Core.Shapes;

/// <summary>Shifts the marks of a part so that its middle moves by true millimetres of skin.</summary>
public static class MarkMove
{
    public static IReadOnlyList<Mark> Of(IReadOnlyList<Mark> marks, Move move, FittedBody body)
    {
        if (Mark.Middle(marks) is not { } middle)
        {
            return marks;
        }

        var across = body.Go(middle, 0, move.OutMm);
        var shift = body.Go(across, Math.PI / 2, move.UpMm) - middle;
        return [.. marks.Select(m => By(m, shift))];
    }

    private static Mark By(Mark mark, ChartPoint shift) => (mark with { OnSkin = null }) switch
    {
        RegionMark r => r with
        {
            Outline = AffineTransformation.TranslationInstance(shift.XMm, shift.YMm).Transform(r.Outline),
            Across = r.Across is { } across ? new(across.WholeAt + shift, across.GoneAt + shift) : null,
            Fade = r.Fade is { } fade ? new(fade.WholeAboveYMm + shift.YMm, fade.GoneBelowYMm + shift.YMm) : null,
        },
        StrokeMark s => s with { Path = [.. s.Path.Select(p => p + shift)] },
        DotMark d => d with { At = d.At + shift },
        _ => throw new NotSupportedException(),
    };
}
