namespace Datura.Core.Learn;

/// <summary>How long this painter takes with one hand, as a share of the usual.</summary>
/// <param name="Factor">1 for the usual, 2 for twice as long; the median of what is believed.</param>
/// <param name="Low">Lower end of the 95 % that are believed.</param>
/// <param name="High">Upper end.</param>
/// <param name="Count">Pieces of work it was learned from.</param>
/// <param name="PriorShare">How much of it is still what is usual and what the painter's other hands say, 0 to 1.</param>
public sealed record HandPace(string Hand, double Factor, double Low, double High, int Count, double PriorShare);
