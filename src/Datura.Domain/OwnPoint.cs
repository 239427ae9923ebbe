using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A point the painter pointed at, kept by its place of anatomy, so that it is found again on any face.</summary>
/// <param name="XMm">On the skin chart of the mean adult, towards the wearer's left of the mid-line.</param>
/// <param name="YMm">On the skin chart of the mean adult, up from the nose root.</param>
/// <param name="At">A landmark with its side that it lies on; it wins over the millimetres.</param>
/// <param name="Press">Share of the line's width at this point.</param>
public sealed record OwnPoint(
    [property: Range(-400, 400)] double XMm,
    [property: Range(-600, 400)] double YMm,
    [property: StringLength(40)] string? At = null,
    [property: Range(0, 3)] double Press = 1);
