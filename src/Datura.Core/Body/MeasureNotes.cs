using MathNet.Numerics.LinearAlgebra;

namespace Datura.Core.Body;

/// <summary>Which of the given measures is rare beside the others: reason to measure again, not to refuse.</summary>
public static class MeasureNotes
{
    // In a thousand sound measures one or two lie so far from what the others lead one to expect.
    private const double RareSpreads = 3.2;

    /// <summary>Rare measures, the rarest first; at most three, since one slip makes its neighbours look odd too.</summary>
    public static IReadOnlyList<Problem> Of(IReadOnlyDictionary<string, double> given) =>
        [.. Off(given).Where(m => Math.Abs(m.Spreads) > RareSpreads).OrderByDescending(m => Math.Abs(m.Spreads)).Take(3).Select(Note)];

    /// <summary>The measure that lies farthest from what the others lead one to expect.</summary>
    public static Problem Oddest(IReadOnlyDictionary<string, double> given) =>
        Off(given).ToArray() is { Length: > 0 } off ? Note(off.MaxBy(m => Math.Abs(m.Spreads)))
        : new("measures", ProblemCode.MeasuresDoNotFit);

    private static Problem Note((string Id, double Mm, double ExpectedMm, double Spreads) m) =>
        Problem.Of(m.Id, ProblemCode.MeasureRare, ("measure", Measures.Find(m.Id)!.Label), ("mm", m.Mm), ("expected", m.ExpectedMm));

    // Each measure against the others: its mean and spread once they are known, under normal spreads.
    private static IEnumerable<(string Id, double Mm, double ExpectedMm, double Spreads)> Off(IReadOnlyDictionary<string, double> given)
    {
        var ids = given.Keys.Where(id => Measures.Find(id) is not null).Order(StringComparer.Ordinal).ToArray();
        if (ids.Length < 2)
        {
            yield break;
        }

        var years = BodyPrior.YearsOf(given);
        var (all, means) = (Population.Covariance(years), Population.Means(years));
        var at = ids.Select(Population.Index).ToArray();
        // With P the inverse covariance of the given ones, a measure's spread beside the others is 1/√Pᵢᵢ, and its distance from what
        // they lead one to expect (P d)ᵢ / Pᵢᵢ.
        var precision = Matrix<double>.Build.Dense(at.Length, at.Length, (a, b) => all[at[a], at[b]]).Inverse();
        var off = Vector<double>.Build.Dense(at.Length, k => given[ids[k]] - means[at[k]]);
        var pulled = precision * off;
        for (var k = 0; k < ids.Length; k++)
        {
            var away = pulled[k] / precision[k, k];
            yield return (ids[k], given[ids[k]], given[ids[k]] - away, away * Math.Sqrt(precision[k, k]));
        }
    }
}
