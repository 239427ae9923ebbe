using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A hand and forearm by the tape, mm. The usual ones are those of a middling adult (from memory, after the measures of ISO 7250-1).</summary>
/// <param name="KnucklesMm">Across the four knuckles.</param>
/// <param name="BackMm">From the knuckle of the middle finger to the wrist.</param>
/// <param name="WristMm">Round the wrist.</param>
/// <param name="ForearmMm">Round the forearm where it is thickest.</param>
/// <param name="ForearmLongMm">From the wrist to where it is thickest.</param>
public sealed record HandMeasures(
    [property: Range(40, 120)] double KnucklesMm = 82,
    [property: Range(40, 140)] double BackMm = 88,
    [property: Range(90, 260)] double WristMm = 165,
    [property: Range(120, 420)] double ForearmMm = 260,
    [property: Range(80, 280)] double ForearmLongMm = 170);
