namespace Datura.Store.Accounts;

/// <summary>What a link that works once lets its holder do.</summary>
/// <param name="StudioId">Where it lets join; null for a new password.</param>
/// <param name="AccountId">Whose password it lets set anew; null for joining.</param>
public sealed record OneTimeLink(string Purpose, string? StudioId, Role? Role, Guid? AccountId);
