namespace Datura.Web;

/// <summary>The secret of a link.</summary>
public sealed record TokenRequest(string Token);
