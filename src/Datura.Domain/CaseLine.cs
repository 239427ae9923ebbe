using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>So many faces in one look.</summary>
/// <param name="Look">Id of a look of the studio.</param>
/// <param name="Face">Id of the face whose sizes count; null for the studio's first.</param>
/// <param name="Faces">Of one evening.</param>
public sealed record CaseLine(
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Look,
    [property: StringLength(Limits.LongestName)] string? Face,
    [property: Range(1, CaseLine.MostFaces)] int Faces)
{
    /// <summary>Of one look in one evening; no crew paints more.</summary>
    public const int MostFaces = 1000;
}
