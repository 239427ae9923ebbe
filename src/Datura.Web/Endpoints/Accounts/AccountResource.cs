namespace Datura.Web;

/// <summary>The own account.</summary>
/// <param name="SecondFactor">Whether a code of the authenticator is asked for when signing in.</param>
/// <param name="RecoveryCodes">How many codes that work once are left.</param>
public sealed record AccountResource(string Name, string? Mail, bool SecondFactor, int RecoveryCodes, IReadOnlyList<PasskeyResource> Passkeys, IReadOnlyList<SessionHeadResource> Sessions);
