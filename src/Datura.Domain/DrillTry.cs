using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>One practice, as it was measured off its photo.</summary>
/// <param name="Exercise">A stroke by its code, or a part of a look as look/part.</param>
/// <param name="PlaceMm">Mean distance of the strokes from their places.</param>
/// <param name="ShapeMm">The same once each stroke is shifted to where it fits best.</param>
/// <param name="WidthPercent">How much wider than wanted; below 0 narrower.</param>
/// <param name="UnevenPercent">How much the width goes to and fro.</param>
/// <param name="SymmetryMm">How far left and right differ; null where nothing mirrors anything.</param>
/// <param name="CoveredPercent">How much of the strokes is filled.</param>
/// <param name="TonePercent">How much the colour goes to and fro on what is broad; null where nothing is.</param>
/// <param name="Missing">Strokes that were not made.</param>
/// <param name="Seconds">From the first stroke to the last; null when nobody looked at the clock.</param>
public sealed record DrillTry(
    DateOnly On,
    [property: StringLength(DrillTry.LongestExercise, MinimumLength = 1)] string Exercise,
    DrillGround Ground,
    [property: Range(0, 1000)] double PlaceMm,
    [property: Range(0, 1000)] double ShapeMm,
    [property: Range(-100, 10000)] double WidthPercent,
    [property: Range(0, 10000)] double UnevenPercent,
    [property: Range(0, 1000)] double? SymmetryMm = null,
    [property: Range(0, 100)] double CoveredPercent = 100,
    [property: Range(0, 10000)] double? TonePercent = null,
    [property: Range(0, 200)] int Missing = 0,
    [property: Range(1, 7200)] double? Seconds = null)
{
    public const int LongestExercise = 2 * Limits.LongestName + 1;
}
