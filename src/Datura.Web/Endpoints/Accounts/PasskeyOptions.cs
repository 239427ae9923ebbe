namespace Datura.Web;

/// <summary>What the browser gives to a passkey.</summary>
/// <param name="Options">JSON (W3C Web Authentication Level 3, PublicKeyCredentialCreationOptionsJSON or PublicKeyCredentialRequestOptionsJSON).</param>
public sealed record PasskeyOptions(string Options);
