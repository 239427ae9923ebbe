using Datura.Core.Shapes;

namespace Datura.Core.Characters;

/// <summary>Nothing is there beside the character's parts and what is free.</summary>
internal sealed class NothingBesideRule(IReadOnlyList<string> free) : CharacterRule("beside")
{
    public override Remark Demand => free.Count == 0
        ? Remark.Of(RemarkCode.RuleNothingBeside)
        : Remark.Of(RemarkCode.RuleOnlyBeside, ("free", free.Select(f => PartKinds.Find(f)!.Label.ToLowerInvariant()).ToArray()));

    public override RuleFinding Judge(WornLook worn)
    {
        var beside = Beside(worn);
        return beside.Length == 0
            ? Finding([], RuleState.Met, Demand, 0)
            : Finding([.. beside.Select(p => p.Part.Id)], RuleState.Off, Remark.Of(RemarkCode.RuleBesideIs, ("parts", beside.Select(p => p.Label).Distinct().ToArray())), beside.Length);
    }

    public override IEnumerable<Look> Changes(WornLook worn) => [worn.Without([.. Beside(worn).Select(p => p.Part.Id)])];

    private ExpandedPart[] Beside(WornLook worn)
    {
        var asked = worn.Parts.Values.Select(p => p.Part.Id).ToHashSet();
        return [.. worn.Planned.Parts.Where(p => !p.Kind.IsReckoned && !asked.Contains(p.Part.Id) && !free.Contains(p.Kind.Id))];
    }
}
