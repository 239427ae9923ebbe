using System.Security.Cryptography;
using Microsoft.AspNetCore.DataProtection;

namespace Datura.Web.Accounts;

/// <summary>Photos of people as they are kept: sealed with a key of the service, opened when they are shown.</summary>
public sealed class PhotoSeal(IDataProtectionProvider keys)
{
    // What was kept before photos were sealed begins as a WebP file does.
    private static ReadOnlySpan<byte> Plain => "RIFF"u8;

    private readonly IDataProtector seal = keys.CreateProtector("Datura.SessionPhoto");

    public byte[] Sealed(byte[] picture) => seal.Protect(picture);

    /// <returns>Null when the key is not here any more.</returns>
    public byte[]? Opened(byte[] kept)
    {
        if (kept.AsSpan().StartsWith(Plain))
        {
            return kept;
        }

        try
        {
            return seal.Unprotect(kept);
        }
        catch (CryptographicException)
        {
            return null;
        }
    }
}
