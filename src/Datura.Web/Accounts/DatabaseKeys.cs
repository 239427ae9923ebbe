using System.Xml.Linq;
using Datura.Store.Accounts;
using Microsoft.AspNetCore.DataProtection.Repositories;

namespace Datura.Web.Accounts;

/// <summary>The framework's keys in the database, so that every copy of the service has the same.</summary>
internal sealed class DatabaseKeys(KeyRing ring) : IXmlRepository
{
    public IReadOnlyCollection<XElement> GetAllElements() => [.. ring.All().Select(x => XElement.Parse(x))];

    public void StoreElement(XElement element, string friendlyName) => ring.Add(friendlyName, element.ToString(SaveOptions.DisableFormatting));
}
