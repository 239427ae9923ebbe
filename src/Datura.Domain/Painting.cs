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
    /// <summary>What touched the skin, each pot once.</summary>
    [MaxLength(Limits.MostPaints)]
    public IReadOnlyList<UsedPaint> Paints { get; init => field = value ?? []; } = [];

    /// <summary>Stops that the painter passed, with her reasons.</summary>
    [MaxLength(2 * PassedStop.Most)]
    public IReadOnlyList<PassedStop> Passed { get; init => field = value ?? []; } = [];

    /// <summary>What the skin said to it; null for nothing.</summary>
    public Reaction? Reaction { get; init; }

    [StringLength(Limits.LongestNotes)]
    public string Notes { get; init => field = value ?? ""; } = "";
}
