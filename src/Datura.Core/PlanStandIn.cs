namespace Datura.Core;

/// <summary>A coat of a look made with another kit.</summary>
/// <param name="Wanted">Its paints, in words.</param>
/// <param name="Instead">What stands in, in words.</param>
/// <param name="Mix">The same as data, to be taken over.</param>
/// <param name="DeltaE">ΔE00 of the opaque colours; null when the wanted colour is not known.</param>
public sealed record PlanStandIn(string PartId, string Part, string Role, string Wanted, string Instead, IReadOnlyList<PaintShare> Mix, double? DeltaE);
