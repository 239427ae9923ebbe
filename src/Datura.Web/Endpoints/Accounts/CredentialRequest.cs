using System.ComponentModel.DataAnnotations;

namespace Datura.Web;

/// <summary>What the browser's passkey answered, JSON (W3C Web Authentication Level 3, PublicKeyCredential.toJSON).</summary>
/// <param name="Name">What the passkey is called in lists; for a new one only.</param>
public sealed record CredentialRequest([property: StringLength(20_000)] string Credential, string? Name = null);
