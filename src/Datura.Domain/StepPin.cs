namespace Datura.Domain;

/// <summary>A coat that keeps its place in the order.</summary>
/// <param name="Place">1 for the first step.</param>
public sealed record StepPin(string Coat, int Place);
