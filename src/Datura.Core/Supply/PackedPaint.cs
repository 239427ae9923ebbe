namespace Datura.Core.Supply;

/// <summary>One paint of a packed case.</summary>
/// <param name="LikelyMl">What all faces take in the mean; 0 for what is counted.</param>
/// <param name="Ml">Enough but for the chance that is put up with.</param>
/// <param name="Pieces">The same of what is counted.</param>
/// <param name="LeftMl">What is there; null when nobody looked.</param>
/// <param name="ShortChance">Chance that what is there does not last; null when nobody looked.</param>
/// <param name="BuyPots">Full pots to buy; null when it is not known how much is there or how large a pot is.</param>
/// <param name="Cost">What all faces take of it in the mean, in the studio's currency; null when price or pot are not known.</param>
public sealed record PackedPaint(
    string Paint, string Name, string Colour, Material Material, double LikelyMl, double Ml, double Grams, int Pieces, double? LeftMl, double? ShortChance, int? BuyPots, double? Cost)
{
    /// <summary>Evenings that what is there is enough for, but for the chance; null when nobody looked.</summary>
    public int? LastsEvenings { get; init; }

    /// <summary>The last day on which the open pot is used; null when unknown.</summary>
    public DateOnly? LastDay { get; init; }

    /// <summary>Whether that day comes before the last evening.</summary>
    public bool GoesOff { get; init; }

    /// <summary>What does where it is missing; null where another paint of the kit is chosen instead.</summary>
    public string? Instead { get; init; }
}
