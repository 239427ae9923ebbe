namespace Datura.Web;

/// <summary>That somebody changed something.</summary>
/// <param name="Who">Null for the demo, the service itself and accounts that are gone.</param>
/// <param name="Action">added, saved, removed, putBack, erased, joined, roleChanged, left, linkMade or linkEnded.</param>
public sealed record AuditResource(long Number, DateTime At, string? Who, string Action, string? Kind, string? Id, int? Revision, string? Name);
