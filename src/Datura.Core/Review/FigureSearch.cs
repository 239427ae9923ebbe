namespace Datura.Core.Review;

/// <summary>
/// Where a figure as a whole lies on a photo: at every shift and size the planned face is held against the photo along all its lines, so that
/// one tooth is not taken for its neighbour, nor another figure's edge for its own. Light may differ from line to line, not along one.
/// </summary>
internal static class FigureSearch
{
    private const double MostMm = 8;

    // Photo and plan differ by so much in logarithms however right the place is (grain, shading, noise); by judgement.
    private const double NoiseLog = 0.2;

    // Neighbouring samples tell the same: a line counts as so many.
    private const double SamplesPerLine = 5;
    private const int LeastSamples = 8;
    private const int Kept = 4;

    /// <param name="Log">Photo along a line, logarithms; NaN where nothing is seen.</param>
    internal sealed record Seen(ReviewLine Line, (double R, double G, double B)[] Log);

    public static FigurePlace Of(ReviewFigure figure, IReadOnlyList<Seen> lines)
    {
        var coarse = new List<(FigurePlace Place, double Fit)>();
        foreach (var larger in (ReadOnlySpan<double>)[0, 0.12, -0.12, 0.24, -0.24])
        {
            for (var x = -MostMm; x <= MostMm; x += 2)
            {
                for (var y = -MostMm; y <= MostMm; y += 2)
                {
                    FigurePlace place = new(x, y, larger);
                    coarse.Add((place, Fit(figure, lines, place)));
                }
            }
        }

        var best = coarse.MaxBy(c => c.Fit);
        foreach (var (from, _) in coarse.OrderByDescending(c => c.Fit).Take(Kept))
        {
            var at = (Place: from, Fit: double.NegativeInfinity);
            foreach (var step in (ReadOnlySpan<(double Mm, double Larger)>)[(1, 0.06), (0.5, 0.03)])
            {
                var around = at.Place;
                for (var k = 0; k < 27; k++)
                {
                    FigurePlace place = new(around.OutMm + (k % 3 - 1) * step.Mm, around.UpMm + (k / 3 % 3 - 1) * step.Mm, around.Larger + (k / 9 - 1) * step.Larger);
                    if (Fit(figure, lines, place) is var fit && fit > at.Fit)
                    {
                        at = (place, fit);
                    }
                }
            }

            best = at.Fit > best.Fit ? at : best;
        }

        return best.Place;
    }

    private static double Fit(ReviewFigure figure, IReadOnlyList<Seen> lines, FigurePlace place)
    {
        var fit = -(place.OutMm * place.OutMm + place.UpMm * place.UpMm) / (2 * FigureFit.ShiftSpreadMm * FigureFit.ShiftSpreadMm) - place.Larger * place.Larger / (2 * FigureFit.SizeSpread * FigureFit.SizeSpread);
        foreach (var (line, seen) in lines)
        {
            int n = 0;
            double r = 0, g = 0, b = 0, squares = 0;
            for (var k = 0; k < seen.Length; k++)
            {
                if (!double.IsFinite(seen[k].R))
                {
                    continue;
                }

                var at = line.Sample(k);
                var planned = figure.Films!.LogAt(at, place.PlannedAt(at, figure.Middle));
                var (dr, dg, db) = (seen[k].R - planned.R, seen[k].G - planned.G, seen[k].B - planned.B);
                (n, r, g, b, squares) = (n + 1, r + dr, g + dg, b + db, squares + dr * dr + dg * dg + db * db);
            }

            if (n >= LeastSamples)
            {
                var spread = (squares - (r * r + g * g + b * b) / n) / (3 * n);
                // Student's t: a line that something else crosses has little to say.
                fit -= SamplesPerLine / 2 * Math.Log(1 + Math.Max(0, spread) / (NoiseLog * NoiseLog));
            }
        }

        return fit;
    }
}
