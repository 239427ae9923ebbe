namespace Datura.Core;

/// <summary>A preparing or mending step within a step of the plan.</summary>
/// <param name="Coat">The coat it is done for, named part/role.</param>
/// <param name="Before">Before that coat's first stroke; otherwise after its last.</param>
/// <param name="Name">In a word or two.</param>
/// <param name="How">As it is done, with its tool.</param>
/// <param name="Proposed">By the plan, since something would not hold without it.</param>
public sealed record PlanMending(MendingKind Kind, string Coat, bool Before, string Name, string How, double Seconds, bool Proposed);
