namespace Datura.Core.Learn;

/// <summary>One session of something practised.</summary>
/// <param name="Value">Seconds, or a share of the usual.</param>
public readonly record struct PracticePoint(DateOnly On, double Value);
