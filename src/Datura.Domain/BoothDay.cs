using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A day at a booth: what is offered, who paints, who comes when.</summary>
/// <param name="Kit">Id of a kit of the studio.</param>
/// <param name="Setting">Id of a setting of the studio.</param>
/// <param name="Menu">Looks that people want, on the menu or not.</param>
/// <param name="Arrivals">How many come an hour, each from its minute until the next.</param>
public sealed record BoothDay(
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Name,
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Kit,
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Setting,
    IReadOnlyList<MenuLine> Menu,
    IReadOnlyList<BoothPainter> Painters,
    IReadOnlyList<ArrivalRate> Arrivals)
{
    /// <summary>Looks of which one menu is chosen: every one of its choices is tried.</summary>
    public const int MostLooks = 14;

    public const int MostPainters = 20;
    public const int MostRates = 48;
    public const int MostBursts = 40;
    public const int MinutesOfDay = 1440;

    [MaxLength(MostLooks)]
    public IReadOnlyList<MenuLine> Menu { get; init => field = value ?? []; } = Menu;

    [MaxLength(MostPainters)]
    public IReadOnlyList<BoothPainter> Painters { get; init => field = value ?? []; } = Painters;

    [MaxLength(MostRates)]
    public IReadOnlyList<ArrivalRate> Arrivals { get; init => field = value ?? []; } = Arrivals;

    /// <summary>Many who come at once, as when school is out.</summary>
    [MaxLength(MostBursts)]
    public IReadOnlyList<ArrivalBurst> Bursts { get; init => field = value ?? []; } = [];

    public DateOnly? On { get; init; }

    /// <summary>Opens, minutes after midnight.</summary>
    [Range(0, MinutesOfDay)]
    public int FromMinute { get; init; } = 14 * 60;

    /// <summary>The last face is to be done by then, minutes after midnight.</summary>
    [Range(0, MinutesOfDay)]
    public int UntilMinute { get; init; } = 17 * 60;

    /// <summary>Half of all who wait leave when it takes longer than so, minutes.</summary>
    [Range(1, 600)]
    public double PatienceMinutes { get; init; } = 30;

    /// <summary>Share of those who take another look when theirs is not on the menu.</summary>
    [Range(0, 1)]
    public double TakesOther { get; init; } = 0.6;

    /// <summary>Cleaning and changing of chairs between two faces, minutes.</summary>
    [Range(0, 60)]
    public double BetweenMinutes { get; init; } = 1;

    /// <summary>Chance with which the last face is to be done in time.</summary>
    [Range(0.5, 0.99)]
    public double InTimeChance { get; init; } = 0.9;

    [StringLength(Limits.LongestNotes)]
    public string Notes { get; init => field = value ?? ""; } = "";
}
