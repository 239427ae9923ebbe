using MathNet.Numerics.LinearAlgebra;

namespace Datura.Core.Body;

/// <summary>
/// Moves the reference body until it has the given measures. Of the many bodies that have them it takes the likeliest: the
/// one whose modes together lie least far from the mean, each against its usual spread. What was not measured so follows
/// from what was: by size, and by what it hangs together with. See docs/body.md.
/// </summary>
public static class BodyFit
{
    private const int MostRounds = 20;
    private const double EnoughMm = 0.005;

    // Beyond this many spreads a mode bends the skin more than any person's does.
    private const double MostSpreads = 7;

    private static readonly Lazy<IReadOnlyDictionary<string, MeasureProbe>> Probes =
        new(() => Measures.All.ToDictionary(m => m.Id, m => new MeasureProbe(m)));

    private static readonly Lazy<IReadOnlyList<DisplacementField>> Fields =
        new(() => [.. BodyModes.All.Select(m => ReferenceSkin.Skin.Field(m.Move))]);

    /// <param name="measuresMm">Any of the measures.</param>
    /// <returns>The skin with these measures, its faired copy, and every measure, those not given as they come out.</returns>
    /// <exception cref="MeasureException">A measure is nonsense, or they contradict each other.</exception>
    public static (SkinGrid Skin, SkinGrid Faired, IReadOnlyDictionary<string, double> MeasuresMm) Fit(IReadOnlyDictionary<string, double> measuresMm)
    {
        if (MeasureCheck.Problems(measuresMm) is { Count: > 0 } problems)
        {
            throw new MeasureException(problems);
        }

        var amounts = Solve(measuresMm);
        if (amounts is null || Strained(amounts))
        {
            throw new MeasureException([Odd(measuresMm)]);
        }

        var skin = ReferenceSkin.Skin.Moved(Fields.Value, amounts);
        if (ArcsOff(measuresMm, skin) is { Count: > 0 } off && Solve(off) is { } nearer)
        {
            amounts = nearer;
            skin = ReferenceSkin.Skin.Moved(Fields.Value, amounts);
        }

        // The fields belong to material points, so the faired copy moves by those of the skin above it.
        return (skin, ReferenceSkin.Faired.Moved(Fields.Value, amounts), Values(measuresMm, amounts));
    }

    /// <summary>Every measure: the given ones, and those that follow from them.</summary>
    /// <returns>Null when the given ones fit no body.</returns>
    public static IReadOnlyDictionary<string, double>? Estimate(IReadOnlyDictionary<string, double> measuresMm) =>
        Solve(measuresMm) is { } amounts ? Values(measuresMm, amounts) : null;

    // A tape over the fitted face takes a slightly other way than over the reference; what it misses is asked for once more.
    private static Dictionary<string, double> ArcsOff(IReadOnlyDictionary<string, double> given, SkinGrid skin)
    {
        const double letPassMm = 0.15;
        var wanted = new Dictionary<string, double>(given);
        var off = false;
        foreach (var measure in Measures.All.Where(m => m.Reading is ArcReading && given.ContainsKey(m.Id)))
        {
            var miss = given[measure.Id] - measure.On(skin);
            wanted[measure.Id] += miss;
            off |= Math.Abs(miss) > letPassMm;
        }

        return off ? wanted : [];
    }

    private static Dictionary<string, double> Values(IReadOnlyDictionary<string, double> given, double[] amounts) => Measures.All.ToDictionary(
        m => m.Id, m => given.TryGetValue(m.Id, out var value) ? value : Probes.Value[m.Id].Value(amounts));

    private static bool Strained(double[] amounts) =>
        Enumerable.Range(2, amounts.Length - 2).Any(k => Math.Abs(amounts[k]) > MostSpreads * BodyModes.All[k].Spread);

    // Gauss–Newton for the least-norm solution: amounts = Λ Jᵀ (J Λ Jᵀ)⁻¹ (wanted − read + J amounts), Λ the squared spreads.
    private static double[]? Solve(IReadOnlyDictionary<string, double> given)
    {
        var modes = BodyModes.All;
        var wanted = given.Where(m => Probes.Value.ContainsKey(m.Key)).OrderBy(m => m.Key, StringComparer.Ordinal).ToArray();
        var probes = wanted.Select(m => Probes.Value[m.Key]).ToArray();
        var amounts = new double[modes.Count];
        if (wanted.Length == 0)
        {
            return amounts;
        }

        var spread2 = Matrix<double>.Build.DenseOfDiagonalArray([.. modes.Select(m => Stays(m.Id, given) ? 0 : m.Spread * m.Spread)]);
        for (var round = 0; round < MostRounds; round++)
        {
            var read = probes.Select(p => p.Value(amounts)).ToArray();
            var error = Vector<double>.Build.Dense(wanted.Length, k => wanted[k].Value - read[k]);
            if (round > 1 && error.AbsoluteMaximum() < EnoughMm)
            {
                return amounts;
            }

            var slope = Matrix<double>.Build.Dense(wanted.Length, modes.Count);
            for (var k = 0; k < modes.Count; k++)
            {
                var moved = (double[])amounts.Clone();
                moved[k] += 0.05;
                for (var m = 0; m < wanted.Length; m++)
                {
                    slope[m, k] = (probes[m].Value(moved) - read[m]) / 0.05;
                }
            }

            var gain = spread2 * slope.Transpose();
            var next = gain * (slope * gain).Solve(error + slope * Vector<double>.Build.Dense(amounts));
            if (next.Any(a => !double.IsFinite(a)))
            {
                return null;
            }

            amounts = [.. next];
        }

        return null;
    }

    // Left and right are alike unless said otherwise.
    private static bool Stays(string mode, IReadOnlyDictionary<string, double> given) =>
        !given.ContainsKey(mode) && Measures.Find(mode)?.Group == MeasureGroup.LeftAndRight;

    // The measure that lies farthest from what the others lead one to expect.
    private static MeasureProblem Odd(IReadOnlyDictionary<string, double> given)
    {
        var worst = new MeasureProblem("measures", "These measures do not fit one body. Check them against each other.");
        var most = 0.0;
        foreach (var (id, value) in given)
        {
            if (Estimate(given.Where(m => m.Key != id).ToDictionary(m => m.Key, m => m.Value)) is not { } others)
            {
                continue;
            }

            var off = Math.Abs(value - others[id]) / BodyModes.All.First(m => m.Id == id).Spread;
            if (off > most)
            {
                most = off;
                worst = new(id, FormattableString.Invariant(
                    $"{Measures.Find(id)!.Label} is {value:0.#} mm, but with the other measures it would lie near {others[id]:0} mm. Measure it again, and what lies next to it."));
            }
        }

        return worst;
    }
}

/// <summary>Measures that cannot be taken from one person.</summary>
public sealed class MeasureException(IReadOnlyList<MeasureProblem> problems)
    : Exception(string.Join(" ", problems.Select(p => p.Sentence)))
{
    public IReadOnlyList<MeasureProblem> Problems { get; } = problems;
}
