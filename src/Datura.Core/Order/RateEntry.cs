namespace Datura.Core.Order;

/// <summary>One rate of work: a default and where it is from, to be replaced by the painter's own.</summary>
/// <param name="Unit">What the value counts.</param>
public sealed record RateEntry(string Id, string Label, string Unit, double Usual, double Least, double Most, string Source);
