namespace Datura.Core.Learn;

/// <summary>What a plan said of a session's length, and what came of it.</summary>
/// <param name="Promised">Likely length and how far it may be off.</param>
/// <param name="TakenSeconds">By the clock.</param>
public sealed record Forecast(Order.DurationEstimate Promised, double TakenSeconds);
