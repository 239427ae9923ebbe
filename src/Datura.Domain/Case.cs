using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>What goes along: for which faces in which looks, for how many evenings, out of which kit.</summary>
/// <param name="Kit">Id of a kit of the studio.</param>
/// <param name="Setting">Id of a setting of the studio.</param>
/// <param name="Evenings">How often all of its lines are painted.</param>
/// <param name="Queue">The faces are only expected, as before a booth; otherwise they are known, as in a crew.</param>
/// <param name="ShortChance">Chance of running out of any one thing that is put up with.</param>
public sealed record Case(
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Name,
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Kit,
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Setting,
    IReadOnlyList<CaseLine> Lines,
    [property: Range(1, 400)] int Evenings = 1,
    bool Queue = false,
    [property: Range(0.001, 0.5)] double ShortChance = 0.05)
{
    /// <summary>Day of the last evening; null while the first is open.</summary>
    public DateOnly? LastOn() => On?.AddDays((Evenings - 1) * EveryDays);

    /// <summary>Looks in one case.</summary>
    public const int MostLines = 60;

    /// <summary>Entries of a cleaning log.</summary>
    public const int MostCleanings = 400;

    [MaxLength(MostLines)]
    public IReadOnlyList<CaseLine> Lines { get; init => field = value ?? []; } = Lines;

    /// <summary>Day of the first evening; null while it is open.</summary>
    public DateOnly? On { get; init; }

    /// <summary>Days from one evening to the next.</summary>
    [Range(1, 31)]
    public int EveryDays { get; init; } = 1;

    /// <summary>What this hand takes of paint, % of the usual: by her own weighing before and after.</summary>
    [Range(20, 500)]
    public double AmountPercent { get; init; } = 100;

    public SpongeSchool Sponges { get; init; } = SpongeSchool.ColourAndFace;

    public BrushSchool Brushes { get; init; } = BrushSchool.AlcoholBetween;

    /// <summary>What was cleaned when; newest last.</summary>
    [MaxLength(MostCleanings)]
    public IReadOnlyList<Cleaning> Cleaned { get; init => field = value ?? []; } = [];

    [StringLength(Limits.LongestNotes)]
    public string Notes { get; init => field = value ?? ""; } = "";
}
