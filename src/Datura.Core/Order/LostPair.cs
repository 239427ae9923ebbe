namespace Datura.Core.Order;

/// <summary>Two neighbouring colours that the set light takes apart less than daylight does.</summary>
/// <param name="Better">A paint of the kit for the second that stays apart under the light and near its colour by day; null when there is none.</param>
public sealed record LostPair(
    string PartA, string CoatA, string ColourA, string PartB, string CoatB, string ColourB, double DeltaEDay, double DeltaELight, string? Better, double? DeltaEBetter);
