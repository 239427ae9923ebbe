using MathNet.Numerics.LinearAlgebra;

namespace Datura.Core.Photos;

/// <summary>A least-squares problem as it is gathered row by row: only the unknowns a row touches are written.</summary>
internal sealed class NormalEquations
{
    private readonly double[,] squares;
    private readonly double[] right;

    public NormalEquations(int unknowns) => (squares, right) = (new double[unknowns, unknowns], new double[unknowns]);

    /// <param name="at">The unknowns it touches, in order.</param>
    /// <param name="slope">How the row changes with each of them.</param>
    /// <param name="miss">What is left to explain.</param>
    /// <param name="weight">One over its variance.</param>
    public void Add(ReadOnlySpan<int> at, ReadOnlySpan<double> slope, double miss, double weight)
    {
        for (var a = 0; a < at.Length; a++)
        {
            var by = weight * slope[a];
            if (by == 0)
            {
                continue;
            }

            right[at[a]] += by * miss;
            for (var b = 0; b <= a; b++)
            {
                squares[at[a], at[b]] += by * slope[b];
            }
        }
    }

    public void Add(int at, double miss, double weight) => Add([at], [1.0], miss, weight);

    /// <summary>How sure each unknown is.</summary>
    public Matrix<double> Covariance() => Whole().Cholesky().Solve(Matrix<double>.Build.DenseIdentity(right.Length));

    /// <summary>The step that explains most.</summary>
    public double[] Step() => [.. Whole().Cholesky().Solve(Vector<double>.Build.DenseOfArray(right))];

    private Matrix<double> Whole() => Matrix<double>.Build.Dense(right.Length, right.Length, (a, b) => a >= b ? squares[a, b] : squares[b, a]);
}
