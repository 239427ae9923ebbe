using Datura.Core.Briefs;
using Datura.Documents;

namespace Datura.Core.Tests.Briefs;

/// <summary>A painter's own idea: a file that is read, drawn from, or refused with a sentence.</summary>
public class IdeaTests
{
    private static readonly Idea Own = new("Lantern bearer", ["lantern", "bearer"], "eyes", [], [new("Warm", new Dictionary<string, IReadOnlyList<double>> { ["accent"] = [60, 30, 50] })],
        [new("petalRing", Need.Must, Says: "A ring of light", Times: Span("length", 0.9, 1.1)), new("dotRow")]);

    private static Dictionary<string, IReadOnlyList<double>> Span(string id, params double[] span) => new() { [id] = span };

    private static string Said(Idea idea) => Assert.Throws<PlanException>(() => IdeaCheck.Check(idea)).Problems[0].Sentence;

    [Fact]
    public void AnOwnIdeaIsDrawnAsTheShippedOnesAre()
    {
        IdeaCheck.Check(Own);
        var read = DocumentTypes.Idea.ReadFile(DocumentTypes.Idea.WriteFile(Own));
        var faces = Proposals.Of(new("lantern bearer"), [.. IdeaFiles.Shipped, read], DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, DemoWorld.Parade with { SlotMinutes = 15 }, count: 1);
        Assert.Equal("Lantern bearer", Assert.Single(faces).Idea.Name);
        Assert.Contains(faces[0].Look.Parts, p => p.Kind == "petalRing");
    }

    [Fact]
    public void WhatCannotBeDrawnIsRefusedInWords()
    {
        var must = Own.Parts[0];
        Assert.Contains("no kind called wings", Said(Own with { Parts = [must with { Kind = "wings" }] }));
        Assert.Contains("nothing called span", Said(Own with { Parts = [must with { Times = Span("span", 1) }] }));
        Assert.Contains("smaller one first", Said(Own with { Parts = [must with { Times = Span("length", 2, 1) }] }));
        Assert.Contains("smaller one first", Said(Own with { Parts = [must with { Numbers = Span("length") }] }));
        Assert.Contains("no coat called glow", Said(Own with { Parts = [must with { Colours = new Dictionary<string, string> { ["glow"] = "light" } }] }));
        Assert.Contains("no choice form", Said(Own with { Parts = [must with { Words = new Dictionary<string, IReadOnlyList<string>> { ["form"] = ["round"] } }] }));
        Assert.Contains("marked must", Said(Own with { Parts = [Own.Parts[1]] }));
        Assert.Contains("three numbers", Said(Own with { Palettes = [new("Half", new Dictionary<string, IReadOnlyList<double>> { ["accent"] = [60, 30] })] }));
    }

    // Every word of an idea finds it, among the first two.
    [Fact]
    public void AnIdeaIsFoundByItsWords() => Assert.All(
        IdeaFiles.Shipped.SelectMany(i => i.Words.Select(w => (i.Name, Word: w))), w => Assert.Contains(w.Name, IdeaSearch.Find(w.Word, IdeaFiles.Shipped).Take(2).Select(i => i.Name)));

    // What a word of the trade means spoils no idea: what spoils it is never drawn.
    [Fact]
    public void WhatSpoilsAnIdeaIsNotInIt() => Assert.All(
        IdeaFiles.Shipped, i => Assert.DoesNotContain(i.Parts, p => i.Spoils.Contains(p.Kind) && p.Need == Need.Must));

    // The schema of an idea's file tells a painter's editor what it may hold (JSON Schema 2020-12).
    [Fact]
    public void TheFormOfAnIdeaIsPublished()
    {
        Assert.Contains("\"palettes\"", DocumentTypes.Idea.SchemaText, StringComparison.Ordinal);
        Assert.Contains("2020-12", DocumentTypes.Idea.SchemaText, StringComparison.Ordinal);
    }
}
