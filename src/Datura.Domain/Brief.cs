using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>What a painter asks for before there is a look. Everything has a usual value; one word is enough.</summary>
/// <param name="Words">The idea in her words, a temper among them perhaps: "sad wolf".</param>
/// <param name="Temper">Null for what the words say, if anything.</param>
/// <param name="Extent">Null for what the minutes allow.</param>
/// <param name="Minutes">Null for the slot of the setting.</param>
/// <param name="Ornament">Whether ornament may join.</param>
/// <param name="Without">Ids of paints that shall not be used.</param>
/// <param name="Lips">Id of the paint that the wearer wants on the lips; null for what fits.</param>
/// <param name="Boldness">Less than 0 for simpler, more for bolder.</param>
/// <param name="Seed">The same seed gives the same proposals.</param>
/// <param name="Old">Whether the character is old: folds of age join, where this face has them.</param>
/// <param name="Side">The wearer's side for what lies on one side alone; null for either.</param>
/// <param name="Keep">Parts that stay as they are while the rest varies.</param>
public sealed record Brief(
    [property: StringLength(200)] string Words = "",
    Temper? Temper = null,
    Extent? Extent = null,
    [property: Range(1, 720)] double? Minutes = null,
    bool Ornament = true,
    [property: MaxLength(200)] IReadOnlyList<string>? Without = null,
    [property: StringLength(100)] string? Lips = null,
    [property: Range(-2, 2)] int Boldness = 0,
    [property: Range(0, 1_000_000)] int Seed = 1,
    [property: MaxLength(40)] IReadOnlyList<Part>? Keep = null,
    bool Old = false,
    Side? Side = null);
