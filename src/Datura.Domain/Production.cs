using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>The same faces evening after evening: who is painted, by whom, for which bell.</summary>
/// <param name="Kit">Id of a kit of the studio.</param>
/// <param name="Setting">Id of a setting of the studio.</param>
public sealed record Production(
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Name,
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Kit,
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Setting,
    IReadOnlyList<CallWearer> Wearers,
    IReadOnlyList<CallPainter> Painters,
    IReadOnlyList<Performance> Performances)
{
    public const int MostWearers = 60;
    public const int MostPainters = 20;
    public const int MostPerformances = 200;

    [MaxLength(MostWearers)]
    public IReadOnlyList<CallWearer> Wearers { get; init => field = value ?? []; } = Wearers;

    [MaxLength(MostPainters)]
    public IReadOnlyList<CallPainter> Painters { get; init => field = value ?? []; } = Painters;

    [MaxLength(MostPerformances)]
    public IReadOnlyList<Performance> Performances { get; init => field = value ?? []; } = Performances;

    /// <summary>Chairs before a mirror.</summary>
    [Range(1, MostPainters)]
    public int Chairs { get; init; } = 4;

    [Range(1, MostPainters)]
    public int Sinks { get; init; } = 1;

    /// <summary>At a sink after each face, minutes.</summary>
    [Range(0, 60)]
    public int SinkMinutes { get; init; } = 3;

    /// <summary>From one face to the next, the sink among it, minutes.</summary>
    [Range(0, 60)]
    public int BetweenMinutes { get; init; } = 5;

    /// <summary>A painter rests after so many minutes of painting.</summary>
    [Range(20, 600)]
    public int PauseAfterMinutes { get; init; } = 120;

    [Range(0, 120)]
    public int PauseMinutes { get; init; } = 15;

    /// <summary>Chance with which each wearer is to be ready by the bell.</summary>
    [Range(0.5, 0.99)]
    public double ReadyChance { get; init; } = 0.9;

    [StringLength(Limits.LongestNotes)]
    public string Notes { get; init => field = value ?? ""; } = "";
}
