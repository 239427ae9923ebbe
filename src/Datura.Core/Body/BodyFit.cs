using MathNet.Numerics.LinearAlgebra;

namespace Datura.Core.Body;

/// <summary>
/// Moves the reference body until it has the wanted measures: each measure has a smooth displacement field, and Newton's
/// method finds the amounts, since fields overlap and lengths are not linear in them.
/// </summary>
public static class BodyFit
{
    private const int MostRounds = 12;
    private const double EnoughMm = 0.01;

    private static readonly Lazy<IReadOnlyList<Vec3[]>> Fields =
        new(() => [.. Measures.All.Select(m => ReferenceSkin.Skin.Field(m.Move))]);

    /// <param name="measuresMm">Any of the measures; missing ones are filled by proportion.</param>
    /// <returns>The skin with these measures and its faired copy.</returns>
    /// <exception cref="MeasureException">A measure is nonsense, or they contradict each other.</exception>
    public static (SkinGrid Skin, SkinGrid Faired) Fit(IReadOnlyDictionary<string, double> measuresMm)
    {
        if (MeasureCheck.Problems(measuresMm) is { Count: > 0 } problems)
        {
            throw new MeasureException(problems);
        }

        var amounts = Solve(MeasureCheck.Filled(measuresMm));
        // The fields belong to material points, so the faired copy moves by those of the skin above it.
        return (ReferenceSkin.Skin.Moved(Fields.Value, amounts), ReferenceSkin.Faired.Moved(Fields.Value, amounts));
    }

    private static double[] Solve(IReadOnlyDictionary<string, double> target)
    {
        var all = Measures.All;
        var amounts = new double[all.Count];
        var probes = all.Select(m => new MeasureProbe(m)).ToArray();
        for (var round = 0; round < MostRounds; round++)
        {
            var values = probes.Select(p => p.Value(amounts)).ToArray();
            var error = Vector<double>.Build.Dense(all.Count, k => target[all[k].Id] - values[k]);
            if (error.AbsoluteMaximum() < EnoughMm)
            {
                return amounts;
            }

            var slope = Matrix<double>.Build.Dense(all.Count, all.Count);
            for (var k = 0; k < all.Count; k++)
            {
                var moved = (double[])amounts.Clone();
                moved[k] += 0.5;
                for (var m = 0; m < all.Count; m++)
                {
                    slope[m, k] = (probes[m].Value(moved) - values[m]) / 0.5;
                }
            }

            var step = slope.Solve(error);
            for (var k = 0; k < all.Count; k++)
            {
                amounts[k] += step[k];
            }
        }

        throw new MeasureException([new("measures", "These measures do not fit one body. Check them against each other.")]);
    }
}

/// <summary>Measures that cannot be taken from one person.</summary>
public sealed class MeasureException(IReadOnlyList<MeasureProblem> problems)
    : Exception(string.Join(" ", problems.Select(p => p.Sentence)))
{
    public IReadOnlyList<MeasureProblem> Problems { get; } = problems;
}
