using Datura.Store.Accounts;

namespace Datura.Web;

/// <summary>As what somebody belongs to the studio.</summary>
public sealed record RoleRequest(Role Role);
