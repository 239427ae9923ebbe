namespace Datura.Core.Paint;

/// <summary>What a material does on skin (common practice throughout).</summary>
/// <param name="Words">The painter's word.</param>
/// <param name="GoesOnWet">Laid with water, so that the brush wets what lies beneath.</param>
/// <param name="LiftedByWater">A wet brush takes some of it along, even when it is dry.</param>
/// <param name="Refuses">Materials it does not hold on.</param>
/// <param name="NeedsUnder">Materials of which one must lie beneath it; empty when bare skin will do.</param>
public sealed record MaterialRule(string Words, bool GoesOnWet, bool LiftedByWater, IReadOnlyList<Material> Refuses, IReadOnlyList<Material> NeedsUnder);
