namespace Datura.Core.Body;

/// <summary>With what a measure is taken.</summary>
public enum Instrument
{
    Caliper,
    Tape,
}

/// <summary>How measures are grouped on the page of a face.</summary>
public enum MeasureGroup
{
    Heights,
    Widths,
    Round,
    NeckAndChest,
    LeftAndRight,
}

/// <summary>One length of a face and its definition.</summary>
/// <param name="Id">Name in files.</param>
/// <param name="Label">The painter's word.</param>
/// <param name="StandardTerm">Name in anthropometry.</param>
/// <param name="HowTaken">From where to where, and how.</param>
/// <param name="LeastMm">Below this it is refused as no measure of a person (plausibility, from memory).</param>
/// <param name="MostMm">Above this it is refused.</param>
/// <param name="TypicalLowMm">Most adults lie above this (mean less two standard deviations of the smaller sex, from memory).</param>
/// <param name="TypicalHighMm">Most adults lie below this.</param>
public sealed record Measure(
    string Id, string Label, string StandardTerm, string HowTaken, MeasureGroup Group, Instrument Instrument, MeasureReading Reading,
    double LeastMm, double MostMm, double TypicalLowMm, double TypicalHighMm)
{
    /// <summary>Value on a skin, mm.</summary>
    public double On(SkinGrid skin) => Reading.On(skin);
}
