using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>How a coat is laid where it differs from the usual.</summary>
/// <param name="Film">Share of the usual film: a wash or a cast is thin, a caked coat thick. Below the least a sponge leaves nothing one could see; above the most paint runs (common practice).</param>
/// <param name="IntoWet">Laid while the coat below is still wet, so that both run into one film.</param>
/// <param name="Split">Its colours lie beside each other on the sponge instead of being stirred together.</param>
/// <param name="Tool">Id of a tool of the kit; null for the role's usual one.</param>
/// <param name="Technique">How it goes on; null for what the tool is usually used for.</param>
/// <param name="Water">How wet; null for what the technique usually wants.</param>
/// <param name="Ground">How dry what lies beneath must be first.</param>
/// <param name="MarksPerLoad">Marks that one load must last for: 1 where every mark wants a fresh, crisp load; null for as long as the paint lasts.</param>
public sealed record CoatLay([property: Range(CoatLay.LeastFilm, CoatLay.MostFilm)] double Film = 1, bool IntoWet = false, SplitLoad? Split = null,
    string? Tool = null, Technique? Technique = null, Water? Water = null, Ground Ground = Ground.Dry, [property: Range(1, CoatLay.MostMarksPerLoad)] int? MarksPerLoad = null)
{
    /// <summary>What the painter says of it, in her own words; null for nothing.</summary>
    [StringLength(Limits.LongestWords)]
    public string? Words { get; init => field = string.IsNullOrWhiteSpace(value) ? null : value.Trim(); }

    /// <summary>A shade pulled out of its edge; null for none.</summary>
    public PullOut? PullOut { get; init; }

    public const double LeastFilm = 0.05;
    public const double MostFilm = 2;
    public const int MostMarksPerLoad = 100;

    public static CoatLay Usual { get; } = new();
}
