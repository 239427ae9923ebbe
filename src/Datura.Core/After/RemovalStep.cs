namespace Datura.Core.After;

/// <summary>One thing to do when the paint comes off.</summary>
/// <param name="Title">In a word or two.</param>
/// <param name="How">With what, and how.</param>
/// <param name="Paints">Names of the paints it takes off.</param>
public sealed record RemovalStep(RemovalKind Kind, string Title, string How, double Minutes, IReadOnlyList<string> Paints);
