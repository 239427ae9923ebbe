using Datura.Core.Body;
using NetTopologySuite.Geometries;

namespace Datura.Core.Shapes;

/// <summary>
/// Carries marks from their kind's own place to where the painter hangs the part: true millimetres round the point they hang by,
/// turned there. Good for what is up to a few centimetres, as <see cref="SkinFrame"/> is.
/// </summary>
public static class HungMarks
{
    // How far what grows from under an edge reaches beneath it, mm (by judgement).
    private const double TuckedMm = 3;

    /// <param name="side">Which side of the wearer they are drawn for; they are drawn as on the left all the same.</param>
    /// <param name="host">The figure it hangs on; null when it hangs on none, or the other part is not on this side.</param>
    public static IReadOnlyList<Mark> Of(IReadOnlyList<Mark> marks, Hanging hung, FittedBody body, Side side, HostFigure? host)
    {
        if (hung.On is not null && host is null)
        {
            return [];
        }

        if (Mark.Middle(marks) is not { } middle)
        {
            return marks;
        }

        var turn = hung.TurnDeg * Math.PI / 180;
        var (by, to) = (middle, middle);
        if (host is not null)
        {
            (by, to, var more) = OnHost(hung, host, body, marks, middle);
            turn += more;
        }
        else if (hung.At is { } place)
        {
            to = HangingPlaces.On(body, place);
        }

        to = side == Side.Middle && hung.On is null ? to with { XMm = 0 } : to;
        var carried = Carried(marks, body, by, to, turn);
        return host is not null && hung.Where == HostPlace.Under ? Outside(carried, host.Area) : carried;
    }

    private static (ChartPoint By, ChartPoint To, double TurnRad) OnHost(Hanging hung, HostFigure host, FittedBody body, IReadOnlyList<Mark> marks, ChartPoint middle)
    {
        var box = new Envelope();
        foreach (var mark in marks)
        {
            box.ExpandToInclude(mark.Box());
        }

        var (foot, head) = (middle with { YMm = box.MinY }, middle with { YMm = box.MaxY });
        var (edge, outwards) = host.Round(hung.Share);
        return hung.Where switch
        {
            HostPlace.Outline => (middle, body.Go(edge, outwards, hung.OffMm), outwards - Math.PI / 2),
            HostPlace.Under => (foot, body.Go(edge, outwards, hung.OffMm - TuckedMm), outwards - Math.PI / 2),
            HostPlace.Tip => (foot, body.Go(host.Tip.At, host.Tip.HeadingRad, hung.OffMm), host.Tip.HeadingRad - Math.PI / 2),
            HostPlace.LowerEdge => (head, body.Go(host.Lowest, -Math.PI / 2, hung.OffMm), 0),
            _ => (middle, host.Middle, 0),
        };
    }

    private static IReadOnlyList<Mark> Carried(IReadOnlyList<Mark> marks, FittedBody body, ChartPoint by, ChartPoint to, double turnRad)
    {
        if (by == to && turnRad == 0)
        {
            return marks;
        }

        double Stretch(ChartPoint at, double rad) => Math.Clamp(body.Chart.Stretch(at, rad), 0.4, 2.5);
        var (fromX, fromY, toX, toY) = (Stretch(by, 0), Stretch(by, Math.PI / 2), Stretch(to, 0), Stretch(to, Math.PI / 2));
        var (sin, cos) = Math.SinCos(turnRad);
        ChartPoint There(ChartPoint p)
        {
            var (x, y) = ((p.XMm - by.XMm) * fromX, (p.YMm - by.YMm) * fromY);
            return to + new ChartPoint((x * cos - y * sin) / toX, (x * sin + y * cos) / toY);
        }

        return [.. marks.Select(m => MarkMap.Of(m is RegionMark r ? r with { Fade = FadeThere(r.Fade) } : m, There))];

        // A fade runs down the body; what is turned does not.
        Fade? FadeThere(Fade? fade) => fade is null || turnRad != 0 ? null : new(There(new(by.XMm, fade.WholeAboveYMm)).YMm, There(new(by.XMm, fade.GoneBelowYMm)).YMm);
    }

    private static IReadOnlyList<Mark> Outside(IReadOnlyList<Mark> marks, Geometry host) => [.. marks.SelectMany(m => m switch
    {
        RegionMark r => [r with { Outline = r.Outline.Difference(host) }],
        StrokeMark s => Pieces(s, host),
        DotMark d => host.Contains(new Point(d.At.XMm, d.At.YMm)) ? [] : [d],
        _ => (IEnumerable<Mark>)[m],
    })];

    private static IEnumerable<Mark> Pieces(StrokeMark stroke, Geometry host)
    {
        var start = 0;
        while (start < stroke.Path.Count)
        {
            var end = start;
            while (end < stroke.Path.Count && !host.Contains(new Point(stroke.Path[end].XMm, stroke.Path[end].YMm)))
            {
                end++;
            }

            if (end - start > 1)
            {
                yield return stroke with { Path = [.. stroke.Path.Take(start..end)], WidthsMm = [.. stroke.WidthsMm.Take(start..end)] };
            }

            start = end + 1;
        }
    }
}
