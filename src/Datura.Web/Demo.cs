using System.Text.Json;
using System.Text.Json.Nodes;
using Datura.Store;

namespace Datura.Web;

/// <summary>Fills an empty database with the Saltmarsh Lantern Walk.</summary>
public static class Demo
{
    private static readonly (string Folder, DocumentKind Kind)[] Folders =
    [
        ("kits", DocumentKind.Kit), ("settings", DocumentKind.Setting), ("faces", DocumentKind.Face), ("looks", DocumentKind.Look),
    ];

    public static async Task LoadIfEmptyAsync(DocumentStore store)
    {
        if ((await store.ListAsync(DocumentKind.Kit)).Count > 0)
        {
            return;
        }

        foreach (var (folder, kind) in Folders)
        {
            var prefix = $"demo/{folder}/";
            foreach (var name in typeof(Demo).Assembly.GetManifestResourceNames().Where(n => n.StartsWith(prefix, StringComparison.Ordinal)).Order())
            {
                using var reader = new StreamReader(typeof(Demo).Assembly.GetManifestResourceStream(name)!);
                var body = await reader.ReadToEndAsync();
                var title = (string?)JsonNode.Parse(body)?["name"] ?? throw new JsonException($"{name} has no name.");
                try
                {
                    await store.AddAsync(kind, Path.GetFileNameWithoutExtension(name[prefix.Length..]), title, body);
                }
                catch (TakenIdException)
                {
                    // Another copy of the service is loading the same demo; what it has put there is the same.
                }
            }
        }
    }
}
