namespace Datura.Core.Fit;

/// <summary>A look painted with a few tools.</summary>
/// <param name="Tools">The tools, the most used first.</param>
/// <param name="Laid">Tool of every coat that is not laid with its usual one: by part, by role.</param>
/// <param name="WorkSeconds">Brush on skin with these.</param>
public sealed record ToolPlan(IReadOnlyList<ToolDescription> Tools, IReadOnlyDictionary<string, IReadOnlyDictionary<string, string>> Laid, double WorkSeconds);
