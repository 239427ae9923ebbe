using Datura.Core.Characters;

namespace Datura.Web;

/// <summary>A rule held against one wearer's look.</summary>
/// <param name="Parts">Ids of the look's parts that it speaks of.</param>
/// <param name="Says">What there is, and by how much it is off.</param>
/// <param name="OffBy">In the rule's unit; 0 when met.</param>
/// <param name="X">Where it is on the wearer's picture, from the left, share of its width; null when it is not seen there.</param>
/// <param name="Y">From the top, share of its height.</param>
public sealed record RuleFindingResource(string Rule, RuleState State, IReadOnlyList<string> Parts, string Says, double OffBy, double? X, double? Y);
