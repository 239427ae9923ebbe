namespace Datura.Core.Body;

/// <summary>One length of a face and its definition.</summary>
/// <param name="Id">Name in files.</param>
/// <param name="Label">The painter's word.</param>
/// <param name="StandardTerm">Name in anthropometry.</param>
/// <param name="HowTaken">From where to where, and how.</param>
public sealed record Measure(
    string Id, string Label, string StandardTerm, string HowTaken, MeasureGroup Group, Instrument Instrument, MeasureReading Reading)
{
    // Small children of three at one end, grown men at the other; by so much farther out there is no one (plausibility, from memory).
    private const double SmallestShare = 0.62;
    private const double LargestShare = 1.6;
    private const double OddSpreads = 8;

    /// <summary>Below this it is refused as no measure of a person.</summary>
    public double LeastMm => Group == MeasureGroup.LeftAndRight ? -OddSpreads * Sd(true) : Math.Floor(SmallestShare * Population.MeanMm(Id, 0));

    /// <summary>Above this it is refused.</summary>
    public double MostMm => Group == MeasureGroup.LeftAndRight ? OddSpreads * Sd(true)
        : Math.Ceiling(Math.Min(LargestShare * Population.AdultMm(Id, man: true), Population.AdultMm(Id, man: true) + OddSpreads * Sd(true)));

    /// <summary>Most adults lie above this: the mean less two standard deviations of the smaller sex.</summary>
    public double TypicalLowMm => Math.Round(Math.Min(Population.AdultMm(Id, true) - 2 * Sd(true), Population.AdultMm(Id, false) - 2 * Sd(false)));

    /// <summary>Most adults lie below this.</summary>
    public double TypicalHighMm => Math.Round(Math.Max(Population.AdultMm(Id, true) + 2 * Sd(true), Population.AdultMm(Id, false) + 2 * Sd(false)));

    /// <summary>Value on a skin, mm.</summary>
    public double On(SkinGrid skin) => Reading.On(skin);

    private double Sd(bool man) => Population.AdultSdMm(Id, man);
}
