namespace Datura.Web;

/// <summary>One part on one side, as it came out.</summary>
/// <param name="OutMm">Towards the wearer's left, mm; null where too little of it was seen.</param>
/// <param name="PlusMinusMm">Eight times of ten, mm.</param>
/// <param name="DeltaE">ΔE00 to the plan; null where too little was seen.</param>
public sealed record ReviewFigureResource(
    string PartId, string Label, Side Side, double? OutMm, double? UpMm, double? PlusMinusMm, double? LargerPercent, double? TurnedDeg, double? DeltaE, string? PlannedColour, string? SeenColour);
