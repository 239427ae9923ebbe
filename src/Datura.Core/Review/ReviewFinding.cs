namespace Datura.Core.Review;

/// <summary>One thing that came out otherwise than planned.</summary>
/// <param name="PartId">The part.</param>
/// <param name="Amount">How much: mm, per cent, degrees or ΔE00, as the kind has it.</param>
/// <param name="PlusMinus">Eight times of ten it lies within so much of it.</param>
/// <param name="Weight">How much it is seen, to put the worst first.</param>
/// <param name="At">Where on the chart.</param>
/// <param name="Words">It in a sentence.</param>
/// <param name="Mending">What to do about it.</param>
/// <param name="MendingMinutes">How long that takes, min.</param>
public sealed record ReviewFinding(FindingKind Kind, string PartId, Side Side, double Amount, double PlusMinus, double Weight, ChartPoint At, string Words, string Mending, double MendingMinutes);
