using System.Collections.Concurrent;
using System.Globalization;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using Json.Schema;

namespace Datura.Documents;

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
            throw new DocumentFileException(1, ProblemCode.FileTooLarge, ("most", MostBytes / 1e6), ("kind", type.Name));
        }

        var read = Parse(text);
        CheckValues(read, "", text);
        if (read is not JsonObject document || Text(document["format"]) != type.Format)
        {
            throw new DocumentFileException(1, ProblemCode.FileOfAnotherKind, ("kind", type.Name), ("format", type.Format));
        }

        var version = document["version"] is JsonValue stated && stated.TryGetValue(out int number) ? number : throw new DocumentFileException(
            JsonLines.Of(text, "/version"), ProblemCode.FileVersionNumber, ("newest", type.FormatVersion), ("kind", type.Name));
        if (version > type.FormatVersion || version < 1)
        {
            throw new DocumentFileException(JsonLines.Of(text, "/version"), ProblemCode.FileVersion, ("version", version), ("newest", type.FormatVersion), ("kind", type.Name));
        }

        var current = version == type.FormatVersion ? document : upgraded(document, version);
        var result = Checkers.GetOrAdd(type.Format, _ => JsonSchema.FromText(type.SchemaText)).Evaluate(current, new() { OutputFormat = OutputFormat.List });
        if (!result.IsValid)
        {
            var worst = result.Details.Where(d => d.HasErrors).OrderByDescending(d => d.InstanceLocation.ToString().Length).First();
            var place = worst.InstanceLocation.ToString();
            var reason = string.Join("; ", worst.Errors!.Values);
            throw new DocumentFileException(JsonLines.Of(text, place), ProblemCode.FileAgainstSchema, ("place", place.Length > 0 ? place.TrimStart('/').Replace('/', '.') : "the file"),
                ("kind", type.Name), ("why", reason));
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

    // The checker of schemas counts in decimals and wants whole characters; what is neither it takes for its own fault.
    private static void CheckValues(JsonNode? node, string pointer, string text)
    {
        foreach (var (key, inner) in Members(node))
        {
            CheckValues(inner, $"{pointer}/{key}", text);
        }

        if (node is JsonValue value && !Readable(value))
        {
            throw new DocumentFileException(JsonLines.Of(text, pointer), ProblemCode.FileUnreadable, ("place", pointer.TrimStart('/').Replace('/', '.')));
        }
    }

    private static IEnumerable<(string Key, JsonNode? Value)> Members(JsonNode? node) => node switch
    {
        JsonObject fields => fields.Select(f => (f.Key, f.Value)),
        JsonArray items => items.Select((item, n) => (n.ToString(CultureInfo.InvariantCulture), item)),
        _ => [],
    };

    private static bool Readable(JsonValue value)
    {
        try
        {
            return value.GetValueKind() switch
            {
                JsonValueKind.Number => value.TryGetValue(out decimal _),
                JsonValueKind.String => value.TryGetValue(out string? _),
                _ => true,
            };
        }
        catch (InvalidOperationException)
        {
            // Half of a character.
            return false;
        }
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
            throw new DocumentFileException((int)(problem.LineNumber ?? 0) + 1, ProblemCode.FileBroken, ("at", at));
        }
    }

    private static string? Text(JsonNode? node) => node is JsonValue value && value.TryGetValue(out string? text) ? text : null;
}
