using MathNet.Numerics.Distributions;

namespace Datura.Core.Supply;

/// <summary>How much of something many faces may take: its mean and how far it spreads.</summary>
/// <param name="Mean">Expected amount.</param>
/// <param name="Variance">Of the amount, in its unit squared.</param>
public readonly record struct Demand(double Mean, double Variance)
{
    public static readonly Demand None = new(0, 0);

    /// <summary>
    /// So many faces that each take an amount that spreads. When the number itself is only expected, as in a queue, it is taken as Poisson:
    /// mean n·a, variance n·(σ² + a²) (compound Poisson, Ross, Introduction to Probability Models, 5.4.2; from memory).
    /// </summary>
    /// <param name="amount">Of one face in the mean, a.</param>
    /// <param name="spread">Standard deviation of one face's amount as a share of it, σ/a.</param>
    public static Demand Of(double faces, double amount, double spread, bool onlyExpected) =>
        new(faces * amount, faces * ((spread * spread + (onlyExpected ? 1 : 0)) * amount * amount));

    /// <summary>Faces that come independently of each other.</summary>
    public static Demand operator +(Demand a, Demand b) => new(a.Mean + b.Mean, a.Variance + b.Variance);

    /// <summary>Enough but for a chance: by the normal distribution with the same mean and variance, never less than the mean.</summary>
    /// <param name="shortChance">Of running out, 0 to 0.5.</param>
    public double Enough(double shortChance) => Mean + (Variance > 0 ? Normal.InvCDF(0, 1, 1 - shortChance) * Math.Sqrt(Variance) : 0);

    /// <summary>The same of what is counted: a whole number.</summary>
    public int EnoughPieces(double shortChance) => (int)Math.Ceiling(Math.Round(Enough(shortChance), 6));

    /// <summary>Chance that what there is does not last.</summary>
    public double ShortChance(double left) => Variance <= 0 ? (left >= Mean ? 0 : 1) : 1 - Normal.CDF(Mean, Math.Sqrt(Variance), left);
}
