using System.Text.Json;
using System.Text.Json.Nodes;

namespace Datura.Documents;

/// <summary>One step from a version of a format to the next: takes what was read apart and puts it together anew.</summary>
public delegate JsonObject Upgrade(JsonObject older);

/// <summary>
/// A kind of document that a studio keeps: its name in the store, its place in the service, its file format with version, schema and the
/// steps from every earlier version. <see cref="DocumentTypes"/> lists them; adding one there is all that a new one needs.
/// </summary>
/// <param name="name">One word, as the store keeps it and sentences say it.</param>
/// <param name="plural">As addresses and lists say it.</param>
/// <param name="upgrades">The k-th leads from version k to k + 1; the current version is one more than there are.</param>
public abstract class DocumentType(string name, string plural, IReadOnlyList<Upgrade> upgrades)
{
    public string Name => name;

    public string Plural => plural;

    public string Format => $"datura-{name}";

    /// <summary>Whether it tells of a person: nothing that a link, a file's name or a log shows is made of its name then.</summary>
    public bool AboutAPerson { get; init; }

    public int FormatVersion => upgrades.Count + 1;

    /// <summary>JSON Schema 2020-12 of its file.</summary>
    public abstract string SchemaText { get; }

    /// <summary>Reads a file of this kind, whatever its version, and checks it.</summary>
    /// <exception cref="Exception">With a sentence: it is broken, or cannot be.</exception>
    public abstract object ReadAny(string fileText);

    /// <summary>As it is kept under an id, with what it refers to under new ones.</summary>
    /// <param name="ids">New ids of documents that it may refer to, by kind and id; those not in it stay.</param>
    public abstract (string Name, string Body) WriteAny(object document, string id, IReadOnlyDictionary<(string Kind, string Id), string> ids);

    /// <summary>The file of what is kept.</summary>
    public abstract string FileOf(string body, string id);

    /// <summary>Whether a stored body says the same as a document, whatever its version.</summary>
    public abstract bool IsSame(string body, object document, string id);

    /// <summary>The name a document carries.</summary>
    /// <exception cref="JsonException">It carries none.</exception>
    public static string Title(string body) => (string?)JsonNode.Parse(body)?["name"] ?? throw new JsonException("A document has a name.");

    protected JsonObject Upgraded(JsonObject read, int from)
    {
        var upgraded = upgrades.Skip(from - 1).Aggregate(read, (older, step) => step(older));
        upgraded["version"] = FormatVersion;
        return upgraded;
    }
}

/// <inheritdoc/>
/// <param name="titleOf">The name that a list shows.</param>
/// <param name="withId">The document as it says under which id it is kept; some don't.</param>
/// <param name="check">Throws with a sentence when the document cannot be.</param>
/// <param name="renamed">The document when what it refers to got other ids; null when it refers to nothing.</param>
/// <param name="schema">Text of the schema where one is written by hand; otherwise it follows from the type.</param>
public sealed class DocumentType<T>(
    string name, string plural, Func<T, string> titleOf, Action<T> check, Func<T, string, T>? withId = null, string? schema = null, IReadOnlyList<Upgrade>? upgrades = null,
    Func<T, IReadOnlyDictionary<(string Kind, string Id), string>, T>? renamed = null)
    : DocumentType(name, plural, upgrades ?? [])
    where T : class
{
    private string? schemaText = schema;

    public override string SchemaText => schemaText ??= DocumentSchema.Of(this, typeof(T));

    public string TitleOf(T document) => titleOf(document);

    /// <exception cref="Exception">With a sentence: it cannot be.</exception>
    public void Check(T document) => check(document);

    public T WithId(T document, string id) => withId is null ? document : withId(document, id);

    public override object ReadAny(string fileText)
    {
        var document = ReadFile(fileText);
        check(document);
        return document;
    }

    public override (string Name, string Body) WriteAny(object document, string id, IReadOnlyDictionary<(string Kind, string Id), string> ids)
    {
        var named = WithId((T)document, id);
        return (titleOf(named), Write(renamed is null ? named : renamed(named, ids)));
    }

    public override string FileOf(string body, string id) => WriteFile(WithId(Read(body), id));

    public override bool IsSame(string body, object document, string id) =>
        JsonNode.DeepEquals(JsonNode.Parse(Write(WithId(Read(body), id))), JsonNode.Parse(Write(WithId((T)document, id))));

    /// <summary>As it stands in the store.</summary>
    public string Write(T document) => Stamped(document).ToJsonString(DaturaJson.Compact);

    /// <summary>As it stands in a file of its own.</summary>
    public string WriteFile(T document) => Stamped(document).ToJsonString(DaturaJson.Indented) + "\n";

    /// <summary>Reads what the store keeps, of whatever version it was written in.</summary>
    public T Read(string body)
    {
        var version = JsonSerializer.Deserialize<Stamp>(body, DaturaJson.Compact)?.Version ?? 1;
        return version == FormatVersion
            ? JsonSerializer.Deserialize<T>(body, DaturaJson.Compact)!
            : Upgraded(JsonNode.Parse(body)!.AsObject(), version).Deserialize<T>(DaturaJson.Compact)!;
    }

    /// <summary>Reads a file.</summary>
    /// <exception cref="DocumentFileException">It is broken, too new, or of another kind.</exception>
    public T ReadFile(string text)
    {
        var read = DocumentFile.Read(text, this, Upgraded);
        try
        {
            return DocumentFile.WithoutNulls(read).Deserialize<T>(DaturaJson.Compact)!;
        }
        catch (JsonException problem)
        {
            var place = problem.Path?.TrimStart('$', '.') ?? "the file";
            throw new DocumentFileException(JsonLines.Of(text, $"/{place.Replace('.', '/').Replace("[", "/").Replace("]", "")}"), ProblemCode.FileUnreadable, ("place", place));
        }
    }

    private JsonObject Stamped(T document)
    {
        var stamped = new JsonObject { ["format"] = Format, ["version"] = FormatVersion };
        foreach (var (key, value) in JsonSerializer.SerializeToNode(document, DaturaJson.Compact)!.AsObject().ToArray())
        {
            stamped[key] = value?.DeepClone();
        }

        return stamped;
    }

    private sealed record Stamp(int? Version);
}
