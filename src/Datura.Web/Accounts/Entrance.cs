namespace Datura.Web.Accounts;

/// <summary>A route by which somebody gets in: whoever was signed in at this browser before does not count there, and is out once it succeeds.</summary>
internal sealed record Entrance;
