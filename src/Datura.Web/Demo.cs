using System.Text.Json;
using Datura.Documents;
using Datura.Store;

namespace Datura.Web;

/// <summary>Fills an empty database with the Saltmarsh Lantern Walk.</summary>
public static class Demo
{
    public const string StudioName = "Saltmarsh Lantern Walk";

    private const string Happened = "demo/chair-events/";

    public static async Task<bool> LoadIfEmptyAsync(DocumentStore store, ChairEventStore events, CancellationToken cancel = default)
    {
        if (!await store.FillAsync(Documents(), cancel))
        {
            return false;
        }

        foreach (var name in typeof(Demo).Assembly.GetManifestResourceNames().Where(n => n.StartsWith(Happened, StringComparison.Ordinal)).Order())
        {
            await using var file = typeof(Demo).Assembly.GetManifestResourceStream(name)!;
            var happened = JsonSerializer.Deserialize<ChairEvent[]>(file, DaturaJson.Compact)!;
            await events.AddAsync(Path.GetFileNameWithoutExtension(name[Happened.Length..]), [.. happened.Select(e => (e.Id, JsonSerializer.Serialize(e, DaturaJson.Compact)))], ChairEvent.Most, cancel);
        }

        return true;
    }

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
