namespace Datura.Core.Review;

/// <summary>A place in the middle of one colour.</summary>
/// <param name="Planned">As planned, linear channels.</param>
/// <param name="Beneath">What would be seen if the part were missing.</param>
public sealed record ReviewSpot(ChartPoint At, (double R, double G, double B) Planned, (double R, double G, double B) Beneath);
