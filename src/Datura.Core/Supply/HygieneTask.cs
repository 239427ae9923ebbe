namespace Datura.Core.Supply;

/// <summary>What is done between two faces.</summary>
/// <param name="Words">What and how.</param>
/// <param name="Minutes">Of the painter's time, for one face in the mean.</param>
public sealed record HygieneTask(string Words, double Minutes);
