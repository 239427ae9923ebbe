using Datura.Core.Shapes;

namespace Datura.Core.Characters;

/// <summary>A rule of one of the character's parts: undecided where the look lacks it.</summary>
internal abstract class PartRule(string key, CharacterPart part) : CharacterRule(key)
{
    public override CharacterPart Part => part;

    /// <summary>What the painter calls the character's part.</summary>
    protected string Label => PartKinds.Find(part.Model.Kind)!.LabelOf(part.Model);

    public override RuleFinding Judge(WornLook worn) => worn.Find(part) is { } found ? OfPart(found, worn) : Missing();

    protected virtual RuleFinding Missing() => Finding([], RuleState.NotDecided, Remark.Of(RemarkCode.RuleNeedsPart, ("part", Label)), 0);

    protected abstract RuleFinding OfPart(ExpandedPart found, WornLook worn);

    protected RuleFinding Met(ExpandedPart found, Remark says) => Finding([found.Part.Id], RuleState.Met, says, 0);

    protected RuleFinding Off(ExpandedPart found, Remark says, double by) => Finding([found.Part.Id], RuleState.Off, says, by);

    protected RuleFinding NotDecided(ExpandedPart found, Remark says) => Finding([found.Part.Id], RuleState.NotDecided, says, 0);
}
