using System.Collections.Concurrent;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using Json.Schema;

namespace Datura.Files.Documents;

/// <summary>Reads the JSON of a document's file: its format, its version, and by its schema; every fault with its line.</summary>
public static class DocumentFile
{
    /// <summary>Larger than any look a person could paint.</summary>
    public const int MostBytes = 2_000_000;

    private static readonly ConcurrentDictionary<string, JsonSchema> Checkers = new();

    /// <exception cref="DocumentFileException"/>
    internal static JsonObject Read(string text, DocumentType type, Func<JsonObject, int, JsonObject> upgraded)
    {
        if (Encoding.UTF8.GetByteCount(text) > MostBytes)
        {
            throw new DocumentFileException(1, $"the file is larger than {MostBytes / 1_000_000} MB. A {type.Name} is a small file; check that this is one.");
        }

        if (Parse(text) is not JsonObject document || Text(document["format"]) != type.Format)
        {
            throw new DocumentFileException(1, $"this is no {type.Name} file; \"format\" must be \"{type.Format}\".");
        }

        var version = document["version"] is JsonValue stated && stated.TryGetValue(out int number) ? number : throw new DocumentFileException(
            JsonLines.Of(text, "/version"), $"\"version\" must be a whole number, 1 to {type.Version}. Export the {type.Name} again.");
        if (version > type.Version || version < 1)
        {
            throw new DocumentFileException(JsonLines.Of(text, "/version"), FormattableString.Invariant(
                $"the file has version {version}; this Datura reads versions 1 to {type.Version}. Update Datura, or save the {type.Name} for the older version."));
        }

        var current = version == type.Version ? document : upgraded(document, version);
        var result = Checkers.GetOrAdd(type.Format, _ => JsonSchema.FromText(type.SchemaText)).Evaluate(current, new() { OutputFormat = OutputFormat.List });
        if (!result.IsValid)
        {
            var worst = result.Details.Where(d => d.HasErrors).OrderByDescending(d => d.InstanceLocation.ToString().Length).First();
            var place = worst.InstanceLocation.ToString();
            var reason = string.Join("; ", worst.Errors!.Values);
            throw new DocumentFileException(JsonLines.Of(text, place), $"{(place.Length > 0 ? place.TrimStart('/').Replace('/', '.') : "the file")}: {reason}.");
        }

        return current;
    }

    /// <summary>The same with members that are null left out: both mean that it is as usual.</summary>
    internal static JsonObject WithoutNulls(JsonObject document)
    {
        foreach (var (key, value) in document.ToArray())
        {
            if (value is null)
            {
                document.Remove(key);
            }
            else
            {
                foreach (var inner in (value as IEnumerable<JsonNode?> ?? [value]).OfType<JsonObject>())
                {
                    WithoutNulls(inner);
                }
            }
        }

        return document;
    }

    private static JsonNode? Parse(string text)
    {
        try
        {
            return JsonNode.Parse(text, documentOptions: new() { MaxDepth = 32 });
        }
        catch (JsonException problem)
        {
            var at = (problem.BytePositionInLine ?? 0) + 1;
            throw new DocumentFileException((int)(problem.LineNumber ?? 0) + 1, $"the file is broken at place {at} of this line; it is not valid JSON. Export it again.");
        }
    }

    private static string? Text(JsonNode? node) => node is JsonValue value && value.TryGetValue(out string? text) ? text : null;
}
