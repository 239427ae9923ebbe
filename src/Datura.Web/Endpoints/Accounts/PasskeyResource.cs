namespace Datura.Web;

/// <summary>A passkey in a list.</summary>
public sealed record PasskeyResource(string Id, string? Name, DateTimeOffset CreatedAt);
