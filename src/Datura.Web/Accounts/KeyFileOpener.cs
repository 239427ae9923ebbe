using System.Xml.Linq;
using Microsoft.AspNetCore.DataProtection.XmlEncryption;

namespace Datura.Web.Accounts;

/// <summary>Opens what <see cref="KeyFile"/> sealed; the framework makes it by its name.</summary>
internal sealed class KeyFileOpener(IServiceProvider services) : IXmlDecryptor
{
    public XElement Decrypt(XElement encryptedElement) => KeyFile.Open(
        services.GetRequiredService<IConfiguration>()[KeyFile.Setting] ?? throw new InvalidOperationException($"The keys are sealed by a file. Say where it is in {KeyFile.Setting}."),
        encryptedElement.Value);
}
