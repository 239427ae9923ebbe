using Datura.Core.Briefs;
using Datura.Core.Shapes;
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
        Assert.Contains("none of the idea's words", Said(Own with { Parts = [must with { Of = ["moth"] }, must with { Kind = "web" }] }));
        Assert.Contains("No part of bearer is marked must", Said(Own with { Parts = [must with { Of = ["lantern"] }, Own.Parts[1] with { Of = ["bearer"] }] }));
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

    // Whatever a painter writes into an idea's file: it is refused in words, or it is drawn.
    [Fact]
    public void AnIdeaWrittenAnyhowIsRefusedOrDrawn()
    {
        var random = SeededRandom.For(31, "ideas");
        var (refused, drawn) = (0, 0);
        for (var round = 0; round < 120; round++)
        {
            var idea = Anyhow(random);
            try
            {
                IdeaCheck.Check(idea);
            }
            catch (Exception problem) when (problem is PlanException or InputException)
            {
                refused++;
                continue;
            }

            // A few are enough: each is planned dozens of times.
            if (drawn++ < 8)
            {
                Assert.InRange(Proposals.Of(new(idea.Name), [idea], DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, DemoWorld.Parade, count: 1).Count, 0, 1);
            }
        }

        Assert.True(refused > 10 && drawn > 10, $"{refused} refused, {drawn} drawn");
    }

    // Kinds, coats, numbers and words as they are or as they are not, spans turned and endless, colours out of any range.
    private static Idea Anyhow(SeededRandom random)
    {
        T Any<T>(IReadOnlyList<T> of) => of[(int)(of.Count * random.Unit())];
        bool Now(double share) => random.Unit() < share;
        double Number() => random.Unit() switch { < 0.01 => double.NaN, < 0.02 => 1e12, < 0.03 => -1e12, var u => 4 * u };
        IReadOnlyList<double> Few(double wrong) => Now(wrong) ? [Number(), Number(), Number()] : new[] { Number(), Number() }.Order().ToArray();
        string[] slots = ["ground", "dark", "shade", "line", "light", "accent", "second", "lip", "nothing"];
        IdeaPart PartOf()
        {
            var kind = Any(PartKinds.All);
            string[] numbers = [.. kind.Parameters.OfType<NumberSpec>().Select(p => p.Id), .. Now(0.05) ? new[] { "moonshine" } : []];
            Dictionary<string, IReadOnlyList<double>>? Spans() => numbers.Length == 0 || Now(0.4) ? null : new() { [Any(numbers)] = Few(0.05) };
            return new(
                Now(0.03) ? "moonbeam" : kind.Id, Any(Enum.GetValues<Need>()), Any(Enum.GetValues<Extent>()), Now(0.5) ? Any(slots) : null, Now(0.3), Now(0.5) ? "Says" : null, Spans(), Spans(),
                Colours: Now(0.4) ? null : new Dictionary<string, string> { [Any(kind.Roles).Id] = Any(slots) },
                Tempers: Now(0.7) || Spans() is not { } spans ? null : new Dictionary<Temper, IReadOnlyDictionary<string, IReadOnlyList<double>>> { [Any(Enum.GetValues<Temper>())] = spans },
                OneSided: random.Unit());
        }

        IReadOnlyList<double> Colour() => Now(0.03) ? [50, 0] : [100 * random.Unit(), 160 * random.Unit() - 80, 160 * random.Unit() - 80];
        return new(
            "Anyhow", Now(0.1) ? [] : ["anyhow"], Any(["eyes", "mouth", "ornament", "elbow"]), Now(0.3) ? [Any(PartKinds.All).Id] : [],
            [.. Enumerable.Range(0, 1 + (int)(2 * random.Unit())).Select(k => new IdeaPalette($"P{k}", slots.Where(_ => Now(0.6)).ToDictionary(n => n, _ => Colour())))],
            [.. Enumerable.Range(0, 1 + (int)(7 * random.Unit())).Select(_ => PartOf())])
        {
            Grounded = random.Unit(),
        };
    }

    // The schema of an idea's file tells a painter's editor what it may hold (JSON Schema 2020-12).
    [Fact]
    public void TheFormOfAnIdeaIsPublished()
    {
        Assert.Contains("\"palettes\"", DocumentTypes.Idea.SchemaText, StringComparison.Ordinal);
        Assert.Contains("2020-12", DocumentTypes.Idea.SchemaText, StringComparison.Ordinal);
    }
}
