using MathNet.Numerics.LinearAlgebra;

namespace Datura.Core.Body;

/// <summary>
/// Moves the reference body until it has the given measures. Of the many bodies that have them it takes the likeliest among
/// people (<see cref="BodyPrior"/>): at the age that the measures speak for, each mode against how it varies with the others. What
/// was not measured so follows from what was. See docs/body.md.
/// </summary>
public static class BodyFit
{
    private const int MostRounds = 30;
    private const double EnoughMm = 0.005;
    private const double LeastStep = 0.01;
    private const double NearShare = 0.009;
    private const double NearMm = 0.4;
    private const double LetPassMm = 0.1;
    private const int TapeRounds = 3;

    private static readonly Lazy<IReadOnlyList<DisplacementField>> Fields =
        new(() => [.. BodyModes.All.Select(m => ReferenceSkin.Skin.Field(m.Move)), ReferenceSkin.Skin.Lift(ChildForm.HeightMm)]);

    /// <param name="measuresMm">Any of the measures.</param>
    /// <exception cref="MeasureException">A measure is nonsense, or no body has them all.</exception>
    public static BodyFitted Fit(IReadOnlyDictionary<string, double> measuresMm)
    {
        if (MeasureCheck.Problems(measuresMm) is { Count: > 0 } problems)
        {
            throw new MeasureException(problems);
        }

        var amounts = Solve(measuresMm) ?? throw new MeasureException([MeasureNotes.Oddest(measuresMm)]);
        var child = ChildForm.Share(BodyPrior.YearsOf(measuresMm));
        var skin = ReferenceSkin.Skin.Moved(Fields.Value, [.. amounts, child]);
        // A tape over the fitted face takes a slightly other way than over the reference, and a child's forms lie under it; what it misses
        // is asked for again.
        var wanted = new Dictionary<string, double>(measuresMm);
        for (var round = 0; round < TapeRounds && MissedTape(measuresMm, wanted, skin) && Solve(wanted) is { } nearer; round++)
        {
            (amounts, skin) = (nearer, ReferenceSkin.Skin.Moved(Fields.Value, [.. nearer, child]));
        }

        if (SkinFolds.Any(skin))
        {
            throw new MeasureException([MeasureNotes.Oddest(measuresMm)]);
        }

        // The fields belong to material points, so the faired copy moves by those of the skin above it.
        return new(skin, ReferenceSkin.Faired.Moved(Fields.Value, [.. amounts, child]), Values(measuresMm, amounts), MeasureNotes.Of(measuresMm));
    }

    /// <summary>Every measure: the given ones, and those that follow from them.</summary>
    /// <returns>Null when the given ones fit no body.</returns>
    public static IReadOnlyDictionary<string, double>? Estimate(IReadOnlyDictionary<string, double> measuresMm) =>
        Solve(measuresMm) is { } amounts ? Values(measuresMm, amounts) : null;

    private static bool MissedTape(IReadOnlyDictionary<string, double> given, Dictionary<string, double> wanted, SkinGrid skin)
    {
        var missed = false;
        foreach (var measure in Measures.All.Where(m => m.Reading is ArcReading or GirthReading && given.ContainsKey(m.Id)))
        {
            var miss = given[measure.Id] - measure.On(skin);
            wanted[measure.Id] += miss;
            missed |= Math.Abs(miss) > LetPassMm;
        }

        return missed;
    }

    private static Dictionary<string, double> Values(IReadOnlyDictionary<string, double> given, double[] amounts) => Measures.All.ToDictionary(
        m => m.Id, m => given.TryGetValue(m.Id, out var value) ? value : BodyPrior.Probes[Population.Index(m.Id)].Value(amounts));

    // Gauss–Newton for the likeliest solution: a = c + Λ Jᵀ (J Λ Jᵀ)⁻¹ (wanted − read + J (a − c)), c the mean person, Λ the covariance.
    private static double[]? Solve(IReadOnlyDictionary<string, double> given)
    {
        var wanted = given.Where(m => Measures.Find(m.Key) is not null).OrderBy(m => m.Key, StringComparer.Ordinal).ToArray();
        var probes = wanted.Select(m => BodyPrior.Probes[Population.Index(m.Key)]).ToArray();
        var prior = BodyPrior.At(BodyPrior.YearsOf(given));
        var amounts = prior.Mean;
        if (wanted.Length == 0)
        {
            return [.. amounts];
        }

        var covariance = Even(prior.Covariance, given);
        var error = Error(amounts);
        for (var round = 0; round < MostRounds; round++)
        {
            if (round > 1 && error.AbsoluteMaximum() < EnoughMm)
            {
                return [.. amounts];
            }

            var slope = BodyPrior.Slope(probes, amounts);
            var gain = covariance * slope.Transpose();
            var step = prior.Mean + gain * (slope * gain).Solve(error + slope * (amounts - prior.Mean)) - amounts;
            if (step.Any(a => !double.IsFinite(a)))
            {
                return null;
            }

            // Far from the mean a whole step may overshoot: a girth falls ever less the more the head's corners are drawn in.
            var (whole, nearer) = (1.0, Error(amounts + step));
            while (nearer.L2Norm() > error.L2Norm() && error.AbsoluteMaximum() > EnoughMm && whole > LeastStep)
            {
                whole /= 2;
                nearer = Error(amounts + whole * step);
            }

            (amounts, error) = (amounts + whole * step, nearer);
        }

        // A girth at the end of what a head of this length and width can have comes out near enough.
        return error.Select((e, k) => Math.Abs(e) < (probes[k].IsGirth ? NearShare * wanted[k].Value : NearMm)).All(near => near) ? [.. amounts] : null;

        Vector<double> Error(Vector<double> at) => Vector<double>.Build.Dense(wanted.Length, k => wanted[k].Value - probes[k].Value([.. at]));
    }

    // Left and right are alike unless said otherwise.
    private static Matrix<double> Even(Matrix<double> covariance, IReadOnlyDictionary<string, double> given)
    {
        var even = covariance.Clone();
        for (var k = 0; k < BodyModes.All.Count; k++)
        {
            if (Measures.Find(BodyModes.All[k].Id)?.Group == MeasureGroup.LeftAndRight && !given.ContainsKey(BodyModes.All[k].Id))
            {
                even.ClearRow(k);
                even.ClearColumn(k);
            }
        }

        return even;
    }
}
