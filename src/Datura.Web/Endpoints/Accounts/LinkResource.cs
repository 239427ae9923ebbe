using Datura.Store.Accounts;

namespace Datura.Web;

/// <summary>What a link lets its holder do.</summary>
/// <param name="Purpose">join or reset.</param>
/// <param name="Studio">Which studio one joins by it, as <paramref name="Role"/>; null for a new password.</param>
public sealed record LinkResource(string Purpose, string? Studio, Role? Role);
