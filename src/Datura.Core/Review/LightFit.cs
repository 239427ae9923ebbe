using MathNet.Numerics.LinearAlgebra;

namespace Datura.Core.Review;

/// <summary>
/// The light on a face, from places whose colour is known: one field over the directions that skin faces (spherical harmonics to the second
/// order; Ramamoorthi and Hanrahan 2001), times what the camera makes of red, green and blue. Every figure may be of another brightness than planned as
/// a whole; most are not, so one that is far off is believed to be off itself (Cauchy weights) and does not darken the light.
/// </summary>
internal sealed class LightFit
{
    private const int Rounds = 25;

    // Spread of single places, of whole figures, and of white paper that lies somehow, as shares (by judgement).
    private const double SpotSpread = 0.08;
    private const double FigureSpread = 0.06;
    private const double WhiteSpread = 0.12;

    // Beside so little light sent back, shares tell little.
    private const double DarkLinear = 0.06;

    private const double PaperWhite = Paint.PhotoColour.PaperWhite;

    // How strong the field's parts may be beside its mean: what is known of lamps before anything is seen (by judgement).
    private static readonly double[] Spreads = [10, 0.8, 0.8, 0.8, 0.3, 0.3, 0.3, 0.3, 0.3];

    private readonly Vector<double> field;
    private readonly double[] gains;

    private LightFit(Vector<double> field, double[] gains) => (this.field, this.gains) = (field, gains);

    /// <param name="Figure">Number of the figure it belongs to.</param>
    public sealed record Known(int Figure, (double R, double G, double B) Planned, (double R, double G, double B) Seen, Vec3 Normal);

    /// <param name="white">What the camera makes of white paper before the face, in linear channels; null where nothing white is in the picture.</param>
    public static LightFit Of(IReadOnlyList<Known> known, (double R, double G, double B)? white)
    {
        var gains = white is { } w ? new[] { w.R / w.G, 1, w.B / w.G } : [1.0, 1, 1];
        const int parts = 9;
        var figures = known.Max(k => k.Figure) + 1;
        var rows = known.Select(k => Harmonics(k.Normal)).ToArray();
        var dark = known.Select(k => 1 + DarkLinear / Math.Max(1e-3, (k.Planned.R + k.Planned.G + k.Planned.B) / 3)).ToArray();
        var figureDark = Enumerable.Range(0, figures).Select(f => known.Select((k, n) => (k.Figure, n)).Where(k => k.Figure == f).Select(k => dark[k.n]).DefaultIfEmpty(1).Average()).ToArray();
        var found = Vector<double>.Build.Dense(parts + figures);
        for (var round = 0; round < Rounds; round++)
        {
            var level = known.Select(k => (k.Seen.R / gains[0] + k.Seen.G + k.Seen.B / gains[2]) / Math.Max(3e-3, k.Planned.R + k.Planned.G + k.Planned.B)).ToArray();
            // The bright ones tell how strong the light is about.
            var mean = Math.Max(1e-3, Weighted([.. level.Select((l, n) => (l, 1 / (dark[n] * dark[n])))]));
            var squares = Matrix<double>.Build.Dense(parts + figures, parts + figures);
            var right = Vector<double>.Build.Dense(parts + figures);
            for (var k = 0; k < parts; k++)
            {
                squares[k, k] = 1 / (Spreads[k] * Spreads[k] * mean * mean);
            }

            for (var f = 0; f < figures; f++)
            {
                var spread = FigureSpread * figureDark[f] * mean;
                var off = found[parts + f];
                squares[parts + f, parts + f] = 1 / (spread * spread * (1 + off * off / (spread * spread)));
            }

            for (var n = 0; n < known.Count; n++)
            {
                var spread = SpotSpread * dark[n] * mean;
                var off = round == 0 ? 0 : level[n] - Light(found, rows[n]) - found[parts + known[n].Figure];
                Add(rows[n], parts + known[n].Figure, level[n], 1 / (spread * spread * (1 + off * off / (4 * spread * spread))));
            }

            if (white is { } paper)
            {
                Add(Harmonics(new(0, 0, 1)), null, paper.G / PaperWhite, 1 / (WhiteSpread * WhiteSpread * mean * mean));
            }

            found = squares.Solve(right);
            if (white is null)
            {
                gains = [Gain(k => (k.Planned.R, k.Seen.R)), 1, Gain(k => (k.Planned.B, k.Seen.B))];
            }

            void Add(Vector<double> row, int? figure, double miss, double weight)
            {
                for (var a = 0; a < parts; a++)
                {
                    right[a] += weight * miss * row[a];
                    for (var b = 0; b < parts; b++)
                    {
                        squares[a, b] += weight * row[a] * row[b];
                    }

                    if (figure is { } f)
                    {
                        squares[a, f] += weight * row[a];
                        squares[f, a] += weight * row[a];
                    }
                }

                if (figure is { } own)
                {
                    squares[own, own] += weight;
                    right[own] += weight * miss;
                }
            }

            // Green is the measure; half of the places, by their weight, are redder and half less red.
            double Gain(Func<Known, (double Planned, double Seen)> of) => Math.Clamp(
                Weighted([.. known.Select((k, n) => of(k) is var c && c.Planned > 0.01 && k.Planned.G > 0.01 && k.Seen.G > 1e-3 ? (c.Seen / c.Planned / (k.Seen.G / k.Planned.G), 1 / (dark[n] * dark[n])) : (1, 0))]), 0.2, 5);
        }

        return new(found.SubVector(0, parts), gains);
    }

    /// <summary>A colour off the photo as it would be under the planned light, linear channels.</summary>
    public (double R, double G, double B) Taken((double R, double G, double B) seen, Vec3 normal)
    {
        var light = Math.Max(0.02, Light(field, Harmonics(normal)));
        return (seen.R / gains[0] / light, seen.G / light, seen.B / gains[2] / light);
    }

    private static double Light(Vector<double> found, Vector<double> row) => found.SubVector(0, row.Count) * row;

    private static double Weighted((double Value, double Weight)[] all)
    {
        var half = all.Sum(a => a.Weight) / 2;
        foreach (var (value, weight) in all.OrderBy(a => a.Value))
        {
            if ((half -= weight) <= 0 && weight > 0)
            {
                return value;
            }
        }

        return 1;
    }

    private static Vector<double> Harmonics(Vec3 n) =>
        Vector<double>.Build.DenseOfArray([1, n.X, n.Y, n.Z - 0.7, n.X * n.Y, n.Y * n.Z, n.Z * n.Z - 0.6, n.X * n.Z, n.X * n.X - n.Y * n.Y]);
}
