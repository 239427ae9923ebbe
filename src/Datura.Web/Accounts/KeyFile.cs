using System.Security.Cryptography;
using System.Xml.Linq;
using Microsoft.AspNetCore.DataProtection.XmlEncryption;

namespace Datura.Web.Accounts;

/// <summary>
/// Seals the framework's keys, which lie in the database, with a key that does not: whoever has only the database, or a backup of it, opens
/// neither a session nor a photo. AES-GCM (NIST SP 800-38D); the file is made when it is missing and read by its owner alone.
/// </summary>
internal sealed class KeyFile(string path) : IXmlEncryptor
{
    /// <summary>Name of the setting that says where the file is; without it the keys lie as they are.</summary>
    public const string Setting = "DATURA_KEY_FILE";

    internal const int KeyBytes = 32;
    private const int NonceBytes = 12;
    private const int TagBytes = 16;

    public EncryptedXmlInfo Encrypt(XElement plaintextElement)
    {
        var plain = System.Text.Encoding.UTF8.GetBytes(plaintextElement.ToString(SaveOptions.DisableFormatting));
        var whole = new byte[NonceBytes + TagBytes + plain.Length];
        RandomNumberGenerator.Fill(whole.AsSpan(0, NonceBytes));
        using var sealing = new AesGcm(Key(path), TagBytes);
        sealing.Encrypt(whole.AsSpan(0, NonceBytes), plain, whole.AsSpan(NonceBytes + TagBytes), whole.AsSpan(NonceBytes, TagBytes));
        return new(new("sealedByFile", Convert.ToBase64String(whole)), typeof(KeyFileOpener));
    }

    internal static XElement Open(string path, string text)
    {
        var whole = Convert.FromBase64String(text);
        var plain = new byte[whole.Length - NonceBytes - TagBytes];
        using var sealing = new AesGcm(Key(path), TagBytes);
        sealing.Decrypt(whole.AsSpan(0, NonceBytes), whole.AsSpan(NonceBytes + TagBytes), whole.AsSpan(NonceBytes, TagBytes), plain);
        return XElement.Parse(System.Text.Encoding.UTF8.GetString(plain));
    }

    private static byte[] Key(string path)
    {
        if (!File.Exists(path))
        {
            Directory.CreateDirectory(Path.GetDirectoryName(Path.GetFullPath(path))!);
            var own = new FileStreamOptions { Mode = FileMode.CreateNew, Access = FileAccess.Write };
            if (!OperatingSystem.IsWindows())
            {
                own.UnixCreateMode = UnixFileMode.UserRead | UnixFileMode.UserWrite;
            }

            try
            {
                using var made = new FileStream(path, own);
                made.Write(RandomNumberGenerator.GetBytes(KeyBytes));
            }
            catch (IOException) when (File.Exists(path))
            {
                // Another copy of the service was quicker.
            }
        }

        return File.ReadAllBytes(path) is { Length: KeyBytes } key ? key : throw new InvalidOperationException($"The file that {Setting} names is no key of {KeyBytes} bytes.");
    }
}
