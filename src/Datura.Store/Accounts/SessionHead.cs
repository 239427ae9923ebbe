namespace Datura.Store.Accounts;

/// <summary>Where somebody is signed in.</summary>
/// <param name="Handle">By which it is ended; it opens nothing.</param>
/// <param name="Agent">What the browser calls itself.</param>
public sealed record SessionHead(Guid Handle, string Agent, DateTime CreatedAt, DateTime SeenAt);
