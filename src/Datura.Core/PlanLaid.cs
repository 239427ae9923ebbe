namespace Datura.Core;

/// <summary>A coat as it is laid in a step.</summary>
/// <param name="Number">Its place among all coats of the plan, from 1.</param>
/// <param name="Key">As orders and mendings name it: part/role.</param>
/// <param name="Colour">Seen in place.</param>
/// <param name="CanMend">Preparing and mending that has something to do for it.</param>
public sealed record PlanLaid(int Number, string Key, string PartId, string Part, string Coat, string Paint, string Colour, IReadOnlyList<MendingKind> CanMend);
