namespace Datura.Core.Paint;

/// <summary>
/// Opaque colours of mixes of one to three paints in parts of 1 to 6, on means of three bands each: five times faster than all
/// bands and near enough to choose by (measured).
/// </summary>
internal sealed class MixColours
{
    public const int MostParts = 6;
    private const int Thin = 3;
    private const int Bands = Spectrum.Bands / Thin;

    private static readonly int[][][] AllParts = [.. new[] { 1, 2, 3 }.Select(n => Whole(n).ToArray())];

    private readonly double[][] k;
    private readonly double[][] s;
    private readonly (double X, double Y, double Z)[] eye;
    private readonly Xyz white;

    public MixColours(PaintOptics[] optics)
    {
        static double[] Means(double[] values) => [.. Enumerable.Range(0, Bands).Select(b => Enumerable.Range(0, Thin).Average(t => values[b * Thin + t]))];
        static double[] Eye(double[] weights) => [.. Enumerable.Range(0, Bands).Select(b => Enumerable.Range(0, Thin).Sum(t => weights[b * Thin + t] * Observer.D65[b * Thin + t]))];
        k = [.. optics.Select(o => Means(o.K))];
        s = [.. optics.Select(o => Means(o.S))];
        var (x, y, z) = (Eye(Observer.X), Eye(Observer.Y), Eye(Observer.Z));
        var sum = y.Sum();
        eye = [.. Enumerable.Range(0, Bands).Select(b => (x[b] / sum, y[b] / sum, z[b] / sum))];
        white = new(eye.Sum(e => e.X), 1, eye.Sum(e => e.Z));
    }

    /// <summary>Every set of one, two and three paints, as places in ascending order.</summary>
    public IEnumerable<int[]> Sets()
    {
        for (var a = 0; a < k.Length; a++)
        {
            yield return [a];
            for (var b = a + 1; b < k.Length; b++)
            {
                yield return [a, b];
                for (var c = b + 1; c < k.Length; c++)
                {
                    yield return [a, b, c];
                }
            }
        }
    }

    /// <summary>All sets of parts for so many paints, without a common divisor.</summary>
    public static int[][] Parts(int paints) => AllParts[paints - 1];

    /// <summary>Opaque colour of a mix as tristimulus values, Y = 1 for white.</summary>
    public Xyz Seen(int[] set, int[] parts)
    {
        double x = 0, y = 0, z = 0;
        for (var b = 0; b < Bands; b++)
        {
            double kb = 0, sb = 0;
            for (var p = 0; p < set.Length; p++)
            {
                kb += parts[p] * k[set[p]][b];
                sb += parts[p] * s[set[p]][b];
            }

            // Opaque: R = 1 + K/S − √((K/S)² + 2 K/S).
            var q = kb / Math.Max(sb, 1e-9);
            var seen = SurfaceReflection.SeenWithoutGloss(1 + q - Math.Sqrt(q * q + 2 * q));
            x += eye[b].X * seen;
            y += eye[b].Y * seen;
            z += eye[b].Z * seen;
        }

        return new(x, y, z);
    }

    /// <summary>Lightness alone, a third of the work of the whole colour; enough to leave most mixes out.</summary>
    public static double Lightness(Xyz seen) => seen.Y > 216.0 / 24389 ? 116 * Math.Cbrt(seen.Y) - 16 : 24389.0 / 27 * seen.Y;

    public Lab Colour(Xyz seen) => Lab.From(seen, white);

    private static IEnumerable<int[]> Whole(int paints)
    {
        var most = (int)Math.Pow(MostParts, paints);
        for (var n = 0; n < most; n++)
        {
            var parts = new int[paints];
            for (var (p, left) = (0, n); p < paints; p++, left /= MostParts)
            {
                parts[p] = left % MostParts + 1;
            }

            if (parts.Aggregate(Gcd) == 1)
            {
                yield return parts;
            }
        }
    }

    private static int Gcd(int a, int b) => b == 0 ? a : Gcd(b, a % b);
}
