namespace Datura.Core;

/// <summary>A reason for a step's place.</summary>
/// <param name="Other">The step it refers to, in words.</param>
/// <param name="GivesWayTo">Id of the stronger rule, when this one could not be kept.</param>
/// <param name="Words">All of it as a sentence.</param>
public sealed record PlanWhy(ReasonCode Code, string Rule, string? Other, string? GivesWayTo, string Words, bool Strict);
