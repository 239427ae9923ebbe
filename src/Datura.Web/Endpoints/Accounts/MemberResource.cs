using Datura.Store.Accounts;

namespace Datura.Web;

/// <summary>Somebody who belongs to the studio.</summary>
public sealed record MemberResource(Guid Id, string Name, Role Role, bool SecondFactor, DateTime Since, bool Self);
