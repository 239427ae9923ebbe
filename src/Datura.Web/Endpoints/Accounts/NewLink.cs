namespace Datura.Web;

/// <summary>A link's end, told this once: what stands behind the address of the service.</summary>
public sealed record NewLink(string Path, DateTimeOffset ExpiresAt);
