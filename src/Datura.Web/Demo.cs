using Datura.Documents;
using Datura.Store;

namespace Datura.Web;

/// <summary>Fills an empty database with the Saltmarsh Lantern Walk.</summary>
public static class Demo
{
    public const string StudioName = "Saltmarsh Lantern Walk";

    public static Task<bool> LoadIfEmptyAsync(DocumentStore store, CancellationToken cancel = default) => store.FillAsync(Documents(), cancel);

    private static IEnumerable<(string Kind, string Id, string Name, string Body)> Documents()
    {
        foreach (var type in DocumentTypes.All)
        {
            var prefix = $"demo/{type.Plural}/";
            foreach (var name in typeof(Demo).Assembly.GetManifestResourceNames().Where(n => n.StartsWith(prefix, StringComparison.Ordinal)).Order())
            {
                using var reader = new StreamReader(typeof(Demo).Assembly.GetManifestResourceStream(name)!);
                var body = reader.ReadToEnd();
                yield return (type.Name, Path.GetFileNameWithoutExtension(name[prefix.Length..]), DocumentType.Title(body), body);
            }
        }
    }
}
