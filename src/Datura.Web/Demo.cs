using Datura.Documents;
using Datura.Store;

namespace Datura.Web;

/// <summary>Fills an empty database with the Saltmarsh Lantern Walk.</summary>
public static class Demo
{
    public static async Task LoadIfEmptyAsync(DocumentStore store)
    {
        if ((await store.ListAsync(DocumentTypes.Kit.Name)).Count > 0)
        {
            return;
        }

        foreach (var type in DocumentTypes.All)
        {
            var prefix = $"demo/{type.Plural}/";
            foreach (var name in typeof(Demo).Assembly.GetManifestResourceNames().Where(n => n.StartsWith(prefix, StringComparison.Ordinal)).Order())
            {
                using var reader = new StreamReader(typeof(Demo).Assembly.GetManifestResourceStream(name)!);
                var body = await reader.ReadToEndAsync();
                try
                {
                    await store.AddAsync(type.Name, Path.GetFileNameWithoutExtension(name[prefix.Length..]), DocumentType.Title(body), body);
                }
                catch (TakenIdException)
                {
                    // Another copy of the service is loading the same demo; what it has put there is the same.
                }
            }
        }
    }
}
