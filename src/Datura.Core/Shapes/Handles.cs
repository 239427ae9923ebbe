using Datura.Core.Body;

namespace Datura.Core.Shapes;

/// <summary>
/// Finds the handles of a part by trying: each length or angle is changed a little, and the place of the part that follows
/// most becomes its handle. So a new kind gets handles without saying anything.
/// </summary>
public static class Handles
{
    private const int MostHandles = 5;
    private const int Samples = 24;
    private const double LeastMmPerUnit = 0.12;
    private const double ApartMm = 7;

    public static IReadOnlyList<Handle> Of(PartKind kind, Part part, FittedBody body, Costume costume, HostMarks? host = null)
    {
        var side = kind.IsSided(part) ? part.Sides == Sides.Right ? Side.Right : Side.Left : Side.Middle;
        Mark[] Marks(Part p) => [.. kind.Expand(body, p, costume, host).Marks.Where(m => side == Side.Middle || m.Side == side)];
        var marks = Marks(part);
        if (marks.Length == 0)
        {
            return [];
        }

        var handles = new List<Handle>();
        if (kind.Movable && Mark.Middle(marks) is { } middle)
        {
            handles.Add(new("moved", "Move", "mm", middle, new(1, 0), 0, Limits.Least<Move>(nameof(Move.OutMm)), Limits.Most<Move>(nameof(Move.OutMm))));
        }

        var context = new PartContext(body, part, costume, side);
        foreach (var spec in kind.Parameters.OfType<NumberSpec>().Where(p => p.Type is ParameterType.LengthMm or ParameterType.AngleDeg))
        {
            if (handles.Count == MostHandles)
            {
                break;
            }

            var value = context.Number(spec);
            var change = value + 2 * spec.Step > spec.Most ? -2 * spec.Step : 2 * spec.Step;
            var numbers = new Dictionary<string, double>(part.Numbers) { [spec.Id] = value + change };
            var moved = Marks(part with { Numbers = numbers });
            if (Farthest(marks, moved, change, handles) is var (at, perUnit))
            {
                handles.Add(new(spec.Id, spec.Label, spec.Type == ParameterType.LengthMm ? "mm" : "°", at, perUnit, value, spec.Least, spec.Most));
            }
        }

        return handles;
    }

    private static (ChartPoint At, ChartPoint PerUnit)? Farthest(Mark[] before, Mark[] after, double change, List<Handle> taken)
    {
        // Where the count of marks changes there is nothing to compare beyond the shorter list.
        var best = LeastMmPerUnit;
        (ChartPoint, ChartPoint)? found = null;
        for (var k = 0; k < Math.Min(before.Length, after.Length); k++)
        {
            if (before[k].GetType() != after[k].GetType() || before[k].Role != after[k].Role)
            {
                continue;
            }

            for (var s = 0; s <= Samples; s++)
            {
                var (from, to) = (At(before[k], (double)s / Samples), At(after[k], (double)s / Samples));
                var perUnit = 1 / change * (to - from);
                // Far points of a turned or swelling part follow most; one that outruns the hand ten to one is no handle.
                if (perUnit.Length() > best && perUnit.Length() < 6 && taken.All(h => (h.At - from).Length() > ApartMm))
                {
                    best = perUnit.Length();
                    found = (from, perUnit);
                }
            }
        }

        return found;
    }

    private static ChartPoint At(Mark mark, double share) => mark switch
    {
        RegionMark r => Curves.At(Curves.OuterRings(r.Outline).First(), share),
        StrokeMark s => Curves.At(s.Path, share),
        DotMark d => d.At,
        _ => throw new NotSupportedException(),
    };
}
