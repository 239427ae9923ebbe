using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A stop that the painter passes, in her own words.</summary>
/// <param name="Part">Id of the part it is said of; null for the whole.</param>
/// <param name="Paint">Id of the paint it is said of; null for none.</param>
/// <param name="Words">Why.</param>
public sealed record PassedStop(
    CautionCode Code,
    [property: StringLength(Limits.LongestName)] string? Part,
    [property: StringLength(Limits.LongestName)] string? Paint,
    [property: StringLength(Limits.LongestWords, MinimumLength = PassedStop.LeastLetters)] string Words)
{
    /// <summary>Of one look or one wearer.</summary>
    public const int Most = 60;

    /// <summary>A reason has at least so many letters.</summary>
    public const int LeastLetters = 4;

    /// <summary>Whether it is this that is passed.</summary>
    public bool Passes(CautionNote note) => note.Severity == Severity.Stop && note.Code == Code && note.Paint == Paint
        && (Part is null ? note.Parts.Count == 0 : note.Parts.Count == 1 && note.Parts[0].Id == Part);
}
