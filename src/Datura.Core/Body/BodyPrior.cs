using MathNet.Numerics.LinearAlgebra;

namespace Datura.Core.Body;

/// <summary>
/// What bodies of an age are like before anything is measured: the amounts of the modes that give the mean person, and how they
/// vary together so that measures vary as the <see cref="Population"/> says.
/// </summary>
/// <param name="Years">Age; 18 stands for all adults.</param>
/// <param name="Mean">Amount of each mode for the mean person.</param>
/// <param name="Covariance">Covariance of the amounts.</param>
internal sealed record BodyPrior(double Years, Vector<double> Mean, Matrix<double> Covariance)
{
    // Ages at which priors are made; between them they are mixed.
    private static readonly double[] Ages = [.. Population.ChildYears, 15, Population.AdultYears];

    // Before anything is known half of all faces in the chair are grown-ups' (by judgement).
    private const double AdultShare = 0.5;

    private const double AgeStep = 0.5;
    private const int Rounds = 12;
    private const double Nudge = 0.05;
    private const double EnoughMm = 1e-4;

    private static readonly Lazy<IReadOnlyList<BodyPrior>> Made = new(MakeAll);

    private static readonly Lazy<IReadOnlyList<(double Years, Vector<double> Means, Matrix<double> Covariance)>> Populations = new(() =>
        [.. Enumerable.Range(0, (int)((Population.AdultYears - Ages[0]) / AgeStep) + 1).Select(k => Ages[0] + AgeStep * k).Select(y => (y, Population.Means(y), Population.Covariance(y)))]);

    /// <summary>Reads every measure off amounts of the modes.</summary>
    internal static IReadOnlyList<MeasureProbe> Probes => AllProbes.Value;

    private static readonly Lazy<IReadOnlyList<MeasureProbe>> AllProbes = new(() => [.. Population.Ids.Select(id => new MeasureProbe(Measures.Find(id)!))]);

    /// <summary>At an age, mixed from the nearest two that are made.</summary>
    public static BodyPrior At(double years)
    {
        var made = Made.Value;
        var k = Math.Clamp(made.Count(p => p.Years <= years) - 1, 0, made.Count - 2);
        var t = Math.Clamp((years - made[k].Years) / (made[k + 1].Years - made[k].Years), 0, 1);
        return t <= 0 ? made[k] : t >= 1 ? made[k + 1]
            : new(years, (1 - t) * made[k].Mean + t * made[k + 1].Mean, (1 - t) * made[k].Covariance + t * made[k + 1].Covariance);
    }

    /// <summary>
    /// The age that measures speak for, years: the mean over all ages, each by how likely it makes them (normal spreads, Bayes). So it
    /// moves steadily with the measures.
    /// </summary>
    /// <param name="given">By measure id, mm.</param>
    public static double YearsOf(IReadOnlyDictionary<string, double> given)
    {
        var ids = given.Keys.Where(id => Measures.Find(id) is { Group: not MeasureGroup.LeftAndRight }).Order(StringComparer.Ordinal).ToArray();
        if (ids.Length == 0)
        {
            return Population.AdultYears;
        }

        var at = ids.Select(Population.Index).ToArray();
        var log = Populations.Value.Select((p, k) =>
        {
            var spread = Matrix<double>.Build.Dense(at.Length, at.Length, (a, b) => p.Covariance[at[a], at[b]]).Cholesky();
            var off = Vector<double>.Build.Dense(at.Length, a => given[ids[a]] - p.Means[at[a]]);
            var share = p.Years >= Population.AdultYears ? AdultShare : (1 - AdultShare) / (Populations.Value.Count - 1);
            return Math.Log(share) - 0.5 * (spread.DeterminantLn + off * spread.Solve(off));
        }).ToArray();
        var most = log.Max();
        var weights = log.Select(l => Math.Exp(l - most)).ToArray();
        return weights.Zip(Populations.Value, (w, p) => w * p.Years).Sum() / weights.Sum();
    }

    // From the grown-up down, each age starting at the one above it.
    private static List<BodyPrior> MakeAll()
    {
        var priors = new List<BodyPrior>();
        var spread = Matrix<double>.Build.DenseOfDiagonalArray([.. BodyModes.All.Select(m => m.Spread * m.Spread)]);
        var mean = Vector<double>.Build.Dense(BodyModes.All.Count);
        foreach (var years in Ages.Reverse())
        {
            var wanted = Population.Means(years);
            for (var round = 0; round < Rounds; round++)
            {
                var read = Read(mean);
                if ((wanted - read).AbsoluteMaximum() < EnoughMm)
                {
                    break;
                }

                var slope = Slope(Probes, mean);
                var gain = spread * slope.Transpose();
                mean = gain * (slope * gain).Solve(wanted - read + slope * mean);
            }

            // The smallest change of the modes for a change of each measure carries the spreads of the measures over to the modes.
            var back = Slope(Probes, mean) is var at ? spread * at.Transpose() * (at * spread * at.Transpose()).Inverse() : null!;
            priors.Insert(0, new(years, mean, back * Population.Covariance(years) * back.Transpose()));
        }

        return priors;
    }

    private static Vector<double> Read(Vector<double> amounts) => Vector<double>.Build.Dense([.. Probes.Select(p => p.Value([.. amounts]))]);

    /// <summary>How much each measure changes with each mode.</summary>
    internal static Matrix<double> Slope(IReadOnlyList<MeasureProbe> probes, Vector<double> amounts)
    {
        var read = probes.Select(p => p.Value([.. amounts])).ToArray();
        var slope = Matrix<double>.Build.Dense(probes.Count, amounts.Count);
        for (var k = 0; k < amounts.Count; k++)
        {
            var moved = amounts.ToArray();
            moved[k] += Nudge;
            for (var m = 0; m < probes.Count; m++)
            {
                slope[m, k] = (probes[m].Value(moved) - read[m]) / Nudge;
            }
        }

        return slope;
    }
}
