namespace Datura.Store.Accounts;

/// <summary>A studio that an account belongs to.</summary>
public sealed record Membership(string StudioId, string StudioName, Role Role);
