namespace Datura.Web;

/// <summary>A character's rules, and every wearer held against them.</summary>
/// <param name="Palette">Its colours on a screen, by id.</param>
public sealed record ConformityResource(IReadOnlyDictionary<string, string> Palette, IReadOnlyList<CharacterRuleResource> Rules, IReadOnlyList<WearerResource> Wearers);
