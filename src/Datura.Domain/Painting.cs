using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>One painting of one look on one wearer, as the book keeps it.</summary>
/// <param name="Name">What the book calls it: look and day, nothing of a person.</param>
/// <param name="Look">Id of the look.</param>
/// <param name="Face">Id of the face; null for somebody unnamed.</param>
/// <param name="Kit">Id of the kit.</param>
/// <param name="On">The day.</param>
public sealed record Painting(
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Name,
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Look,
    [property: StringLength(Limits.LongestName)] string? Face,
    [property: StringLength(Limits.LongestName)] string? Kit,
    DateOnly On)
{
    /// <summary>Steps of one session.</summary>
    public const int MostSteps = 2_000;

    /// <summary>Findings of one session.</summary>
    public const int MostFindings = 40;

    /// <summary>What touched the skin, each pot once.</summary>
    [MaxLength(Limits.MostPaints)]
    public IReadOnlyList<UsedPaint> Paints { get; init => field = value ?? []; } = [];

    /// <summary>The steps as they were planned when it began; none when it was only noted.</summary>
    [MaxLength(Painting.MostSteps)]
    public IReadOnlyList<ChairStep> Steps { get; init => field = value ?? []; } = [];

    /// <summary>Revision of the look that was painted; null when unknown.</summary>
    [Range(1, 1_000_000_000)]
    public int? LookRevision { get; init; }

    /// <summary>Id of the setting; null when unknown.</summary>
    [StringLength(Limits.LongestName)]
    public string? Setting { get; init; }

    /// <summary>Time in the chair that there was, min; null for none in particular.</summary>
    [Range(1, 720)]
    public double? SlotMinutes { get; init; }

    /// <summary>Who painted; learned times are hers. Null when nobody said.</summary>
    [StringLength(Limits.LongestName)]
    public string? Painter { get; init; }

    /// <summary>Who painted beside her; null for nobody.</summary>
    [StringLength(Limits.LongestName)]
    public string? SecondPainter { get; init; }

    /// <summary>Whether she painted herself.</summary>
    public bool OnOneself { get; init; }

    /// <summary>Likely length as it was planned, s; null when unknown.</summary>
    [Range(0, 86_400)]
    public double? LikelySeconds { get; init; }

    /// <summary>How far that was said to be off, as a standard deviation, s.</summary>
    [Range(0, 86_400)]
    public double? SdSeconds { get; init; }

    /// <summary>Share of sessions that the slot must hold, as it was planned with.</summary>
    [Range(0.5, 0.99)]
    public double? Confidence { get; init; }

    /// <summary>What could be left out on the way.</summary>
    [MaxLength(Painting.MostSteps)]
    public IReadOnlyList<ChairWay> Ways { get; init => field = value ?? []; } = [];

    /// <summary>Ids of the only parts that were painted, to time them; none for the whole look.</summary>
    [MaxLength(Limits.MostParts)]
    public IReadOnlyList<string> Only { get; init => field = value ?? []; } = [];

    /// <summary>Times that were written down by hand; they go before those of the chair.</summary>
    [MaxLength(Painting.MostSteps)]
    public IReadOnlyList<TypedTime> Typed { get; init => field = value ?? []; } = [];

    /// <summary>The whole of it as written down by hand, min; null when the chair knows or nobody does.</summary>
    [Range(0.1, 1440)]
    public double? TakenMinutes { get; init; }

    /// <summary>Stops that the painter passed, with her reasons.</summary>
    [MaxLength(2 * PassedStop.Most)]
    public IReadOnlyList<PassedStop> Passed { get; init => field = value ?? []; } = [];

    /// <summary>What photos of the finished face showed, the worst first; none when it was not looked over.</summary>
    [MaxLength(Painting.MostFindings)]
    public IReadOnlyList<PhotoFinding> Findings { get; init => field = value ?? []; } = [];

    /// <summary>What the skin said to it; null for nothing.</summary>
    public Reaction? Reaction { get; init; }

    [StringLength(Limits.LongestNotes)]
    public string Notes { get; init => field = value ?? ""; } = "";
}
