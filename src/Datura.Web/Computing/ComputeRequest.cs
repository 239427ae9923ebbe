namespace Datura.Web.Computing;

/// <summary>A wish to compute.</summary>
/// <param name="Who">Whose turn it counts as; turns are shared out evenly among those who wait.</param>
/// <param name="Screen">What it draws anew: of one screen only the newest is worth computing. Null when each counts.</param>
public sealed record ComputeRequest(Urgency Urgency, string Who, string? Screen);
