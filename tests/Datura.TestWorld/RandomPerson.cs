using Datura.Core.Body;
using MathNet.Numerics.LinearAlgebra;

namespace Datura.TestWorld;

/// <summary>A person drawn at random as people vary, with forms of her own that no measure tells: bumps wide and narrow, anywhere on the face.</summary>
public sealed class RandomPerson
{
    private readonly SkinGrid fitted;
    private readonly (Vec3 At, Vec3 Push, double WidthMm)[] bumps;

    private RandomPerson(SkinGrid fitted, double years, (Vec3, Vec3, double)[] bumps) => (this.fitted, Years, this.bumps) = (fitted, years, bumps);

    public double Years { get; }

    private Func<Vec3, Vec3> Uneven { get; init; } = _ => default;

    /// <summary>The same person with a shift of her own at every place of her face, mm.</summary>
    public RandomPerson With(Func<Vec3, Vec3> shift) => new(fitted, Years, bumps) { Uneven = shift };

    public Vec3 At(SkinPoint place)
    {
        var at = fitted.Position(place);
        var sum = at;
        foreach (var (middle, push, width) in bumps)
        {
            var away = at.DistanceTo(middle) / width;
            sum += Math.Exp(-away * away / 2) * push;
        }

        return sum + Uneven(at);
    }

    public Vec3 Normal(SkinPoint place) => fitted.Normal(place);

    public double Mm(Measure measure) => measure.Reading.Value([.. measure.Reading.Places().Select(At)]);

    /// <param name="child">Now and then a child of five to twelve.</param>
    public static RandomPerson Draw(SeededRandom random, bool child = false)
    {
        while (true)
        {
            var years = child ? 5 + 7 * random.Unit() : Population.AdultYears;
            var (means, spread) = (Population.Means(years), Population.Covariance(years).Cholesky().Factor);
            var drawn = means + spread * Vector<double>.Build.Dense(means.Count, _ => Normal(random));
            try
            {
                var fitted = BodyFit.Fit(Population.Ids.Select((id, k) => (id, k)).ToDictionary(m => m.id, m => drawn[m.k])).Skin;
                var bumps = Enumerable.Range(0, 24).Select(_ => (
                    fitted.Position(new(1.4 * random.Either(), -95 + 175 * random.Unit())), 0.5 * new Vec3(Normal(random), Normal(random), Normal(random)), 10 + 30 * random.Unit())).ToArray();
                return new(fitted, years, bumps);
            }
            catch (MeasureException)
            {
                // Drawn where nobody is; another one.
            }
        }
    }

    public static double Normal(SeededRandom random) => Math.Sqrt(-2 * Math.Log(1 - random.Unit())) * Math.Cos(2 * Math.PI * random.Unit());
}
