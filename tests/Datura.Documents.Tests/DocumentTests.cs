using System.Text.Json.Nodes;
using Json.Schema;

namespace Datura.Documents.Tests;

/// <summary>What holds for every kind of document: files, versions, schemas, differences.</summary>
public class DocumentTests
{
    public sealed record Tide(string Id, string Name, double HeightMm, string Moon);

    // A kind as it will look after two changes of its format: first the height was in cm, then the moon had no name.
    private static readonly DocumentType<Tide> Tides = new(
        "tide", "tides", t => t.Name, t => { }, (t, id) => t with { Id = id }, upgrades:
        [
            older => Changed(older, o => (o["heightMm"], _) = (10 * (double)o["heightCm"]!, o.Remove("heightCm"))),
            older => Changed(older, o => o["moon"] = "new"),
        ]);

    private const string FirstTide = """{ "format": "datura-tide", "version": 1, "id": "spring", "name": "Spring tide", "heightCm": 42 }""";

    [Fact]
    public void OlderFilesAndStoredOnesAreBroughtUpToDateStepByStep()
    {
        var tide = new Tide("spring", "Spring tide", 420, "new");
        Assert.Equal(3, Tides.FormatVersion);
        Assert.Equal(tide, Tides.ReadFile(FirstTide));
        Assert.Equal(tide, Tides.Read(FirstTide));
        Assert.Equal(tide, Tides.ReadFile("""{ "format": "datura-tide", "version": 2, "id": "spring", "name": "Spring tide", "heightMm": 420 }"""));
        Assert.Equal(tide, Tides.ReadFile(Tides.WriteFile(tide)));
        Assert.Equal(tide, Tides.Read(Tides.Write(tide)));
    }

    // The store's first documents say no version; they are of the first.
    [Fact]
    public void WhatSaysNoVersionIsOfTheFirst() =>
        Assert.Equal(420, Tides.Read("""{ "id": "spring", "name": "Spring tide", "heightCm": 42 }""").HeightMm);

    [Theory]
    [InlineData("4", "versions 1 to 3")]
    [InlineData("0", "versions 1 to 3")]
    [InlineData("\"two\"", "whole number")]
    public void AVersionThatIsNotThereIsRefusedWithItsLine(string version, string said)
    {
        var text = "{\n  \"format\": \"datura-tide\",\n  \"version\": " + version + "\n}";
        var problem = Assert.Throws<DocumentFileException>(() => Tides.ReadFile(text));
        Assert.Equal(3, problem.Line);
        Assert.Contains(said, problem.Message, StringComparison.Ordinal);
    }

    [Fact]
    public void EveryKindOfTheDemoComesBackFromItsFileAndFollowsItsSchema()
    {
        Comes(DocumentTypes.Kit, DemoWorld.AllKits);
        Comes(DocumentTypes.Face, DemoWorld.FourFaces);
        Comes(DocumentTypes.Setting, [DemoWorld.Parade]);
        Comes(DocumentTypes.Look, [DemoWorld.Look("barnacle-saint"), DemoWorld.Look("storm-cormorant")]);

        static void Comes<T>(DocumentType<T> type, IEnumerable<T> documents)
            where T : class
        {
            var schema = JsonSchema.FromText(type.SchemaText);
            Assert.All(documents, document =>
            {
                var text = type.WriteFile(document);
                Assert.Equal(text, type.WriteFile(type.ReadFile(text)));
                Assert.True(schema.Evaluate(JsonNode.Parse(text)).IsValid);
                Assert.Empty(DocumentDifferences.Of(JsonNode.Parse(text), JsonNode.Parse(type.Write(type.Read(text)))));
            });
        }
    }

    // The published schema lets what is as usual be null; such a file is the same as one that leaves it out.
    [Fact]
    public void WhatIsNullIsAsUsual()
    {
        var look = DemoWorld.Look("barnacle-saint");
        var file = JsonNode.Parse(DocumentTypes.Look.WriteFile(look with { Form = null, Order = null, Kit = null }))!.AsObject();
        foreach (var name in new[] { "wetLifts", "form", "order", "kit", "notes" })
        {
            file[name] = null;
        }

        foreach (var part in file["parts"]!.AsArray().Select(p => p!.AsObject()))
        {
            foreach (var name in new[] { "moved", "motif", "laid", "reliefMm", "version", "numbers", "words", "zones", "coats" }.Where(n => !part.ContainsKey(n)))
            {
                part[name] = null;
            }
        }

        var back = DocumentTypes.Look.ReadFile(file.ToJsonString());
        Assert.Empty(Between(look with { Form = null, Order = null, Kit = null, Notes = "" }, back));
    }

    [Fact]
    public void AFileOfOneKindIsNoneOfAnother()
    {
        var kit = DocumentTypes.Kit.WriteFile(DemoWorld.Kit);
        Assert.Contains("no face file", Assert.Throws<DocumentFileException>(() => DocumentTypes.Face.ReadFile(kit)).Message, StringComparison.Ordinal);
    }

    [Fact]
    public void WhatASchemaDoesNotKnowIsRefusedByItsLine()
    {
        var text = DocumentTypes.Face.WriteFile(DemoWorld.FourFaces[0]).Replace("\"name\":", "\"tool\": \"sponge\",\n  \"name\":", StringComparison.Ordinal);
        Assert.Equal(5, Assert.Throws<DocumentFileException>(() => DocumentTypes.Face.ReadFile(text)).Line);
    }

    // Kinds are told apart everywhere by name, by place in the service and by format.
    [Fact]
    public void NoTwoKindsShareAName()
    {
        Assert.Distinct(DocumentTypes.All.Select(t => t.Name));
        Assert.Distinct(DocumentTypes.All.Select(t => t.Plural));
        Assert.Distinct(DocumentTypes.All.Select(t => t.Format));
    }

    [Fact]
    public void OnlyWhatChangedDiffers()
    {
        var look = DemoWorld.Look("barnacle-saint");
        var changed = look with { Parts = [.. look.Parts.Select((p, k) => k == 1 ? p with { Unevenness = 0.77 } : p)] };
        var difference = Assert.Single(Between(look, changed));
        Assert.Equal(["parts", look.Parts[1].Id, "unevenness"], difference.Path);
        Assert.Equal("0.77", difference.After);
    }

    [Fact]
    public void AnAddedARemovedAndAMovedPartAreEachSaidOnce()
    {
        var look = DemoWorld.Look("barnacle-saint");
        var fewer = look with { Parts = [.. look.Parts.Skip(1)] };
        var gone = Assert.Single(Between(look, fewer));
        Assert.Equal(["parts", look.Parts[0].Id], gone.Path);
        Assert.Null(gone.After);
        Assert.Null(Assert.Single(Between(fewer, look)).Before);
        Assert.Equal(["parts", "order"], Assert.Single(Between(look, look with { Parts = [.. look.Parts.Reverse()] })).Path);
    }

    // What differs one way differs the other way, with before and after changed over.
    [Fact]
    public void DifferencesGoBothWays()
    {
        var (a, b) = (DemoWorld.Look("storm-cormorant"), DemoWorld.Look("barnacle-saint"));
        var (there, back) = (Between(a, b), Between(b, a));
        Assert.Equal(
            there.Select(d => (string.Join('/', d.Path), d.Before, d.After)).Where(d => !d.Item1.EndsWith("order", StringComparison.Ordinal)).Order(),
            back.Select(d => (string.Join('/', d.Path), d.After, d.Before)).Where(d => !d.Item1.EndsWith("order", StringComparison.Ordinal)).Order());
    }

    private static IReadOnlyList<DocumentDifference> Between(Look before, Look after) =>
        DocumentDifferences.Of(JsonNode.Parse(DocumentTypes.Look.Write(before)), JsonNode.Parse(DocumentTypes.Look.Write(after)));

    private static JsonObject Changed(JsonObject older, Action<JsonObject> change)
    {
        change(older);
        return older;
    }
}
