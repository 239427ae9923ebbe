namespace Datura.Core.Paint;

/// <summary>The smallest set of paints.</summary>
/// <param name="Proven">Whether every smaller set was ruled out.</param>
public sealed record FewestAnswer(IReadOnlyList<string> Paints, IReadOnlyList<MadeColour> Made, bool Proven);
