namespace Datura.Core;

/// <summary>Why a step waits.</summary>
/// <param name="Other">The step that is still wet, in words.</param>
/// <param name="Words">All of it as a sentence.</param>
public sealed record PlanWait(WaitCode Code, string? Other, string Words);
