namespace Datura.Web;

/// <summary>How long a painter takes with one hand.</summary>
/// <param name="Hand">As times are kept.</param>
/// <param name="Tool">Its name; empty for what is done without one.</param>
/// <param name="Technique">Its code, or setUp, waiting, onOneself.</param>
/// <param name="Factor">Share of the usual time.</param>
/// <param name="Low">Lower end of the 95 % that are believed.</param>
/// <param name="High">Upper end.</param>
/// <param name="Count">Pieces of work that were timed.</param>
/// <param name="PriorShare">How much of it is still what is usual, 0 to 1.</param>
public sealed record HandPaceResource(string Hand, string Tool, string Technique, double Factor, double Low, double High, int Count, double PriorShare);
