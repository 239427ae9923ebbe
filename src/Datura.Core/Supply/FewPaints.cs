namespace Datura.Core.Supply;

/// <summary>A set of paints that makes every colour of a menu.</summary>
/// <param name="Paints">Their names; with those that are not stirred into mixes.</param>
/// <param name="MostDeltaE">Colour furthest off, ΔE00.</param>
/// <param name="Exact">Whether every smaller set was ruled out.</param>
public sealed record FewPaints(IReadOnlyList<string> Paints, double MostDeltaE, bool Exact);
