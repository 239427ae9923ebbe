namespace Datura.Core.Review;

/// <summary>The colour of a figure beside the plan, light taken out.</summary>
/// <param name="DeltaE">ΔE00 between the middle of what is seen and what is planned.</param>
/// <param name="Lighter">ΔL* of it; below 0 darker.</param>
/// <param name="Uneven">ΔE00 that single spots usually lie off the middle.</param>
/// <param name="BareShare">Share of spots that look like what lies beneath.</param>
/// <param name="Present">How far it looks like the plan and not like what lies beneath: 1 as planned, 0 as if missing; null where the two look alike.</param>
public sealed record FigureColour(Lab Planned, Lab Seen, double DeltaE, double SdDeltaE, double Lighter, double Uneven, double BareShare, double? Present, int Spots);
