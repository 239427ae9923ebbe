namespace Datura.Core.Supply;

/// <summary>Whether a pot can be: what it weighs, since when it is open.</summary>
public static class PotCheck
{
    /// <summary>No pot that is still used is older.</summary>
    public static readonly DateOnly Oldest = new(1950, 1, 1);

    /// <summary>What is wrong with a paint's pot; null when nothing is. Whether a day lies ahead depends on today and is said elsewhere (<see cref="PotAge"/>).</summary>
    public static ProblemCode? Problem(PaintDescription paint)
    {
        if (paint.Pot is not { } pot)
        {
            return null;
        }

        if (pot.Lot.Length > Limits.LongestName || pot.BoughtAt.Length > Limits.LongestName || pot.OpenedOn < Oldest || !Limits.Hold<PaintPot>(nameof(pot.KeepsMonths), pot.KeepsMonths))
        {
            return ProblemCode.PotNumbers;
        }

        if (!Limits.Hold<PaintPot>(nameof(pot.FullG), pot.FullG) || !Limits.Hold<PaintPot>(nameof(pot.WeighedG), pot.WeighedG))
        {
            return ProblemCode.PotWeight;
        }

        return pot is { WeighedG: { } now, FullG: { } full } && now > full ? ProblemCode.PotHeavierThanFull : null;
    }
}
