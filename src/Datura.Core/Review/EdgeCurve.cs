namespace Datura.Core.Review;

/// <summary>How well one line of a photo fits the plan at every shift: about the logarithm of a likelihood, 0 for not at all.</summary>
/// <param name="Fits">From <see cref="MostMm"/> inside to as far outside.</param>
/// <param name="WidthAt">Width of the change about a shift, mm.</param>
internal sealed record EdgeCurve(double[] Fits, Func<double, double> WidthAt)
{
    public const double MostMm = 9;
    public const double StepMm = 0.25;
    public const int Count = (int)(2 * MostMm / StepMm) + 1;
    private const double LeastFit = 3;

    public static double ShiftMm(int place) => place * StepMm - MostMm;

    /// <summary>How well it fits at a shift; between two in proportion.</summary>
    public double At(double shiftMm)
    {
        var at = (shiftMm + MostMm) / StepMm;
        if (!(at >= 0 && at <= Count - 1))
        {
            return 0;
        }

        var k = Math.Min((int)at, Count - 2);
        return Fits[k] + (at - k) * (Fits[k + 1] - Fits[k]);
    }

    /// <summary>The best shift near one that is expected; null where nothing fits well.</summary>
    public (double Mm, double SdMm)? Near(double expectedMm, double withinMm)
    {
        var (from, to) = (Math.Clamp((int)Math.Ceiling((expectedMm - withinMm + MostMm) / StepMm), 0, Count - 1), Math.Clamp((int)((expectedMm + withinMm + MostMm) / StepMm), 0, Count - 1));
        var best = from;
        for (var k = from; k <= to; k++)
        {
            best = Fits[k] > Fits[best] ? k : best;
        }

        // A plateau of the best is told by its middle.
        var (low, high) = (best, best);
        while (low > 0 && Fits[low - 1] > Fits[best] - 0.3)
        {
            low--;
        }

        while (high < Count - 1 && Fits[high + 1] > Fits[best] - 0.3)
        {
            high++;
        }

        return Fits[best] < LeastFit ? null : (ShiftMm(low) + (high - low) * StepMm / 2, 0.4 + (high - low) * StepMm / 3);
    }
}
