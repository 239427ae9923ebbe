namespace Datura.Store.Accounts;

/// <summary>An account in a studio.</summary>
public sealed record Member(Guid AccountId, string Name, Role Role, bool SecondFactor, DateTime Since);
