namespace Datura.Web;

/// <summary>Where the account is signed in.</summary>
/// <param name="Agent">What the browser calls itself.</param>
/// <param name="Here">This very session.</param>
public sealed record SessionHeadResource(Guid Id, string Agent, DateTime CreatedAt, DateTime SeenAt, bool Here);
