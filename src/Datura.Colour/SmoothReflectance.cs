using MathNet.Numerics.LinearAlgebra;

namespace Datura.Colour;

/// <summary>
/// The smoothest reflectance between 0 and 1 that has a given colour under D65: least slope squared in the hyperbolic
/// tangent domain. Source: Burns, "Numerical methods for smoothest reflectance reconstruction", Color Research and
/// Application 45 (2020) 8–21 (method from memory).
/// </summary>
public static class SmoothReflectance
{
    /// <returns>One value a band, or null when no reflectance between 0 and 1 has this colour.</returns>
    public static double[]? Find(Lab colour)
    {
        var goal = colour.ToTristimulus();
        const int n = Spectrum.Bands;
        var weights = Weights();
        var z = new double[n];
        Array.Fill(z, Math.Atanh(Math.Clamp(2 * goal.Y / weights[1].Sum() - 1, -0.98, 0.98)));
        var multipliers = new double[3];
        double[] target = [goal.X, goal.Y, goal.Z];
        for (var round = 0; round < 60; round++)
        {
            var matrix = Matrix<double>.Build.Dense(n + 3, n + 3);
            var right = Vector<double>.Build.Dense(n + 3);
            for (var b = 0; b < n; b++)
            {
                var slope = SlopeRow(b, z, matrix);
                var tanh = Math.Tanh(z[b]);
                var sech2 = 1 - tanh * tanh;
                for (var c = 0; c < 3; c++)
                {
                    var w = weights[c][b] * sech2 / 2;
                    slope += multipliers[c] * w;
                    matrix[b, b] -= multipliers[c] * weights[c][b] * sech2 * tanh;
                    matrix[b, n + c] = matrix[n + c, b] = w;
                    right[n + c] -= weights[c][b] * (tanh + 1) / 2;
                }

                right[b] = -slope;
            }

            for (var c = 0; c < 3; c++)
            {
                right[n + c] += target[c];
            }

            var step = matrix.Solve(right);
            var size = step.Take(n).Max(Math.Abs);
            var limit = size > 1.5 ? 1.5 / size : 1;
            for (var b = 0; b < n; b++)
            {
                z[b] += limit * step[b];
            }

            for (var c = 0; c < 3; c++)
            {
                multipliers[c] += limit * step[n + c];
            }

            if (!double.IsFinite(size))
            {
                break;
            }

            if (size < 1e-9)
            {
                return [.. z.Select(v => (Math.Tanh(v) + 1) / 2)];
            }
        }

        return null;
    }

    // Gradient and second derivative of Σ (z[b+1] − z[b])².
    private static double SlopeRow(int b, double[] z, Matrix<double> matrix)
    {
        var slope = 0.0;
        if (b > 0)
        {
            slope += 2 * (z[b] - z[b - 1]);
            matrix[b, b] += 2;
            matrix[b, b - 1] -= 2;
        }

        if (b < z.Length - 1)
        {
            slope -= 2 * (z[b + 1] - z[b]);
            matrix[b, b] += 2;
            matrix[b, b + 1] -= 2;
        }

        return slope;
    }

    private static double[][] Weights()
    {
        var white = Observer.D65.Select((p, b) => p * Observer.Y[b]).Sum();
        double[] Of(double[] observer) => [.. observer.Select((v, b) => v * Observer.D65[b] / white)];
        return [Of(Observer.X), Of(Observer.Y), Of(Observer.Z)];
    }
}
