namespace Datura.Web;

/// <summary>A code of the authenticator, or one of the codes that work once.</summary>
/// <param name="Stay">As when signing in began.</param>
public sealed record CodeRequest(string Code, bool Stay = false);
