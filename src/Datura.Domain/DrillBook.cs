using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>What a painter practised, and on which hand.</summary>
/// <param name="Name">Of the painter, as the book has it.</param>
public sealed record DrillBook([property: StringLength(Limits.LongestName, MinimumLength = 1)] string Name, IReadOnlyList<DrillTry> Tries)
{
    public const int MostTries = 2000;

    [MaxLength(MostTries)]
    public IReadOnlyList<DrillTry> Tries { get; init => field = value ?? []; } = Tries;

    public HandMeasures Hand { get; init => field = value ?? new(); } = new();

    /// <summary>Whether she paints with the left hand, and so on the right one.</summary>
    public bool LeftHanded { get; init; }

    [StringLength(Limits.LongestNotes)]
    public string Notes { get; init => field = value ?? ""; } = "";
}
