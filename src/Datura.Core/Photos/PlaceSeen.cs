namespace Datura.Core.Photos;

/// <summary>One place as seen in one photo.</summary>
/// <param name="Photo">Which photo.</param>
/// <param name="SpreadMm">How far off it may lie, as a standard deviation on the skin.</param>
internal sealed record PlaceSeen(int Photo, double X, double Y, double SpreadMm);
