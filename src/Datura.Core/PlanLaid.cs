namespace Datura.Core;

/// <summary>A coat as it is laid in a step.</summary>
/// <param name="Number">Its place among all coats of the plan, from 1.</param>
/// <param name="Colour">Seen in place.</param>
public sealed record PlanLaid(int Number, string PartId, string Part, string Coat, string Paint, string Colour);
