namespace Datura.Core.Order;

/// <summary>What an idle time before a step is for.</summary>
/// <param name="Other">The step that is still wet, in words; null for none.</param>
public sealed record WaitsFor(WaitCode Code, string? Other = null);
