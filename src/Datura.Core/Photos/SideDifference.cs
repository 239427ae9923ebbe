namespace Datura.Core.Photos;

/// <summary>How one feature of a face differs from its fellow on the other side.</summary>
/// <param name="Part">What a painter calls it.</param>
/// <param name="Mm">By how much the wearer's left one is higher or farther out; negative where the right one is.</param>
/// <param name="SdMm">Standard deviation.</param>
public sealed record SideDifference(string Part, SideDirection Direction, double Mm, double SdMm);
