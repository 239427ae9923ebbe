namespace Datura.Domain;

/// <summary>The paints at hand.</summary>
public sealed record Kit(string Id, string Name, IReadOnlyList<PaintDescription> Paints);
