namespace Datura.Core.Review;

/// <summary>A short line across an outline, from inside to outside.</summary>
/// <param name="At">On the outline, on the chart.</param>
/// <param name="Out">Unit direction outwards, on the chart.</param>
/// <param name="Planned">Colour as planned along it, every half millimetre from <see cref="PlannedReachMm"/> inside to as far outside: linear channels.</param>
/// <param name="Zone">Where it lies.</param>
public sealed record ReviewLine(ChartPoint At, ChartPoint Out, IReadOnlyList<(double R, double G, double B)> Planned, Zone Zone)
{
    /// <summary>The photo is looked at so far to each side, every millimetre.</summary>
    public const int ReachMm = 12;

    public const int PlannedReachMm = 16;

    public const int Samples = 2 * ReachMm + 1;

    /// <summary>Place of a sample of the photo.</summary>
    public ChartPoint Sample(int k) => At + (k - ReachMm) * Out;
}
