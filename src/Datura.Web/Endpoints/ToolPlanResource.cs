namespace Datura.Web;

/// <summary>A look painted with a few tools of the kit.</summary>
/// <param name="Tools">Their names, the most used first.</param>
/// <param name="Laid">Id of the tool of every coat that is not laid with its usual one: by part, by role.</param>
/// <param name="TotalSeconds">The whole session with these.</param>
public sealed record ToolPlanResource(IReadOnlyList<string> Tools, IReadOnlyDictionary<string, IReadOnlyDictionary<string, string>> Laid, double TotalSeconds);
