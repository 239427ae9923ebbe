namespace Datura.Web.Computing;

/// <summary>How urgent a route's computing is.</summary>
public sealed record ComputeUrgency(Urgency Urgency);
