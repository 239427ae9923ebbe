namespace Datura.Core.Characters;

/// <summary>A wearer's look held against the rules of its character. See docs/characters.md.</summary>
public static class Conformity
{
    /// <param name="look">As it was planned, of the kit.</param>
    /// <returns>A finding for every rule, in the order of importance.</returns>
    public static IReadOnlyList<RuleFinding> Of(Character character, Look look, PlannedLook planned, Kit kit)
    {
        var worn = PartMatch.Of(character, look, planned, kit);
        return [.. CharacterRules.Of(character).Select(r => r.Judge(worn))];
    }

    /// <summary>What each rule wants, in the order of importance.</summary>
    public static IReadOnlyList<(string Rule, string? Part, Remark Demand)> Demands(Character character) =>
        [.. CharacterRules.Of(character).Select(r => (r.Key, r.Part?.Model.Id, r.Demand))];

    /// <summary>The smallest change of a look that meets a rule and breaks no other; null when there is none that is known.</summary>
    /// <param name="rule">Key of the rule.</param>
    /// <param name="plan">Plans a look on the wearer.</param>
    /// <exception cref="InputException">There is no such rule.</exception>
    public static Look? SmallestChange(Character character, string rule, Look look, Kit kit, Func<Look, PlannedLook> plan)
    {
        var rules = CharacterRules.Of(character);
        var own = rules.FirstOrDefault(r => r.Key == rule) ?? throw new InputException("rule", ProblemCode.NoSuchRule, ("rule", rule));
        var worn = PartMatch.Of(character, look, plan(look), kit);
        var broken = rules.Where(r => r.Judge(worn).State == RuleState.Off).Select(r => r.Key).ToHashSet();
        if (!broken.Contains(rule))
        {
            return look;
        }

        foreach (var changed in own.Changes(worn))
        {
            if (PlanCheck.OfLook(changed).Count > 0)
            {
                continue;
            }

            var then = PartMatch.Of(character, changed, plan(changed), kit);
            // A part that joins brings rules of its own with it; those of other parts stay as they were.
            if (rules.All(r => r.Judge(then).State != RuleState.Off || (broken.Contains(r.Key) && r.Key != rule) || (r.Key != rule && r.Part is not null && r.Part == own.Part)))
            {
                return changed;
            }
        }

        return null;
    }
}
