namespace Datura.Web;

/// <summary>How well K and S are known from the card.</summary>
/// <param name="MissOverBlack">ΔE00 between the card's reading and what the paint would give there.</param>
/// <param name="SpreadK">One standard deviation, as a share.</param>
/// <param name="Doubt">What to do when the card cannot be what it is said to be; null when it can.</param>
public sealed record CardResource(double MissOverBlack, double MissOverWhite, double SpreadK, double SpreadS, string? Doubt);
