namespace Datura.Web;

/// <summary>How one wearer's look keeps to the rules.</summary>
/// <param name="Problem">Why nothing can be said; null when something can.</param>
/// <param name="Met">How many rules are met, and so on.</param>
public sealed record WearerResource(string Face, string FaceName, string Look, string LookName, string? Problem, int Met, int Off, int NotDecided, IReadOnlyList<RuleFindingResource> Findings);
