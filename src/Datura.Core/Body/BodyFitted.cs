namespace Datura.Core.Body;

/// <summary>A body as fitted.</summary>
/// <param name="Skin">The skin with the given measures.</param>
/// <param name="Faired">Its copy with nose, lips and orbits smoothed away.</param>
/// <param name="MeasuresMm">Every measure; those not given as they come out.</param>
/// <param name="Notes">Measures that are rare beside the others, to be checked.</param>
public sealed record BodyFitted(SkinGrid Skin, SkinGrid Faired, IReadOnlyDictionary<string, double> MeasuresMm, IReadOnlyList<Problem> Notes);
