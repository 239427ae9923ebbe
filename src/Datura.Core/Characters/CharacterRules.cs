namespace Datura.Core.Characters;

/// <summary>All rules of a character, the most important first.</summary>
internal static class CharacterRules
{
    /// <param name="character">Checked (<see cref="CharacterCheck"/>).</param>
    public static IReadOnlyList<CharacterRule> Of(Character character) =>
    [
        .. character.Parts.SelectMany(p => OfPart(p, character)),
        .. character.Forbidden.Select(f => new ForbiddenRule(f, character)),
        .. character.Free is { } free ? [new NothingBesideRule(free)] : Array.Empty<CharacterRule>(),
    ];

    public static IEnumerable<CharacterRule> OfPart(CharacterPart part, Character character)
    {
        yield return new HasPartRule(part, character);
        if (part.SideIsFixed)
        {
            yield return new SideRule(part);
        }

        foreach (var size in part.Sizes)
        {
            yield return new SizeRule(part, size);
        }

        foreach (var word in part.Words)
        {
            yield return new WordRule(part, word);
        }

        if (part.Place is { } place)
        {
            yield return new PlaceRule(part, place);
        }

        foreach (var (role, colour) in part.Colours)
        {
            yield return new ColourRule(part, role, character.Palette.First(c => c.Id == colour));
        }
    }
}
