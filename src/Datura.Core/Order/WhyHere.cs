namespace Datura.Core.Order;

/// <summary>A reason for a step's place.</summary>
/// <param name="Other">The step it refers to, in words; null for none.</param>
/// <param name="GivesWayTo">The stronger rule, when this one could not be kept.</param>
public sealed record WhyHere(ReasonCode Code, OrderRule Rule, string? Other = null, OrderRule? GivesWayTo = null);
