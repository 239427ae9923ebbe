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

    // Distances are read to the millimetre.
    private const double SettledMm = 0.05;

    // Below this sine of the crossing angle a millimetre on the tape is more than two on the skin.
    private const double LeastCrossing = 0.5;

    private readonly (Landmark Name, ChartPoint At, Vec3 Place)[] places =
        [.. NamedPlaces.All.Keys.Select(n => (n, body.At(n), body.Chart.Position(body.At(n))))];

    /// <param name="Redrawn">Where the rounded distances put it.</param>
    public sealed record Dot(ChartPoint At, ChartPoint Redrawn, TapeFrom First, TapeFrom Second, string Where);

    public IReadOnlyList<Dot> Place(IReadOnlyList<ChartPoint> dots)
    {
        var costs = dots.Select(Costs).ToArray();
        var pair = new int[dots.Count];
        Array.Fill(pair, -1);
        while (true)
        {
            // The pair that serves most of the dots left; among equals the better one.
            var (best, most, cheapest) = (-1, 1, 0.0);
            for (var p = 0; p < places.Length * places.Length; p++)
            {
                var (count, cost) = (0, 0.0);
                for (var k = 0; k < dots.Count; k++)
                {
                    if (pair[k] < 0 && costs[k][p] > 0)
                    {
                        count++;
                        cost += costs[k][p];
                    }
                }

                if (count > most || (count == most && best >= 0 && cost < cheapest))
                {
                    (best, most, cheapest) = (p, count, cost);
                }
            }

            if (best < 0)
            {
                break;
            }

            for (var k = 0; k < dots.Count; k++)
            {
                pair[k] = pair[k] < 0 && costs[k][best] > 0 ? best : pair[k];
            }
        }

        for (var k = 0; k < dots.Count; k++)
        {
            pair[k] = pair[k] >= 0 ? pair[k] : Cheapest(costs[k]) ?? Fallback(dots[k]);
        }

        return [.. dots.Select((d, k) => Measured(d, pair[k] / places.Length, pair[k] % places.Length))];
    }

    // Cost of every pair of landmarks for a dot, 0 where it does not serve.
    private float[] Costs(ChartPoint dot)
    {
        var costs = Costs(dot, FarthestMm, LeastCrossing);
        return costs.Any(c => c > 0) ? costs : Costs(dot, 2 * FarthestMm, 0.6 * LeastCrossing);
    }

    // Straight chords stand in for tapes while choosing.
    private float[] Costs(ChartPoint dot, double farthestMm, double leastCrossing)
    {
        var n = places.Length;
        var place = body.Chart.Position(dot);
        var normal = body.Faired.Normal(body.Chart.ToSkin(dot));
        var seen = new (bool Serves, double Mm, Vec3 Way)[n];
        for (var k = 0; k < n; k++)
        {
            var chord = places[k].Place - place;
            seen[k] = (chord.Length >= NearestMm && chord.Length <= farthestMm && !Across(dot, places[k].At), chord.Length, (chord - chord.Dot(normal) * normal).Unit());
        }

        var costs = new float[n * n];
        for (var a = 0; a < n; a++)
        {
            for (var b = a + 1; b < n && seen[a].Serves; b++)
            {
                var crossing = seen[b].Serves ? seen[a].Way.Cross(seen[b].Way).Length : 0;
                costs[a * n + b] = crossing < leastCrossing ? 0 : (float)((1 + (seen[a].Mm + seen[b].Mm) / 90) / crossing);
            }
        }

        return costs;
    }

    private static int? Cheapest(float[] costs)
    {
        var serving = Enumerable.Range(0, costs.Length).Where(p => costs[p] > 0).ToArray();
        return serving.Length > 0 ? serving.MinBy(p => costs[p]) : null;
    }

    // A tape from the other side of the face lies over the nose.
    private static bool Across(ChartPoint dot, ChartPoint landmark) => dot.XMm * landmark.XMm < -8 * 8;

    private int Fallback(ChartPoint dot)
    {
        var near = Enumerable.Range(0, places.Length).OrderBy(k => (places[k].At - dot).Length()).ToArray();
        return near[0] * places.Length + near[1];
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
            dot, redrawn, new(places[a].Name.Id, NamedPlaces.All[places[a].Name], (int)first), new(places[b].Name.Id, NamedPlaces.All[places[b].Name], (int)second),
            Where(dot, places[a].At, places[b].At));
    }

    // Length of the tape from a landmark to the dot, and its direction as it arrives there.
    private (double Mm, Vec3 Way) Tape(ChartPoint dot, ChartPoint landmark)
    {
        var (path, mm) = Body.Tape.Laid(body.Skin, body.Chart.ToSkin(landmark), body.Chart.ToSkin(dot), SettledMm);
        var (end, before) = (body.Skin.Position(path[^1]), body.Skin.Position(path[^2]));
        return (mm, (end - before).Unit());
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
