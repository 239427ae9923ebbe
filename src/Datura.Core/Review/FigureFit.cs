using MathNet.Numerics.LinearAlgebra;

namespace Datura.Core.Review;

/// <summary>
/// Shift, size and turn of a figure from how far its outline lies off along single lines. A line tells only what is across it, so what no
/// line tells stays as likely as it was. Misses are weighed by Tukey's biweight (Beaton and Tukey 1974).
/// </summary>
internal static class FigureFit
{
    /// <summary>How far painters usually are off, before a photo is looked at (by judgement).</summary>
    public const double ShiftSpreadMm = 5;

    public const double SizeSpread = 0.15;
    private const double TurnSpread = 0.15;
    private const double LeastScaleMm = 0.6;
    private const double Biweight = 4.685;
    private const int Rounds = 12;
    private const double MostOffMm = 10;

    /// <summary>An outline is found on the photo no better than so, mm: the mapping of photo to skin (by judgement, checked by simulated photos).</summary>
    public const double CommonMm = 0.6;

    /// <summary>The same where nobody has looked at the photo's points.</summary>
    public const double UncheckedMm = 1.8;

    // The figure as a whole is found first; a line is asked only near that.
    private const double WithinMm = 2.5;

    /// <summary>What every line says, near where the figure as a whole lies.</summary>
    /// <returns>The words with the width of the edge there, and how many lines had a chance to speak.</returns>
    public static (IReadOnlyList<(Word Word, double WidthMm)> Words, int Asked) Words(ReviewFigure figure, IReadOnlyList<FigureSearch.Seen> lines)
    {
        // What others lie on is where it is.
        var place = figure.IsBase ? default : FigureSearch.Of(figure, lines);
        var (words, asked) = (new List<(Word, double)>(), 0);
        foreach (var (line, seen) in lines)
        {
            var expected = place.Off(line, figure.Middle);
            var moved = figure.Laid(line, place);
            if (Math.Abs(expected) > MostOffMm || EdgeMatch.Contrast(moved, expected) < ReviewFigures.LeastContrast)
            {
                continue;
            }

            asked++;
            var curve = EdgeMatch.Of(moved, seen, expected);
            if (curve.Near(0, WithinMm) is var (mm, sd))
            {
                words.Add((new(line.At, line.Out, expected + mm, sd), curve.WidthAt(expected + mm)));
            }
        }

        return (words, asked);
    }

    /// <summary>One line's word.</summary>
    public sealed record Word(ChartPoint At, ChartPoint Out, double OffMm, double SdMm);

    public static FigureShift Of(ChartPoint middle, double radiusMm, IReadOnlyList<Word> words, double commonMm = CommonMm)
    {
        double[] spreads = [ShiftSpreadMm, ShiftSpreadMm, SizeSpread, TurnSpread];
        var slopes = words.Select(w => w.At - middle is var r ? new[] { w.Out.XMm, w.Out.YMm, w.Out.XMm * r.XMm + w.Out.YMm * r.YMm, -w.Out.XMm * r.YMm + w.Out.YMm * r.XMm } : []).ToArray();
        var found = Vector<double>.Build.Dense(4);
        var weights = words.Select(w => 1 / (w.SdMm * w.SdMm)).ToArray();
        var covariance = Matrix<double>.Build.DenseDiagonal(4, 4, k => spreads[k] * spreads[k]);
        for (var round = 0; round < Rounds && words.Count > 0; round++)
        {
            var squares = Matrix<double>.Build.DenseDiagonal(4, 4, k => 1 / (spreads[k] * spreads[k]));
            var right = Vector<double>.Build.Dense(4);
            for (var k = 0; k < words.Count; k++)
            {
                var row = Vector<double>.Build.DenseOfArray(slopes[k]);
                squares += weights[k] * row.OuterProduct(row);
                right += weights[k] * words[k].OffMm * row;
            }

            covariance = squares.Inverse();
            found = covariance * right;
            var off = words.Select((w, k) => Math.Abs(w.OffMm - Vector<double>.Build.DenseOfArray(slopes[k]) * found)).ToArray();
            var scale = Math.Max(LeastScaleMm, 1.4826 * off.Order().ElementAt(off.Length / 2));
            weights = [.. words.Select((w, k) => off[k] / (Biweight * scale) is var u && u < 1 ? (1 - u * u) * (1 - u * u) / Math.Max(w.SdMm * w.SdMm, scale * scale) : 0)];
        }

        const double deg = 180 / Math.PI;
        var edge = commonMm / radiusMm;
        double Sd(int k, double more) => Math.Sqrt(covariance[k, k] + more * more);
        return new(found[0], found[1], found[2], found[3] * deg, Sd(0, commonMm), Sd(1, commonMm), Sd(2, edge), Sd(3, edge) * deg, weights.Count(w => w > 0));
    }
}
