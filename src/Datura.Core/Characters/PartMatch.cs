namespace Datura.Core.Characters;

/// <summary>Which part of a look is which of the character's: by its kind; of several by its id, then its name, then by what it breaks least.</summary>
internal static class PartMatch
{
    public static WornLook Of(Character character, Look look, PlannedLook planned, Kit kit)
    {
        var matched = new Dictionary<string, ExpandedPart>();
        var left = planned.Parts.Where(p => !p.Kind.IsReckoned).ToList();
        // What is surely meant is taken first, so that a lookalike does not take its place.
        foreach (var sure in new Func<CharacterPart, ExpandedPart, bool>[] { (c, p) => p.Part.Id == c.Model.Id, (c, p) => c.Model.Name is { } name && p.Part.Name == name, (_, _) => true })
        {
            foreach (var part in character.Parts.Where(c => !matched.ContainsKey(c.Model.Id)))
            {
                var may = left.Where(p => p.Kind.Id == part.Model.Kind && sure(part, p));
                if (may.OrderBy(p => Broken(part, p)).FirstOrDefault() is { } found)
                {
                    matched[part.Model.Id] = found;
                    left.Remove(found);
                }
            }
        }

        return new(look, planned, kit, matched);

        int Broken(CharacterPart part, ExpandedPart found)
        {
            var alone = new WornLook(look, planned, kit, new Dictionary<string, ExpandedPart> { [part.Model.Id] = found });
            return CharacterRules.OfPart(part, character).Count(r => r.Judge(alone).State == RuleState.Off);
        }
    }
}
