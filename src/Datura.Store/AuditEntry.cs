namespace Datura.Store;

/// <summary>That somebody changed something.</summary>
/// <param name="Who">Name of the account as it is now; null for the demo, the service itself and accounts that are gone.</param>
/// <param name="Action">added, saved, removed, putBack or erased.</param>
/// <param name="Name">What the document is called now; null when it is gone.</param>
public sealed record AuditEntry(long Number, DateTime At, Guid? AccountId, string? Who, string Action, string? Kind, string? Id, int? Revision, string? Name);
