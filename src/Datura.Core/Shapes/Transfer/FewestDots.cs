using System.Runtime.InteropServices;

namespace Datura.Core.Shapes.Transfer;

/// <summary>
/// Few points of a line from which a smooth curve redraws it: the worst place gets a dot until all is within tolerance,
/// then every dot that is not needed goes. Few, not proven fewest: the curve through a dot depends on its neighbours.
/// </summary>
public static class FewestDots
{
    private const double SampleMm = 1.5;

    /// <param name="line">The line; a closed one does not repeat its first point.</param>
    /// <returns>Points of the line in order along it.</returns>
    public static IReadOnlyList<ChartPoint> Of(IReadOnlyList<ChartPoint> line, bool closed, double toleranceMm)
    {
        var pieces = new Pieces(Resampled(line, closed), closed);
        var fine = pieces.Line;
        var chosen = Start(fine, closed);
        while (chosen.Count < fine.Count)
        {
            var (error, worst) = pieces.Worst(chosen);
            if (error <= toleranceMm)
            {
                break;
            }

            chosen.Insert(~chosen.BinarySearch(worst), worst);
        }

        var least = closed ? 3 : 2;
        for (var k = 0; k < chosen.Count && chosen.Count > least; k++)
        {
            // The ends of an open line stay.
            if (!closed && (k == 0 || k == chosen.Count - 1))
            {
                continue;
            }

            var without = chosen.Where((_, n) => n != k).ToList();
            if (pieces.Worst(without).Error <= toleranceMm)
            {
                chosen = without;
                k--;
            }
        }

        return [.. chosen.Select(k => fine[k])];
    }

    /// <summary>Greatest distance from a line to the curve redrawn through dots, mm of chart.</summary>
    public static double ErrorMm(IReadOnlyList<ChartPoint> line, bool closed, IReadOnlyList<ChartPoint> dots)
    {
        var redrawn = Curves.Through(dots, closed);
        if (closed)
        {
            redrawn.Add(redrawn[0]);
        }

        return Resampled(line, closed).Max(p => Distance(p, CollectionsMarshal.AsSpan(redrawn)));
    }

    private static List<int> Start(IReadOnlyList<ChartPoint> fine, bool closed)
    {
        if (!closed)
        {
            return [0, fine.Count - 1];
        }

        var far = Farthest(fine, p => (p - fine[0]).Length());
        var third = Farthest(fine, p => Math.Min((p - fine[0]).Length(), (p - fine[far]).Length()));
        var start = new List<int> { 0, far, third }.Distinct().Order().ToList();
        return start;
    }

    private static int Farthest(IReadOnlyList<ChartPoint> fine, Func<ChartPoint, double> distance) =>
        Enumerable.Range(0, fine.Count).MaxBy(k => distance(fine[k]));

    // Each piece of the line is held against the piece of the curve between the same two dots. A piece depends on four dots,
    // and most of them stay from one try to the next, so every piece is judged once (measured: a fifth of the time).
    private sealed class Pieces(List<ChartPoint> line, bool closed)
    {
        private readonly Dictionary<(int, int, int, int), (double Error, int At)> judged = [];

        public List<ChartPoint> Line => line;

        public (double Error, int At) Worst(List<int> chosen)
        {
            var n = chosen.Count;
            var worst = (Error: 0.0, At: -1);
            for (var k = 0; k < (closed ? n : n - 1); k++)
            {
                int Dot(int i) => closed ? chosen[(i % n + n) % n] : i < 0 || i >= n ? -1 : chosen[i];
                var key = (Dot(k - 1), Dot(k), Dot(k + 1), Dot(k + 2));
                if (!judged.TryGetValue(key, out var piece))
                {
                    judged[key] = piece = Judge(chosen, k);
                }

                worst = piece.Error > worst.Error ? piece : worst;
            }

            return worst;
        }

        private (double Error, int At) Judge(List<int> chosen, int k)
        {
            var n = chosen.Count;
            ChartPoint At(int i) => line[chosen[(i % n + n) % n]];
            var (b, c) = (At(k), At(k + 1));
            // Beyond the ends of an open line the curve goes on as it came.
            var piece = Curves.Piece(closed || k > 0 ? At(k - 1) : 2 * b - c, b, c, closed || k + 2 < n ? At(k + 2) : 2 * c - b);
            var (from, to) = (chosen[k], k + 1 < chosen.Count ? chosen[k + 1] : chosen[0] + line.Count);
            var worst = (Error: 0.0, At: -1);
            for (var i = from + 1; i < to; i++)
            {
                var d = Distance(line[i % line.Count], CollectionsMarshal.AsSpan(piece));
                worst = d > worst.Error ? (d, i % line.Count) : worst;
            }

            return worst;
        }
    }

    private static double Distance(ChartPoint p, ReadOnlySpan<ChartPoint> line)
    {
        var least = double.MaxValue;
        for (var k = 0; k + 1 < line.Length; k++)
        {
            double ax = line[k].XMm, ay = line[k].YMm, dx = line[k + 1].XMm - ax, dy = line[k + 1].YMm - ay;
            var length2 = dx * dx + dy * dy;
            var t = length2 > 0 ? Math.Clamp(((p.XMm - ax) * dx + (p.YMm - ay) * dy) / length2, 0, 1) : 0;
            double ox = ax + t * dx - p.XMm, oy = ay + t * dy - p.YMm;
            least = Math.Min(least, ox * ox + oy * oy);
        }

        return Math.Sqrt(least);
    }

    private static List<ChartPoint> Resampled(IReadOnlyList<ChartPoint> line, bool closed)
    {
        var fine = Curves.Every(SampleMm, closed ? [.. line, line[0]] : line);
        if (!closed)
        {
            fine.Add(line[^1]);
        }

        return fine;
    }
}
