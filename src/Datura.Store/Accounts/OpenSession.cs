namespace Datura.Store.Accounts;

/// <summary>A session that is still good, with what its holder may do just now.</summary>
/// <param name="Ticket">The framework's, as it was stored.</param>
/// <param name="Role">Null when the account belongs to the studio no more.</param>
/// <param name="GuestLink">Null for an account's session.</param>
public sealed record OpenSession(byte[] Ticket, Guid Handle, Guid? AccountId, string? Name, string? StudioId, Role? Role, Guid? GuestLink);
