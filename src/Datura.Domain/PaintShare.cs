using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A paint and how many parts of it.</summary>
public sealed record PaintShare(string Paint, [property: Range(0, 100, MinimumIsExclusive = true)] double Parts);
