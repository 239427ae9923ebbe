using System.Buffers.Text;
using System.Security.Cryptography;
using System.Text;

namespace Datura.Web.Accounts;

/// <summary>What only its holder knows; the database has what it hashes to.</summary>
internal static class Secret
{
    /// <summary>OWASP Password Storage Cheat Sheet: PBKDF2 with HMAC-SHA-512, at least 210,000 rounds.</summary>
    public const int SlowRounds = 210_000;

    private const int SlowBytes = 32;

    /// <summary>A word of 256 bits that nobody guesses.</summary>
    public static string New() => Base64Url.EncodeToString(RandomNumberGenerator.GetBytes(32));

    /// <summary>For what has 256 bits.</summary>
    public static byte[] Hash(string secret) => SHA256.HashData(Encoding.UTF8.GetBytes(secret));

    /// <summary>For what is short enough to be written down on paper.</summary>
    /// <param name="salt">Another for each account.</param>
    public static byte[] SlowHash(string secret, byte[] salt) => Rfc2898DeriveBytes.Pbkdf2(secret, salt, SlowRounds, HashAlgorithmName.SHA512, SlowBytes);
}
