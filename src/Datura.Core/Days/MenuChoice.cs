namespace Datura.Core.Days;

/// <summary>One choice of what to offer.</summary>
/// <param name="Looks">Lines of the menu.</param>
/// <param name="Painted">Faces that are painted, mean of a day.</param>
/// <param name="AsWished">Of these, how many got what they wanted first.</param>
public sealed record MenuChoice(IReadOnlyList<int> Looks, double Painted, double AsWished);
