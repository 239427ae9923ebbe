using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A colour of a character as it is seen on the skin by day, and how far a wearer's may be off.</summary>
public sealed record CharacterColour(
    [property: StringLength(40, MinimumLength = 1)] string Id,
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Name,
    Lab Colour,
    [property: Range(0.5, 50)] double WithinDeltaE);
