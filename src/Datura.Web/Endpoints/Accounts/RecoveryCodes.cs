namespace Datura.Web;

/// <summary>Codes that work once each instead of the authenticator, told this once.</summary>
public sealed record RecoveryCodes(IReadOnlyList<string> Codes);
