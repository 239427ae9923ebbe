using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>The paints at hand.</summary>
public sealed record Kit(string Id, [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Name, [property: MaxLength(Limits.MostPaints)] IReadOnlyList<PaintDescription> Paints);
