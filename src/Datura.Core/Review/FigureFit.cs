using MathNet.Numerics.LinearAlgebra;

namespace Datura.Core.Review;

/// <summary>
/// Shift, size and turn of a figure from how far its outline lies off along single lines. A line tells only what is across it, so what no
/// line tells stays as likely as it was. Misses are weighed by Tukey's biweight (Beaton and Tukey 1974).
/// </summary>
internal static class FigureFit
{
    private const double ShiftSpreadMm = 5;
    private const double SizeSpread = 0.15;
    private const double TurnSpread = 0.15;
    private const double LeastScaleMm = 0.6;
    private const double Biweight = 4.685;
    private const int Rounds = 12;

    /// <summary>An outline is found on the photo no better than so, mm: the mapping of photo to skin (by judgement, checked by simulated photos).</summary>
    public const double CommonMm = 0.6;

    /// <summary>The same where nobody has looked at the photo's points.</summary>
    public const double UncheckedMm = 1.8;

    private const double CoarseMm = 1;
    private const double WithinMm = 2;

    /// <summary>
    /// The figure as a whole is tried at every shift and size; only lines that fit near the best of them have a word, so that a row of like
    /// things (teeth, dots) is not taken for its neighbour.
    /// </summary>
    public static IReadOnlyList<(int Line, Word Word)> Words(ChartPoint middle, IReadOnlyList<(ReviewLine Line, EdgeCurve Curve)> lines)
    {
        var (best, found) = (double.NegativeInfinity, (Out: 0.0, Up: 0.0, Larger: 0.0));
        foreach (var larger in (ReadOnlySpan<double>)[0, 0.06, -0.06, 0.12, -0.12, 0.18, -0.18, 0.24, -0.24])
        {
            for (var x = -8.0; x <= 8; x += CoarseMm)
            {
                for (var y = -8.0; y <= 8; y += CoarseMm)
                {
                    var fit = -(x * x + y * y) / (2 * ShiftSpreadMm * ShiftSpreadMm) - larger * larger / (2 * SizeSpread * SizeSpread);
                    foreach (var (line, curve) in lines)
                    {
                        fit += curve.At(Off(line, x, y, larger));
                    }

                    if (fit > best)
                    {
                        (best, found) = (fit, (x, y, larger));
                    }
                }
            }
        }

        return [.. lines.Select((l, k) => (k, l.Line, Near: l.Curve.Near(Off(l.Line, found.Out, found.Up, found.Larger), WithinMm))).Where(l => l.Near is not null)
            .Select(l => (l.k, new Word(l.Line.At, l.Line.Out, l.Near!.Value.Mm, l.Near.Value.SdMm)))];

        double Off(ReviewLine line, double x, double y, double larger) =>
            line.Out.XMm * (x + larger * (line.At.XMm - middle.XMm)) + line.Out.YMm * (y + larger * (line.At.YMm - middle.YMm));
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
