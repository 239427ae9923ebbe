namespace Datura.Domain;

/// <summary>Two coats of which the second follows at once.</summary>
public sealed record StepTie(string First, string Then);
