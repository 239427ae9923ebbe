using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A paint, described by what a painter can make and photograph: one film drawn over black and over white.</summary>
/// <param name="CardFilmUm">Thickness of the film on the card, µm dry.</param>
/// <param name="OverBlack">Colour of that film over the card's black.</param>
/// <param name="OverWhite">Colour of that film over the card's white.</param>
/// <param name="CoatFilmUm">Usual film of one coat on skin, µm dry.</param>
/// <param name="DryingSeconds">Time until such a coat can be touched.</param>
/// <param name="NearEyes">Label says it is fit for the eye area.</param>
/// <param name="OnLips">Label says it is fit for lips.</param>
/// <param name="LeftMl">How much of it is left, ml; null when nobody looked.</param>
/// <param name="Price">Of a full pot, in the studio's currency; null when unknown.</param>
/// <param name="Stripe">For a colour of a split cake, which pan it belongs to.</param>
public sealed record PaintDescription(
    string Id,
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Name,
    Material Material,
    Finish Finish,
    [property: Range(0, 500, MinimumIsExclusive = true, MaximumIsExclusive = true)] double CardFilmUm,
    Lab OverBlack,
    Lab OverWhite,
    [property: Range(0, 500, MinimumIsExclusive = true, MaximumIsExclusive = true)] double CoatFilmUm,
    [property: Range(0, 7200, MaximumIsExclusive = true)] double DryingSeconds,
    bool NearEyes,
    bool OnLips,
    [property: Range(0, 1e5)] double? LeftMl = null,
    [property: Range(0, 1e6)] double? Price = null,
    SplitStripe? Stripe = null)
{
    /// <summary>What a full pot holds, ml; null when unknown.</summary>
    [Range(0.1, 1e5)]
    public double? PotMl { get; init; }

    /// <summary>What the label lists as its ingredients; empty when nobody copied it.</summary>
    [StringLength(Limits.LongestNotes)]
    public string Ingredients { get; init => field = value?.Trim() ?? ""; } = "";

    /// <summary>Whether the label says it is made for skin; null when nobody looked.</summary>
    public bool? MadeForSkin { get; init; }

    /// <summary>Of glitter: its largest flake across, mm; null when unknown.</summary>
    [Range(0.001, 20)]
    public double? FlakeMm { get; init; }

    /// <summary>The pot in use; null when nothing is known of it.</summary>
    public PaintPot? Pot { get; init; }
}
