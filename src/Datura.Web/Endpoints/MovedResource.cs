namespace Datura.Web;

/// <summary>An order after a step was moved.</summary>
public sealed record MovedResource(IReadOnlyList<string> Sequence, IReadOnlyList<CoatOver> Over);
