using System.Buffers.Text;
using System.Security.Cryptography;
using System.Text;

namespace Datura.Web.Accounts;

/// <summary>Random words that nobody guesses, 256 bits; only what they hash to is kept.</summary>
internal static class Secret
{
    public static string New() => Base64Url.EncodeToString(RandomNumberGenerator.GetBytes(32));

    public static byte[] Hash(string secret) => SHA256.HashData(Encoding.UTF8.GetBytes(secret));
}
