using MathNet.Numerics.LinearAlgebra;

namespace Datura.Numerics;

/// <summary>
/// Smoothing thin-plate surface through scattered heights, mirror-symmetric in its first coordinate.
/// Source: Duchon 1977; Wahba, Spline Models for Observational Data (1990).
/// </summary>
public sealed class ThinPlate
{
    private readonly double[] px;
    private readonly double[] py;
    private readonly double[] weight;
    private readonly double constant;
    private readonly double rise;

    /// <summary>
    /// Points are given for x ≥ 0 only; each stands for itself and its mirror image, which halves the system.
    /// </summary>
    /// <param name="points">x, y (mm), height, and stiffness λ (0 passes exactly through the point).</param>
    public ThinPlate(IReadOnlyList<(double X, double Y, double Value, double Stiffness)> points)
    {
        var n = points.Count;
        px = [.. points.Select(p => p.X)];
        py = [.. points.Select(p => p.Y)];
        var system = Matrix<double>.Build.Dense(n + 2, n + 2);
        var right = Vector<double>.Build.Dense(n + 2);
        for (var i = 0; i < n; i++)
        {
            for (var j = 0; j < n; j++)
            {
                system[i, j] = Pair(px[i], py[i], j);
            }

            system[i, i] += points[i].Stiffness;
            system[i, n] = system[n, i] = 1;
            system[i, n + 1] = system[n + 1, i] = py[i] / 100;
            right[i] = points[i].Value;
        }

        var solved = system.Solve(right);
        weight = [.. solved.Take(n)];
        constant = solved[n];
        rise = solved[n + 1] / 100;
    }

    public double At(double x, double y)
    {
        x = Math.Abs(x);
        var sum = constant + rise * y;
        for (var j = 0; j < weight.Length; j++)
        {
            sum += weight[j] * Pair(x, y, j);
        }

        return sum;
    }

    private double Pair(double x, double y, int j)
    {
        var dy = (y - py[j]) * (y - py[j]);
        var near = (x - px[j]) * (x - px[j]) + dy;
        var far = (x + px[j]) * (x + px[j]) + dy;
        return Kernel(near) + Kernel(far);
    }

    // d² log d², scaled to centimetres so that the system stays well conditioned.
    private static double Kernel(double squaredMm) => squaredMm > 1e-12 ? squaredMm * 1e-2 * Math.Log(squaredMm * 1e-2) : 0;
}
