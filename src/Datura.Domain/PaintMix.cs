using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>One or more paints, named by id, in parts. What they look like is the kit's business.</summary>
public sealed record PaintMix(IReadOnlyList<PaintShare> Shares);

/// <summary>A paint and how many parts of it.</summary>
public sealed record PaintShare(string Paint, [property: Range(0, 100, MinimumIsExclusive = true)] double Parts);
