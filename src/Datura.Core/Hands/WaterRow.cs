namespace Datura.Core.Hands;

/// <summary>What water makes of a coat, as shares of creamy paint.</summary>
/// <param name="Film">Dry film.</param>
/// <param name="Rate">Speed of the hand.</param>
/// <param name="Load">How far one load goes.</param>
/// <param name="Drying">Time until it may be worked over.</param>
/// <param name="Width">Width of a line.</param>
/// <param name="EdgeMm">What it adds to a soft edge, mm.</param>
/// <param name="Source">Where the values are from.</param>
public sealed record WaterRow(Water Water, double Film, double Rate, double Load, double Drying, double Width, double EdgeMm, string Source);
