namespace Datura.Web;

/// <summary>How many more faces of a look a kit is enough for.</summary>
/// <param name="Faces">As many; null when nobody looked how full its pots are.</param>
/// <param name="FirstGone">The paint that is gone first.</param>
/// <param name="NotLookedAt">Paints of it of which nobody knows how much is left.</param>
public sealed record StillPaintsResource(string Look, string Name, int? Faces, string? FirstGone, IReadOnlyList<string> NotLookedAt);
