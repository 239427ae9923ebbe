using Datura.Core.Body;

namespace Datura.Core.Shapes.Transfer;

/// <summary>
/// Finds for each dot two landmarks from which tape distances fix it well: near, and seen from the dot in directions that
/// cross. All dots of one line share a pair of landmarks as far as possible, since changing the hold costs time.
/// </summary>
internal sealed class DotPlacing(FittedBody body)
{
    private const double NearestMm = 10;
    private const double FarthestMm = 135;

    // Below this sine of the crossing angle a millimetre on the tape is more than two on the skin.
    private const double LeastCrossing = 0.5;

    private readonly (string Name, ChartPoint At, Vec3 Place)[] places =
        [.. NamedPlaces.All.Keys.Select(n => (n, body.Landmark(n), body.Chart.Position(body.Landmark(n))))];

    /// <param name="Redrawn">Where the rounded distances put it.</param>
    public sealed record Dot(ChartPoint At, ChartPoint Redrawn, TapeFrom First, TapeFrom Second, string Where);

    public IReadOnlyList<Dot> Place(IReadOnlyList<ChartPoint> dots)
    {
        var scores = dots.Select(d => Scores(d, FarthestMm, LeastCrossing) is { Count: > 0 } good ? good : Scores(d, 2 * FarthestMm, 0.6 * LeastCrossing)).ToArray();
        var pair = new (int, int)[dots.Count];
        var open = Enumerable.Range(0, dots.Count).ToHashSet();
        while (open.Count > 0)
        {
            // The pair that serves most of the dots left; among equals the better one.
            var best = scores.Where((_, k) => open.Contains(k)).SelectMany(s => s)
                .GroupBy(s => s.Pair).Select(g => (g.Key, Count: g.Count(), Cost: g.Average(s => s.Cost)))
                .OrderByDescending(g => g.Count).ThenBy(g => g.Cost).FirstOrDefault();
            if (best.Count <= 1)
            {
                foreach (var k in open)
                {
                    pair[k] = scores[k].Count > 0 ? scores[k].MinBy(s => s.Cost).Pair : Fallback(dots[k]);
                }

                break;
            }

            foreach (var k in open.Where(k => scores[k].Any(s => s.Pair == best.Key)).ToArray())
            {
                pair[k] = best.Key;
                open.Remove(k);
            }
        }

        return [.. dots.Select((d, k) => Measured(d, pair[k].Item1, pair[k].Item2))];
    }

    // Straight chords stand in for tapes while choosing.
    private List<((int, int) Pair, double Cost)> Scores(ChartPoint dot, double farthestMm, double leastCrossing)
    {
        var place = body.Chart.Position(dot);
        var normal = body.Faired.Normal(body.Chart.ToSkin(dot));
        var seen = places.Select(p => p.Place - place).Select(d => (Mm: d.Length, Way: (d - d.Dot(normal) * normal).Unit())).ToArray();
        var result = new List<((int, int), double)>();
        for (var a = 0; a < places.Length; a++)
        {
            if (seen[a].Mm < NearestMm || seen[a].Mm > farthestMm || Across(dot, places[a].At))
            {
                continue;
            }

            for (var b = a + 1; b < places.Length; b++)
            {
                var crossing = seen[a].Way.Cross(seen[b].Way).Length;
                if (seen[b].Mm < NearestMm || seen[b].Mm > farthestMm || crossing < leastCrossing || Across(dot, places[b].At))
                {
                    continue;
                }

                result.Add(((a, b), (1 + (seen[a].Mm + seen[b].Mm) / 90) / crossing));
            }
        }

        return result;
    }

    // A tape from the other side of the face lies over the nose.
    private static bool Across(ChartPoint dot, ChartPoint landmark) => dot.XMm * landmark.XMm < -8 * 8;

    private (int, int) Fallback(ChartPoint dot)
    {
        var near = Enumerable.Range(0, places.Length).OrderBy(k => (places[k].At - dot).Length()).ToArray();
        return (near[0], near[1]);
    }

    private Dot Measured(ChartPoint dot, int a, int b)
    {
        var (firstMm, firstWay) = Tape(dot, places[a].At);
        var (secondMm, secondWay) = Tape(dot, places[b].At);
        double first = Math.Round(firstMm), second = Math.Round(secondMm);

        // To first order a longer tape pushes the dot away along it; the two pushes fix where the rounded distances meet.
        var east = 0.5 * (body.Chart.Position(dot + new ChartPoint(1, 0)) - body.Chart.Position(dot - new ChartPoint(1, 0)));
        var north = 0.5 * (body.Chart.Position(dot + new ChartPoint(0, 1)) - body.Chart.Position(dot - new ChartPoint(0, 1)));
        double ax = firstWay.Dot(east), ay = firstWay.Dot(north), bx = secondWay.Dot(east), by = secondWay.Dot(north);
        var det = ax * by - ay * bx;
        double da = first - firstMm, db = second - secondMm;
        var redrawn = Math.Abs(det) < 0.05 ? dot : dot + new ChartPoint((da * by - ay * db) / det, (ax * db - da * bx) / det);
        return new(
            dot, redrawn, new(places[a].Name, NamedPlaces.All[places[a].Name], (int)first), new(places[b].Name, NamedPlaces.All[places[b].Name], (int)second),
            Where(dot, places[a].At, places[b].At));
    }

    // Length of the tape from a landmark to the dot, and its direction as it arrives there.
    private (double Mm, Vec3 Way) Tape(ChartPoint dot, ChartPoint landmark)
    {
        var path = Body.Tape.Path(body.Skin, body.Chart.ToSkin(landmark), body.Chart.ToSkin(dot));
        var (end, before) = (body.Skin.Position(path[^1]), body.Skin.Position(path[^2]));
        return (Body.Tape.PathLengthMm(body.Skin, path), (end - before).Unit());
    }

    // The two places with the same distances lie either side of the line between the landmarks.
    private static string Where(ChartPoint dot, ChartPoint a, ChartPoint b)
    {
        var line = b - a;
        var length2 = Math.Max(line.XMm * line.XMm + line.YMm * line.YMm, 1e-9);
        var t = ((dot.XMm - a.XMm) * line.XMm + (dot.YMm - a.YMm) * line.YMm) / length2;
        var off = dot - (a + t * line);
        if (Math.Abs(off.YMm) >= Math.Abs(off.XMm))
        {
            return off.YMm > 0 ? "above" : "below";
        }

        return Math.Abs(dot.XMm) > Math.Abs(dot.XMm - off.XMm) ? "towards the ear" : "towards the middle";
    }
}
