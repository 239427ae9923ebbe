namespace Datura.Core.Photos;

/// <summary>A measure as photos give it.</summary>
/// <param name="Mm">The likeliest value.</param>
/// <param name="SdMm">How far it may be off, as a standard deviation.</param>
/// <param name="UsualSdMm">How far it would be off with no photo at all.</param>
/// <param name="Taken">The photos tell it well enough to be taken; the others want caliper or tape.</param>
public sealed record PhotoMeasure(string Id, double Mm, double SdMm, double UsualSdMm, bool Taken)
{
    /// <summary>Eight times of ten the measure lies within so much of it, mm.</summary>
    public double EightOfTenMm => EightOfTen * SdMm;

    /// <summary>Standard deviations that hold the middle eight tenths of a normal spread.</summary>
    public const double EightOfTen = 1.2816;
}
