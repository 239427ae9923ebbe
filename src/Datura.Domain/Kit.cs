using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>The paints and tools at hand.</summary>
/// <param name="Tools">What is owned; null when every usual tool is.</param>
public sealed record Kit(string Id, [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Name, [property: MaxLength(Limits.MostPaints)] IReadOnlyList<PaintDescription> Paints,
    [property: MaxLength(Limits.MostTools)] IReadOnlyList<ToolDescription>? Tools = null);
