namespace Datura.Numerics;

/// <summary>
/// Cubic through points that never overshoots them (PCHIP).
/// Source: Fritsch and Butland, SIAM J. Sci. Stat. Comput. 5 (1984) 300–304 (weighted harmonic slopes; from memory).
/// </summary>
public sealed class MonotoneCurve
{
    private readonly double[] x;
    private readonly double[] y;
    private readonly double[] slope;

    /// <param name="x">Strictly increasing abscissae, two or more.</param>
    /// <param name="y">As many values.</param>
    public MonotoneCurve(double[] x, double[] y)
    {
        if (x.Length != y.Length || x.Length < 2)
        {
            throw new ArgumentException("A curve needs two or more points with a value each.");
        }

        this.x = x;
        this.y = y;
        slope = Slopes(x, y);
    }

    /// <summary>Value at t; constant beyond both ends.</summary>
    public double At(double t)
    {
        if (t <= x[0])
        {
            return y[0];
        }

        if (t >= x[^1])
        {
            return y[^1];
        }

        var i = Array.BinarySearch(x, t);
        i = i < 0 ? ~i - 1 : Math.Min(i, x.Length - 2);
        var h = x[i + 1] - x[i];
        var s = (t - x[i]) / h;
        var s2 = s * s;
        var s3 = s2 * s;
        return (2 * s3 - 3 * s2 + 1) * y[i] + (s3 - 2 * s2 + s) * h * slope[i]
            + (3 * s2 - 2 * s3) * y[i + 1] + (s3 - s2) * h * slope[i + 1];
    }

    private static double[] Slopes(double[] x, double[] y)
    {
        var n = x.Length;
        var chord = new double[n - 1];
        for (var i = 0; i < n - 1; i++)
        {
            chord[i] = (y[i + 1] - y[i]) / (x[i + 1] - x[i]);
        }

        var result = new double[n];
        for (var i = 1; i < n - 1; i++)
        {
            if (chord[i - 1] * chord[i] <= 0)
            {
                continue;
            }

            var w1 = 2 * (x[i + 1] - x[i]) + (x[i] - x[i - 1]);
            var w2 = (x[i + 1] - x[i]) + 2 * (x[i] - x[i - 1]);
            result[i] = (w1 + w2) / (w1 / chord[i - 1] + w2 / chord[i]);
        }

        result[0] = n > 2 && chord[0] * chord[1] <= 0 ? 0 : chord[0];
        result[^1] = n > 2 && chord[^1] * chord[^2] <= 0 ? 0 : chord[^1];
        return result;
    }
}
