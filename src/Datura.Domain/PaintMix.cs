namespace Datura.Domain;

/// <summary>One or more paints, named by id, in parts. What they look like is the kit's business.</summary>
public sealed record PaintMix(IReadOnlyList<PaintShare> Shares);
