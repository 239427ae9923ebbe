using NetTopologySuite.Geometries;
using NetTopologySuite.Geometries.Utilities;

namespace Datura.Core.Hands;

/// <summary>The shade that a damp brush pulls out of an edge: full at the edge, nothing where the brush stops (common practice; from memory how it thins).</summary>
public static class PulledOut
{
    /// <summary>What is laid beside a mark, of the same paint; nothing beside a dot that a brush is wider than.</summary>
    public static IEnumerable<Mark> Of(Mark mark, PullOut pull)
    {
        var figure = mark switch
        {
            RegionMark { Outline.IsEmpty: false } r => r.Outline,
            StrokeMark { Path.Count: > 1 } s => new LineString([.. s.Path.Select(p => new Coordinate(p.XMm, p.YMm))]).Buffer(Math.Max(0.3, s.WidthsMm.Average() / 2)),
            _ => null,
        };
        if (figure is null)
        {
            yield break;
        }

        // Half of a soft edge lies outside its outline. Pulled to one side it ends under the mark on the others, as far as the mark is wide enough.
        var (dx, dy) = Direction(pull.Towards, mark);
        var shade = pull.Towards == PullTowards.AllRound ? figure.Buffer(pull.Mm / 2)
            : new[] { 0.5, 0.25, 0.125, 0 }.Select(share => (In: figure.Buffer(-share * pull.Mm), Mm: (0.5 + share) * pull.Mm)).Where(s => !s.In.IsEmpty)
                .Select(s => AffineTransformation.TranslationInstance(dx * s.Mm, dy * s.Mm).Transform(s.In)).FirstOrDefault();
        if (shade is { IsEmpty: false })
        {
            yield return new RegionMark(mark.Role, mark.Side, shade, pull.Mm) { Pulled = true };
        }
    }

    /// <summary>Length of the edge that the brush goes along, mm.</summary>
    public static double EdgeMm(IEnumerable<Mark> marks, PullOut pull) => marks.Sum(m => m switch
    {
        RegionMark { Pulled: false } r => r.Outline.Length * (pull.Towards == PullTowards.AllRound ? 1 : 0.5),
        StrokeMark s => Curves.Length(s.Path) * (pull.Towards == PullTowards.AllRound ? 2 : 1),
        _ => 0,
    });

    private static (double X, double Y) Direction(PullTowards towards, Mark mark)
    {
        var outwards = mark.Side switch { Side.Left => 1, Side.Right => -1, _ => mark.Box().Centre.X >= 0 ? 1 : -1 };
        return towards switch
        {
            PullTowards.Down => (0, -1),
            PullTowards.Up => (0, 1),
            PullTowards.Outwards => (outwards, 0),
            PullTowards.Inwards => (-outwards, 0),
            _ => (0, 0),
        };
    }
}
