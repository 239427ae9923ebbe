using System.ComponentModel.DataAnnotations;

namespace Datura.Core.Photos;

/// <summary>Something of known size that is held against the face in a photo.</summary>
/// <param name="Against">Where it is held.</param>
/// <param name="Corners">Of a card its four corners one after the other; of a ruler two of its marks; x and y in pixels by turns.</param>
/// <param name="LongMm">Length of a card, or between the two marks of a ruler.</param>
/// <param name="ShortMm">Width of a card; unused for a ruler.</param>
public sealed record HeldThing(HeldAgainst Against, [property: MaxLength(8)] IReadOnlyList<double> Corners, double LongMm = HeldThing.CardLongMm, double ShortMm = HeldThing.CardShortMm)
{
    /// <summary>A bank card: ID-1 of ISO/IEC 7810.</summary>
    public const double CardLongMm = 85.60;

    public const double CardShortMm = 53.98;

    public bool IsCard => Corners.Count == 8;
}
