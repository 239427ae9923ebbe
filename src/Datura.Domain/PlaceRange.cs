using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>Where the middle of a part lies, from a landmark of the wearer, mm on the chart.</summary>
/// <param name="From">A landmark, of the left for one of a pair.</param>
/// <param name="OutMm">Away from the mid-line.</param>
/// <param name="WithinMm">So far it may be off.</param>
public sealed record PlaceRange(
    [property: StringLength(40)] string From,
    [property: Range(-300, 300)] double OutMm,
    [property: Range(-400, 400)] double UpMm,
    [property: Range(0.5, 100)] double WithinMm);
