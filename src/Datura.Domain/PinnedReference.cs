using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A picture pinned beside a look, as the painter holds it.</summary>
/// <param name="Reference">Id of a reference picture of the studio.</param>
/// <param name="SizePercent">Of the size at which it just fits its place.</param>
/// <param name="TurnDeg">Clockwise.</param>
/// <param name="Mirrored">Left and right changed over, before it is turned.</param>
public sealed record PinnedReference(
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Reference,
    [property: Range(20, 800)] double SizePercent = 100,
    [property: Range(-180, 180)] double TurnDeg = 0,
    bool Mirrored = false)
{
    /// <summary>Pictures of one look or character; more nobody looks at.</summary>
    public const int Most = 12;
}
