using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A pot in use: since when, for how long, which one it is, and what it weighs.</summary>
/// <param name="OpenedOn">Day on which it was opened; null when unknown.</param>
/// <param name="KeepsMonths">From then on, as its label says; null for what is usual of its material.</param>
/// <param name="FullG">Weight of the full pot with lid and all, g.</param>
/// <param name="WeighedG">Its weight now, on the same scales.</param>
public sealed record PaintPot(
    DateOnly? OpenedOn = null,
    [property: Range(0.5, 120)] double? KeepsMonths = null,
    [property: Range(0.1, 1e5)] double? FullG = null,
    [property: Range(0, 1e5)] double? WeighedG = null)
{
    /// <summary>The lot it was made in, as printed on it.</summary>
    [StringLength(Limits.LongestName)]
    public string Lot { get; init => field = value?.Trim() ?? ""; } = "";

    /// <summary>Where it was bought, in the painter's words.</summary>
    [StringLength(Limits.LongestName)]
    public string BoughtAt { get; init => field = value?.Trim() ?? ""; } = "";
}
