using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A part that every wearer of a character has, and what of it is fixed. What is not named here is free.</summary>
/// <param name="Model">The part as it is on the look that the character was made from; its id names it.</param>
/// <param name="Lies">Its place in that look's stack, from the skin up.</param>
public sealed record CharacterPart(Part Model, [property: Range(0, Limits.MostParts)] int Lies)
{
    /// <summary>Whether it has to be on the model's side, or sides.</summary>
    public bool SideIsFixed { get; init; }

    /// <summary>Sizes that lie within a range.</summary>
    [MaxLength(40)]
    public IReadOnlyList<SizeRange> Sizes { get; init => field = value ?? []; } = [];

    /// <summary>Ids of choices that are the model's.</summary>
    [MaxLength(40)]
    public IReadOnlyList<string> Words { get; init => field = value ?? []; } = [];

    /// <summary>Where its middle lies; null where that is free.</summary>
    public PlaceRange? Place { get; init; }

    /// <summary>Id of a colour of the palette, by role.</summary>
    public IReadOnlyDictionary<string, string> Colours { get; init => field = value ?? new Dictionary<string, string>(); } = new Dictionary<string, string>();
}
