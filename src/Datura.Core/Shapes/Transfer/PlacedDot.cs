namespace Datura.Core.Shapes.Transfer;

/// <summary>A dot to be set before drawing.</summary>
/// <param name="Number">Through the whole plan, in drawing order.</param>
/// <param name="Where">Which of the two places with these distances it is, in words.</param>
public sealed record PlacedDot(int Number, ChartPoint At, TapeFrom First, TapeFrom Second, string Where);
