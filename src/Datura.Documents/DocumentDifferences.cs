using System.Text.Json.Nodes;

namespace Datura.Documents;

/// <summary>What differs between two documents, as small as can be said.</summary>
public static class DocumentDifferences
{
    /// <returns>Empty for the same document.</returns>
    public static IReadOnlyList<DocumentDifference> Of(JsonNode? before, JsonNode? after) => [.. Between([], before, after)];

    private static IEnumerable<DocumentDifference> Between(string[] path, JsonNode? before, JsonNode? after) => (before, after) switch
    {
        _ when JsonNode.DeepEquals(before, after) => [],
        (JsonObject b, JsonObject a) => Members(path, b.ToDictionary(m => m.Key, m => m.Value), a.ToDictionary(m => m.Key, m => m.Value)),
        (JsonArray b, JsonArray a) when ById(b) is { } was && ById(a) is { } now => Members(path, was, now).Concat(Moved(path, was.Keys, now.Keys)),
        _ => [new(path, before?.ToJsonString(), after?.ToJsonString())],
    };

    private static IEnumerable<DocumentDifference> Members(string[] path, Dictionary<string, JsonNode?> before, Dictionary<string, JsonNode?> after) =>
        before.Keys.Union(after.Keys).SelectMany(key => Between([.. path, key], before.GetValueOrDefault(key), after.GetValueOrDefault(key)));

    // The same items in another order are a difference too.
    private static IEnumerable<DocumentDifference> Moved(string[] path, IEnumerable<string> before, IEnumerable<string> after)
    {
        var (was, now) = (before.Where(after.Contains).ToArray(), after.Where(before.Contains).ToArray());
        return was.SequenceEqual(now) ? [] : [new([.. path, "order"], string.Join(", ", was), string.Join(", ", now))];
    }

    private static Dictionary<string, JsonNode?>? ById(JsonArray list)
    {
        var ids = list.Select(i => i is JsonObject item && item["id"] is JsonValue id && id.TryGetValue(out string? text) ? text : null).ToArray();
        return ids.All(id => id is not null) && ids.Distinct().Count() == ids.Length ? list.Zip(ids).ToDictionary(i => i.Second!, i => i.First) : null;
    }
}
