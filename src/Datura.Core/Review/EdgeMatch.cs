namespace Datura.Core.Review;

/// <summary>
/// Finds how far an outline lies off its place along one line: what the photo shows is held against what is planned, shifted to and fro,
/// whatever light and exposure are (correlation of logarithms along the direction in which inside and outside differ).
/// </summary>
internal static class EdgeMatch
{
    private const int HalfWindowMm = 5;
    private const double LeastLikeness = 0.6;
    private const double LeastSlope = 0.25;
    private const double MostSlope = 2.5;

    // However well one line fits, it counts no more than so.
    private const double MostFit = 12;
    private const int LeastSamples = 8;

    /// <summary>How much inside and outside differ.</summary>
    /// <param name="centreMm">Where along the line the outline is expected.</param>
    public static double Contrast(ReviewLine line, double centreMm = 0) => Math.Sqrt(Axis(line, centreMm).Sum(a => a * a));

    /// <summary>How well the photo along a line fits the plan at every shift.</summary>
    /// <param name="seen">What the photo shows along it, as logarithms; NaN where nothing is seen.</param>
    /// <param name="centreMm">Where along the line the outline is expected.</param>
    public static EdgeCurve Of(ReviewLine line, IReadOnlyList<(double R, double G, double B)> seen, double centreMm = 0)
    {
        var axis = Axis(line, centreMm);
        var photo = seen.Select(c => Along(axis, c)).ToArray();
        var planned = line.Planned.Select(c => Along(axis, LookFilms.Log(c))).ToArray();
        var fits = new double[EdgeCurve.Count];
        for (var place = 0; place < fits.Length; place++)
        {
            var shift = EdgeCurve.ShiftMm(place);
            double n = 0, sx = 0, sy = 0, sxx = 0, sxy = 0, syy = 0;
            for (var k = 0; k < photo.Length; k++)
            {
                var t = k - ReviewLine.ReachMm - shift;
                var at = 2 * (t + ReviewLine.PlannedReachMm);
                if (Math.Abs(t - centreMm) > HalfWindowMm || !double.IsFinite(photo[k]) || at < 0 || at > planned.Length - 1)
                {
                    continue;
                }

                var i = (int)at;
                var x = planned[i] + (at - i) * (planned[Math.Min(i + 1, planned.Length - 1)] - planned[i]);
                var y = photo[k];
                (n, sx, sy, sxx, sxy, syy) = (n + 1, sx + x, sy + y, sxx + x * x, sxy + x * y, syy + y * y);
            }

            var (vx, vy, vxy) = (sxx - sx * sx / n, syy - sy * sy / n, sxy - sx * sy / n);
            if (n < LeastSamples || vx <= 1e-9 || vy <= 1e-9)
            {
                continue;
            }

            var (like, slope) = (vxy / Math.Sqrt(vx * vy), vxy / vx);
            fits[place] = like < LeastLikeness || slope is < LeastSlope or > MostSlope ? 0 : Math.Min(MostFit, -n / 2 * Math.Log(1 - Math.Min(0.9999, like * like)));
        }

        return new(fits, shift => Width(photo, shift));
    }

    /// <summary>How wide the change is as planned, mm.</summary>
    public static double PlannedWidth(ReviewLine line)
    {
        var axis = Axis(line, 0);
        return Width([.. Enumerable.Range(0, ReviewLine.Samples).Select(k => Along(axis, LookFilms.Log(line.Planned[2 * (k - ReviewLine.ReachMm + ReviewLine.PlannedReachMm)])))], 0);
    }

    private static double Along(double[] axis, (double R, double G, double B) c) => axis[0] * c.R + axis[1] * c.G + axis[2] * c.B;

    // From a tenth to nine tenths of the change, as the steepest place would have it.
    private static double Width(double[] photo, double shift)
    {
        var middle = (int)Math.Round(shift) + ReviewLine.ReachMm;
        var (from, to) = (Math.Max(1, middle - 6), Math.Min(photo.Length - 2, middle + 6));
        double steepest = 0, least = double.PositiveInfinity, most = double.NegativeInfinity;
        for (var k = from; k <= to; k++)
        {
            if (double.IsFinite(photo[k - 1]) && double.IsFinite(photo[k + 1]))
            {
                steepest = Math.Max(steepest, Math.Abs(photo[k + 1] - photo[k - 1]) / 2);
                (least, most) = (Math.Min(least, photo[k]), Math.Max(most, photo[k]));
            }
        }

        return steepest > 0 ? 0.8 * (most - least) / steepest : double.NaN;
    }

    private static double[] Axis(ReviewLine line, double centreMm)
    {
        static double[] Mean(IEnumerable<(double R, double G, double B)> colours)
        {
            var all = colours.Select(LookFilms.Log).ToArray();
            return [all.Average(c => c.R), all.Average(c => c.G), all.Average(c => c.B)];
        }

        var middle = 2 * ReviewLine.PlannedReachMm + (int)Math.Round(2 * centreMm);
        var (inside, outside) = (Mean(line.Planned.Skip(middle - 7).Take(7)), Mean(line.Planned.Skip(middle + 1).Take(7)));
        return [.. inside.Zip(outside, (a, b) => a - b)];
    }
}
