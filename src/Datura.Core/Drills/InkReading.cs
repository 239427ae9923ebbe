namespace Datura.Core.Drills;

/// <summary>What was painted, read off a picture of the sheet: across each stroke where it should lie, the paint that lies nearest (docs/days.md).</summary>
/// <param name="Strokes">As they were made, flat mm, by stroke of the lay; null for one that was not made.</param>
/// <param name="CoveredPercent">How much of them is filled between their edges.</param>
/// <param name="TonePercent">How much the colour goes to and fro inside what is broad, as a standard deviation; null where nothing is.</param>
public sealed record InkReading(IReadOnlyList<DrillStroke?> Strokes, double CoveredPercent, double? TonePercent)
{
    // Along and across a stroke one looks so often.
    private const double AlongMm = 0.75;
    private const double AcrossMm = 0.15;

    // So far beside a stroke, and beyond its ends, it may have been made all the same.
    private const double BesideMm = 6;
    private const double BeyondMm = 6;

    // Fainter than so, of 441, is print or shadow; so is what has less than this share of what the paint usually has.
    private const double FaintestInk = 36;
    private const double FaintShare = 0.25;

    // A gap as wide as this share of a stroke, or as this, is a hole and no edge.
    private const double HoleShare = 0.3;
    private const double HoleMm = 0.5;

    // Of a stroke so much must be there.
    private const double LeastMade = 0.4;

    // From this width on the colour inside is looked at, away from the edges.
    private const double BroadMm = 15;
    private const double EdgeMm = 1;

    public static InkReading Of(InkPicture picture, DrillLay lay)
    {
        var strokes = lay.Strokes;
        var lines = strokes.Select(s => new StrokeLine(s, AlongMm, BeyondMm)).ToArray();
        var near = new NearestStroke(lines, picture, lay.Ground);
        var ink = picture.Ink(near.AwaySeen);
        var usual = Usual(picture, ink, lines, lay.Ground);
        var floor = Math.Max(FaintestInk, FaintShare * usual);
        var (made, inked, between) = (new DrillStroke?[strokes.Count], 0, 0);
        var tones = new List<double>();
        for (var n = 0; n < lines.Length; n++)
        {
            var looks = new List<(StrokePoint Point, double? Off, double Width)>();
            var (seen, within, most) = (0, 0, strokes[n].WidthsMm.Max());
            foreach (var point in lines[n].Points)
            {
                // Where another stroke crosses, the paint is not of this one alone.
                if (!point.Beyond && near.Crosses(n, point))
                {
                    looks.Add((point, null, 0));
                    continue;
                }

                within += point.Beyond ? 0 : 1;
                var run = Run(picture, ink, lay.Ground, near, n, point, Math.Max(HoleMm, HoleShare * most), floor);
                if (run is not { } found || point.Beyond && Math.Abs(found.From + found.To) / 2 > found.To - found.From + 1)
                {
                    continue;
                }

                seen += point.Beyond ? 0 : 1;
                looks.Add((point, (found.From + found.To) / 2, found.To - found.From));
                (inked, between) = (inked + found.Inked, between + found.Between);
                if (point.WidthMm >= BroadMm)
                {
                    tones.AddRange(found.Tones);
                }
            }

            made[n] = seen >= 2 && seen >= LeastMade * within ? Made(looks) : null;
        }

        var mean = tones.Count > 0 ? tones.Average() : 0;
        return new(made, between == 0 ? 100 : 100.0 * inked / between, mean > 0 ? 100 * Math.Sqrt(tones.Average(t => (t - mean) * (t - mean))) / mean : null);
    }

    // Where it is crossed it goes on as it does beside that.
    private static DrillStroke Made(List<(StrokePoint Point, double? Off, double Width)> looks)
    {
        var seen = looks.Index().Where(l => l.Item.Off is not null).Select(l => l.Index).ToArray();
        var (path, widths) = (new List<ChartPoint>(), new List<double>());
        for (var k = 0; k < looks.Count; k++)
        {
            var point = looks[k].Point;
            var (before, after) = (seen.LastOrDefault(i => i <= k, seen[0]), seen.FirstOrDefault(i => i >= k, seen[^1]));
            var share = after > before ? Math.Clamp((double)(k - before) / (after - before), 0, 1) : 0;
            double Ratio(int i) => looks[i].Width / Math.Max(0.3, looks[i].Point.WidthMm);
            path.Add(point.At + (looks[before].Off!.Value + share * (looks[after].Off!.Value - looks[before].Off!.Value)) * point.Across);
            widths.Add(looks[k].Off is not null ? looks[k].Width : point.WidthMm * (Ratio(before) + share * (Ratio(after) - Ratio(before))));
        }

        return new(path, widths);
    }

    // The paint as it lies on the middle of the strokes: the upper half of what is seen there.
    private static double Usual(InkPicture picture, float[] ink, StrokeLine[] lines, GroundSurface ground)
    {
        double[] all = [.. lines.SelectMany(l => l.Points).Where(p => !p.Beyond).Select(p => Enumerable.Range(-3, 7).Max(k => picture.At(ink, ground.Seen(p.At + 0.5 * k * p.Across)))).Order()];
        return all.Length == 0 ? 0 : all[3 * all.Length / 4];
    }

    private static (double From, double To, int Inked, int Between, IReadOnlyList<double> Tones)? Run(
        InkPicture picture, float[] ink, GroundSurface ground, NearestStroke near, int stroke, StrokePoint point, double hole, double floor)
    {
        var reach = point.WidthMm / 2 + BesideMm;
        var count = 2 * (int)Math.Ceiling(reach / AcrossMm) + 1;
        double Off(double k) => (k - count / 2) * AcrossMm;
        var values = new double[count];
        for (var k = 0; k < count; k++)
        {
            var at = point.At + Off(k) * point.Across;
            values[k] = near.IsNearest(stroke, at) ? picture.At(ink, ground.Seen(at)) : 0;
        }

        // Half of what is darkest here is its edge, however thin it is and however blurred.
        var best = (From: 0, To: -1, Away: double.MaxValue);
        var edge = Math.Max(floor, 0.5 * values.Max());
        for (var k = 0; k < count; k++)
        {
            if (values[k] < edge)
            {
                continue;
            }

            var (from, to) = (k, k);
            for (var gap = 0; k + 1 < count && gap * AcrossMm <= hole; k++)
            {
                gap = values[k + 1] >= edge ? 0 : gap + 1;
                to = gap == 0 ? k + 1 : to;
            }

            var away = Off(from) > 0 ? Off(from) : Off(to) < 0 ? -Off(to) : 0;
            if (away < best.Away || away == best.Away && to - from > best.To - best.From)
            {
                best = (from, to, away);
            }
        }

        if (best.To < best.From)
        {
            return null;
        }

        // Edges lie between the last look inside and the first outside.
        double Edge(int inside, int step) => inside + step < 0 || inside + step >= count ? inside : inside + step * (values[inside] - edge) / Math.Max(1e-9, values[inside] - values[inside + step]);
        var (low, high) = (Off(Edge(best.From, -1)), Off(Edge(best.To, 1)));
        var run = values[best.From..(best.To + 1)];
        return (low, high, run.Count(v => v >= edge), run.Length, [.. run.Where((_, k) => Off(best.From + k) - low > EdgeMm && high - Off(best.From + k) > EdgeMm)]);
    }
}
