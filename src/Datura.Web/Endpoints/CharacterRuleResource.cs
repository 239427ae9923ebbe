namespace Datura.Web;

/// <summary>What one rule of a character wants.</summary>
/// <param name="Rule">Its key.</param>
/// <param name="Part">Id of the character's part; null for a rule of the whole look.</param>
public sealed record CharacterRuleResource(string Rule, string? Part, string Demand);
