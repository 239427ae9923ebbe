using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using Datura.Core;
using Json.Schema;

namespace Datura.Files.Json;

/// <summary>A look file that cannot be read: where, and what to do.</summary>
/// <param name="line">Line in the file, from 1.</param>
public sealed class LookFileException(int line, string reason) : Exception($"Line {line}: {reason}")
{
    public int Line => line;

    public string Reason => reason;
}

/// <summary>Reads and writes look files: JSON by the published schema.</summary>
public static class LookFile
{
    /// <summary>Larger than any look a person could paint.</summary>
    public const int MostBytes = 2_000_000;

    /// <summary>The published schema (JSON Schema 2020-12).</summary>
    public static string SchemaText { get; } = ReadSchema();

    private static readonly Lazy<JsonSchema> Checker = new(() => JsonSchema.FromText(SchemaText));

    public static string Write(Look look) => JsonSerializer.Serialize(LookDocument.From(look), DaturaJson.Indented) + "\n";

    /// <exception cref="LookFileException">The file is broken, too new, or no look.</exception>
    public static LookDocument Read(string text)
    {
        if (Encoding.UTF8.GetByteCount(text) > MostBytes)
        {
            throw new LookFileException(1, $"the file is larger than {MostBytes / 1_000_000} MB. A look is a small file; check that this is one.");
        }

        var node = Parse(text);
        if (node is not JsonObject look || (string?)Text(look["format"]) != LookDocument.FormatName)
        {
            throw new LookFileException(1, $"this is no look file; \"format\" must be \"{LookDocument.FormatName}\".");
        }

        if (look["version"] is JsonValue version && version.TryGetValue(out int number) && number > LookDocument.CurrentVersion)
        {
            throw new LookFileException(JsonLines.Of(text, "/version"), FormattableString.Invariant(
                $"the file has version {number}; this Datura reads up to version {LookDocument.CurrentVersion}. Update Datura, or save the look for the older version."));
        }

        var result = Checker.Value.Evaluate(node, new() { OutputFormat = OutputFormat.List });
        if (!result.IsValid)
        {
            var worst = result.Details.Where(d => d.HasErrors).OrderByDescending(d => d.InstanceLocation.ToString().Length).First();
            var place = worst.InstanceLocation.ToString();
            var reason = string.Join("; ", worst.Errors!.Values);
            throw new LookFileException(JsonLines.Of(text, place), $"{(place.Length > 0 ? place.TrimStart('/').Replace('/', '.') : "the file")}: {reason}.");
        }

        try
        {
            return node.Deserialize<LookDocument>(DaturaJson.Compact)!;
        }
        catch (JsonException problem)
        {
            throw new LookFileException((int)(problem.LineNumber ?? 0) + 1, $"{problem.Path} cannot be read.");
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
            throw new LookFileException((int)(problem.LineNumber ?? 0) + 1, $"the file is broken at place {at} of this line; it is not valid JSON. Export the look again.");
        }
    }

    private static string? Text(JsonNode? node) => node is JsonValue value && value.TryGetValue(out string? text) ? text : null;

    private static string ReadSchema()
    {
        using var stream = typeof(LookFile).Assembly.GetManifestResourceStream("look-1.schema.json")!;
        using var reader = new StreamReader(stream);
        return reader.ReadToEnd();
    }
}
