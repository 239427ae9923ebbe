namespace Datura.Documents;

/// <summary>One thing that differs between two revisions.</summary>
/// <param name="Path">Where, as names from the outside in; an item of a list by its id where it has one.</param>
/// <param name="Before">JSON of what stood there; null when it was added.</param>
/// <param name="After">JSON of what stands there now; null when it was taken away.</param>
public sealed record DocumentDifference(IReadOnlyList<string> Path, string? Before, string? After);
