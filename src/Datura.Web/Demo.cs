using System.Text.Json;
using Datura.Documents;
using Datura.Store;

namespace Datura.Web;

/// <summary>Fills an empty database with the Saltmarsh Lantern Walk.</summary>
public static class Demo
{
    public const string StudioName = "Saltmarsh Lantern Walk";

    private const string Painted = "demo/chair-events/";
    private const string Queued = "demo/queue-events/";

    public static async Task<bool> LoadIfEmptyAsync(DocumentStore store, ChairEventStore chairs, QueueEventStore queues, CancellationToken cancel = default)
    {
        if (!await store.FillAsync(Documents(), cancel))
        {
            return false;
        }

        foreach (var (session, events) in Happened<ChairEvent>(Painted, e => e.Id))
        {
            await chairs.AddAsync(session, events, ChairEvent.Most, cancel);
        }

        foreach (var (day, events) in Happened<QueueEvent>(Queued, e => e.Id))
        {
            await queues.AddAsync(day, events, QueueEvent.Most, cancel);
        }

        return true;
    }

    /// <summary>What happened in the chairs or at the booths, by the document that it belongs to.</summary>
    private static IEnumerable<(string Of, IReadOnlyList<(string Id, string Body)> Events)> Happened<T>(string folder, Func<T, string> id)
    {
        foreach (var name in typeof(Demo).Assembly.GetManifestResourceNames().Where(n => n.StartsWith(folder, StringComparison.Ordinal)).Order())
        {
            using var file = typeof(Demo).Assembly.GetManifestResourceStream(name)!;
            var events = JsonSerializer.Deserialize<T[]>(file, DaturaJson.Compact)!;
            yield return (Path.GetFileNameWithoutExtension(name[folder.Length..]), [.. events.Select(e => (id(e), JsonSerializer.Serialize(e, DaturaJson.Compact)))]);
        }
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
