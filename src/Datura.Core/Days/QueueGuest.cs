namespace Datura.Core.Days;

/// <summary>One who comes to the booth on a simulated day, minutes after midnight.</summary>
/// <param name="Look">Which line of the menu in the end.</param>
/// <param name="Wished">Which line was wanted first.</param>
/// <param name="Patience">Minutes of waiting that are put up with.</param>
/// <param name="Slowness">This face's minutes by the usual of its look, before the painter's hand.</param>
public readonly record struct QueueGuest(double At, int Look, int Wished, double Patience, double Slowness);
