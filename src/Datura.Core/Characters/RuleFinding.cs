namespace Datura.Core.Characters;

/// <summary>A rule held against one wearer's look.</summary>
/// <param name="Rule">Key of the rule.</param>
/// <param name="LookParts">Ids of the parts of the look that it speaks of; none when the part is not there.</param>
/// <param name="Demand">What the rule wants.</param>
/// <param name="Found">What there is, and by how much it is off.</param>
/// <param name="OffBy">How far outside, in the rule's unit (mm, °, a count, a share, ΔE00); 0 when met, 1 for what is there or not.</param>
public sealed record RuleFinding(string Rule, IReadOnlyList<string> LookParts, RuleState State, Remark Demand, Remark Found, double OffBy);
