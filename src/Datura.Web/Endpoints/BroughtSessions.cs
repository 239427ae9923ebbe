namespace Datura.Web;

/// <summary>How many sessions a table brought.</summary>
public sealed record BroughtSessions(int Added);
