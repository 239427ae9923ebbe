using NetTopologySuite.Algorithm;
using NetTopologySuite.Geometries;
using NetTopologySuite.Operation.Union;

namespace Datura.Core.Shapes;

/// <summary>The figure that one side of a part makes, as on the wearer's left: what other parts hang on.</summary>
public sealed class HostFigure
{
    // Petals of one ring, teeth of one row are one figure: gaps of up to this are closed, mm (by judgement).
    private const double GapMm = 12;

    private HostFigure(Geometry area, IReadOnlyList<ChartPoint>? line)
    {
        Area = area;
        Line = line;
        Outline = OutlineOf(area);
        var box = area.EnvelopeInternal;
        Middle = new(box.Centre.X, box.Centre.Y);
    }

    /// <summary>All that it covers.</summary>
    public Geometry Area { get; }

    /// <summary>Its longest line, when it has no filled figure.</summary>
    public IReadOnlyList<ChartPoint>? Line { get; }

    /// <summary>Its outer edge in one piece, from the top towards the wearer's left and round; not closed by a last point.</summary>
    public IReadOnlyList<ChartPoint> Outline { get; }

    public ChartPoint Middle { get; }

    public ChartPoint Lowest => Outline.MinBy(p => p.YMm);

    /// <summary>The end of its line, or the point of its edge farthest from its middle, and the way it points.</summary>
    public (ChartPoint At, double HeadingRad) Tip
    {
        get
        {
            if (Line is { } line)
            {
                return (line[^1], (line[^1] - line[Math.Max(0, line.Count - 4)]).Angle());
            }

            var at = Outline.MaxBy(p => (p - Middle).Length());
            return (at, (at - Middle).Angle());
        }
    }

    /// <summary>The figure of some marks; null when they cover nothing.</summary>
    public static HostFigure? Of(IReadOnlyList<Mark> marks)
    {
        Geometry[] filled = [.. marks.OfType<RegionMark>().Where(r => !r.Pulled).Select(r => r.Outline)];
        StrokeMark[] strokes = [.. marks.OfType<StrokeMark>().Where(s => s.Path.Count > 1)];
        Geometry[] all = filled.Length > 0 ? filled :
        [
            .. strokes.Select(Band),
            .. marks.OfType<DotMark>().Select(d => new Point(d.At.XMm, d.At.YMm).Buffer(d.DiameterMm / 2)),
        ];
        var area = CascadedPolygonUnion.Union(all);
        return area is null || area.IsEmpty ? null : new(area, filled.Length > 0 ? null : strokes.MaxBy(s => Curves.Length(s.Path))?.Path);
    }

    /// <summary>The place a share of the way round its edge, and the direction out of the figure there.</summary>
    public (ChartPoint At, double OutRad) Round(double share)
    {
        const double reach = 0.01;
        ChartPoint On(double at) => Curves.At([.. Outline, Outline[0]], at - Math.Floor(at));
        var along = On(share + reach) - On(share - reach);
        // It runs clockwise, so outwards lies to the left of its way.
        return (On(share), along.Angle() + Math.PI / 2);
    }

    private static Geometry Band(StrokeMark stroke) => Curves.Band(stroke.Path, t => Math.Max(0.2, stroke.WidthsMm[(int)Math.Round(t * (stroke.WidthsMm.Count - 1))] / 2));

    private static List<ChartPoint> OutlineOf(Geometry area)
    {
        var one = area.NumGeometries == 1 ? area : area.Buffer(GapMm / 2).Buffer(-GapMm / 2);
        one = one is Polygon ? one : area.ConvexHull();
        List<ChartPoint> ring = [.. Curves.OuterRings(one).First().SkipLast(1)];
        if (Orientation.IsCCW([.. ring.Append(ring[0]).Select(p => new Coordinate(p.XMm, p.YMm))]))
        {
            ring.Reverse();
        }

        var top = ring.IndexOf(ring.MaxBy(p => p.YMm));
        return [.. ring.Skip(top), .. ring.Take(top)];
    }
}
