using Microsoft.AspNetCore.Identity;

namespace Datura.Web.Accounts;

/// <summary>A passkey as it is kept (W3C Web Authentication Level 3, credential record).</summary>
internal sealed record KeptPasskey(
    byte[] CredentialId, byte[] PublicKey, DateTimeOffset CreatedAt, uint SignCount, string[]? Transports, bool IsUserVerified, bool IsBackupEligible, bool IsBackedUp,
    byte[] AttestationObject, byte[] ClientDataJson, string? Name)
{
    public static KeptPasskey Of(UserPasskeyInfo p) => new(
        p.CredentialId, p.PublicKey, p.CreatedAt, p.SignCount, p.Transports, p.IsUserVerified, p.IsBackupEligible, p.IsBackedUp, p.AttestationObject, p.ClientDataJson, p.Name);

    public UserPasskeyInfo Info() => new(
        CredentialId, PublicKey, CreatedAt, SignCount, Transports, IsUserVerified, IsBackupEligible, IsBackedUp, AttestationObject, ClientDataJson)
    { Name = Name };
}
