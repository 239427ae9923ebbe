namespace Datura.Core.Calls;

/// <summary>One painter on an evening.</summary>
/// <param name="Pace">Of the usual time, 1 as usual.</param>
/// <param name="FromMinute">Is there from, minutes after midnight.</param>
/// <param name="Busy">When she is elsewhere, minutes after midnight.</param>
public sealed record CallHand(string Name, double Pace, int FromMinute, IReadOnlyList<(int From, int Until)> Busy);
