namespace Datura.Web;

/// <summary>A guest's link in a list.</summary>
public sealed record GuestLinkResource(Guid Id, string LookId, string Look, string Face, DateTime MadeAt, DateTime ExpiresAt);
