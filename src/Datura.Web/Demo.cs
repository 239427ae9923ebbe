using System.Runtime.CompilerServices;
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

        await foreach (var (session, events) in HappenedAsync<ChairEvent>(Painted, cancel))
        {
            await chairs.AddAsync(session, [.. events.Select(e => (e.Id, JsonSerializer.Serialize(e, DaturaJson.Compact)))], ChairEvent.Most, cancel);
        }

        await foreach (var (day, events) in HappenedAsync<QueueEvent>(Queued, cancel))
        {
            await queues.AddAsync(day, [.. events.Select(e => (e.Id, JsonSerializer.Serialize(e, DaturaJson.Compact)))], QueueEvent.Most, cancel);
        }

        return true;
    }

    /// <summary>What happened in the chairs or at the booths, by the document that it belongs to.</summary>
    private static async IAsyncEnumerable<(string Of, T[] Events)> HappenedAsync<T>(string folder, [EnumeratorCancellation] CancellationToken cancel)
    {
        foreach (var name in typeof(Demo).Assembly.GetManifestResourceNames().Where(n => n.StartsWith(folder, StringComparison.Ordinal)).Order())
        {
            await using var file = typeof(Demo).Assembly.GetManifestResourceStream(name)!;
            yield return (Path.GetFileNameWithoutExtension(name[folder.Length..]), (await JsonSerializer.DeserializeAsync<T[]>(file, DaturaJson.Compact, cancel))!);
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
