namespace Datura.Store.Accounts;

/// <summary>One look on one face for a guest.</summary>
public sealed record GuestLink(Guid Id, string StudioId, string LookId, string FaceId, string KitId, string SettingId, DateTime MadeAt, DateTime ExpiresAt);
