using Datura.Core.Briefs;
using Datura.Core.Shapes;
using Datura.Documents;

namespace Datura.Core.Tests.Briefs;

/// <summary>Whole faces proposed for a brief: sound, in time, of this kit, telling what they are, and really different.</summary>
public class ProposalTests
{
    // DATURA_DRAWS draws more: 200 take some minutes.
    private static readonly int Draws = int.TryParse(Environment.GetEnvironmentVariable("DATURA_DRAWS"), out var draws) ? draws : 24;

    private static readonly Setting Slot = DemoWorld.Parade with { SlotMinutes = 20 };

    public static TheoryData<string> Ideas => [.. IdeaFiles.Shipped.Select(i => i.Name)];

    private static IReadOnlyList<Proposal> For(Brief brief, int face = 0, Kit? kit = null, Setting? setting = null, int count = Proposals.Usual) => Proposals.Of(
        brief, IdeaFiles.Shipped, DemoWorld.FourFaces[face], DemoWorld.Bodies[DemoWorld.FourFaces[face].Id], kit ?? DemoWorld.Kit, setting ?? Slot, count);

    [Fact]
    public void EveryShippedIdeaCanBeDrawn() => Assert.All(IdeaFiles.Shipped, IdeaCheck.Check);

    [Fact]
    public void AnIdeasFileComesBackTheSame() =>
        Assert.All(IdeaFiles.Shipped, i => Assert.Equal(DocumentTypes.Idea.WriteFile(i), DocumentTypes.Idea.WriteFile(DocumentTypes.Idea.ReadFile(DocumentTypes.Idea.WriteFile(i)))));

    [Theory]
    [MemberData(nameof(Ideas))]
    public void EachIdeaGivesSixFaces(string idea)
    {
        var six = For(new(idea));
        Assert.Equal(6, six.Count);
        Assert.All(six, p => Sound(p, 20, DemoWorld.Kit, []));
        Assert.All(six, p => Assert.Equal(idea, p.Idea.Name));
        Different(six, 0);
    }

    // Shown before the others, it is one of them: the first.
    [Theory]
    [InlineData("sad drowned one", 20)]
    [InlineData("owl", 12)]
    [InlineData("ornament", 30)]
    public void TheFirstFaceIsTheFirstOfTheSix(string words, double minutes)
    {
        var brief = new Brief(words, Minutes: minutes);
        var first = Proposals.First(brief, IdeaFiles.Shipped, DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, Slot)!;
        var six = For(brief);
        Assert.Equal(DocumentTypes.Look.Write(first.Look), DocumentTypes.Look.Write(six[0].Look));
        Assert.Equal(first.Title, six[0].Title);
    }

    // A wolf has no spots and is not tawny; a tiger is striped russet; an owl looks out of wide rings (common practice).
    [Theory]
    [InlineData("sad wolf", new[] { "spots", "stripes", "whiskers" }, new[] { "Grey fur" })]
    [InlineData("tigers", new[] { "spots" }, new[] { "Russet" })]
    [InlineData("a noble lion", new[] { "stripes", "spots" }, new[] { "Tawny" })]
    [InlineData("raven", new[] { "spots" }, new[] { "Raven" })]
    [InlineData("owl", new[] { "eyePatch" }, new[] { "Owl", "Barred brown", "Snow owl" })]
    public void TheOneThatIsNamedIsNotAnyOfItsKind(string words, string[] never, string[] palettes)
    {
        var wish = Wish.Of(new(words, Minutes: 40), DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, Slot);
        var idea = IdeaSearch.Find(words, IdeaFiles.Shipped)[0];
        Draft[] drafts = [.. Enumerable.Range(0, 24).Select(k => Draft.Of(wish, idea, k))];
        Assert.All(drafts, d => Assert.DoesNotContain(d.Look.Parts, p => never.Contains(p.Kind)));
        Assert.Equal(palettes.Order(), drafts.Select(d => d.Palette.Name).Distinct().Order());
        Assert.All(drafts, d => Assert.Contains(d.Look.Name, "Wolf Tiger Lion Raven Owl", StringComparison.Ordinal));
    }

    // Whoever names no one of them gets any.
    [Fact]
    public void AWordForAllOfThemLeavesAllOfThem()
    {
        var wish = Wish.Of(new("beast", Minutes: 40), DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, Slot);
        var idea = IdeaSearch.Find("beast", IdeaFiles.Shipped)[0];
        Draft[] drafts = [.. Enumerable.Range(0, 40).Select(k => Draft.Of(wish, idea, k))];
        Assert.Equal(idea.Palettes.Count, drafts.Select(d => d.Palette.Name).Distinct().Count());
        Assert.Contains(drafts, d => d.Look.Parts.Any(p => p.Kind == "spots"));
        Assert.Contains(drafts, d => d.Look.Parts.Any(p => p.Kind == "stripes"));
    }

    [Fact]
    public void AnOldOneHasFoldsThatAYoungOneHasNot()
    {
        string[] folds = ["smileLine", "eyeBag", "crowsFeet", "foreheadLines"];
        int Folds(string words) => For(new(words, Minutes: 30)).Sum(p => p.Look.Parts.Count(q => folds.Contains(q.Kind)));
        Assert.True(Folds("an old demon") > Folds("demon") + 5);
    }

    [Theory]
    [InlineData(Side.Left, Sides.Left)]
    [InlineData(Side.Right, Sides.Right)]
    public void WhatIsOneSidedIsOnTheSideThatWasAskedFor(Side side, Sides expected)
    {
        var sided = new[] { "plant", "ornament", "wound" }.SelectMany(w => For(new(w, Minutes: 30, Side: side))).SelectMany(p => p.Look.Parts).Where(p => p.Sides != Sides.Both).ToArray();
        Assert.NotEmpty(sided);
        Assert.All(sided, p => Assert.Equal(expected, p.Sides));
    }

    // Ornament lies on bare skin more often than not; a beast never does.
    [Fact]
    public void WhatNeedsNoGroundMostlyHasNone()
    {
        int Grounded(string words) => For(new(words)).Count(p => p.Look.Parts.Any(q => q.Kind == "skinBase"));
        Assert.True(Grounded("ornament") < 4);
        Assert.Equal(6, Grounded("beast"));
    }

    // Whatever is asked: sound faces, or fewer with what was given up said.
    [Fact]
    public void RandomBriefsGiveSoundFaces()
    {
        var got = 0;
        for (var seed = 0; seed < Draws; seed++)
        {
            var random = new Random(seed);
            var kit = DemoWorld.AllKits[seed % 3];
            string[] without = [.. kit.Paints.Where(_ => random.NextDouble() < 0.1).Select(p => p.Id)];
            var minutes = new[] { 3, 6, 12, 20, 35, 60 }[random.Next(6)];
            var brief = new Brief(
                IdeaFiles.Shipped[random.Next(IdeaFiles.Shipped.Count)].Words[0], random.NextDouble() < 0.5 ? (Temper)random.Next(6) : null, random.NextDouble() < 0.3 ? (Extent)random.Next(5) : null,
                minutes, random.NextDouble() < 0.7, without, null, random.Next(-2, 3), seed);
            var faces = For(brief, seed % 4, kit, count: 3);
            got += faces.Count;
            Assert.All(faces, p => Sound(p, minutes, kit, without));
            Different(faces, seed % 4);
        }

        Assert.True(got > 2.2 * Draws, $"{got} faces of {3 * Draws}");
    }

    [Fact]
    public void TheSameSeedGivesTheSame()
    {
        string[] Written(int seed) => [.. For(new("wolf", Seed: seed), count: 3).Select(p => DocumentTypes.Look.WriteFile(p.Look))];
        Assert.Equal(Written(4), Written(4));
        Assert.NotEqual(Written(4), Written(5));
    }

    // Three minutes are a leader alone; an hour goes past the face (common practice).
    [Fact]
    public void MinutesDecideTheForm()
    {
        var (three, hour) = (For(new("skull", Minutes: 3), count: 2), For(new("skull", Minutes: 60), count: 2));
        Assert.All(three, p => Assert.InRange(p.Look.Parts.Count, 1, 3));
        Assert.All(hour, p => Assert.True(p.Look.Parts.Count >= 6));
        Assert.All(three, p => Assert.True(p.Planned.Plan.PaintedCm2 < hour.Min(h => h.Planned.Plan.PaintedCm2)));
    }

    // Brows fall outwards on a sad face and rise on an angry one, against the wearer's own (common practice).
    [Theory]
    [InlineData("sad doll", -1)]
    [InlineData("angry doll", 1)]
    [InlineData("sad demon", -1)]
    [InlineData("sly doll", 1)]
    public void ATemperHasItsSlope(string words, int sign)
    {
        var own = Slope(DemoWorld.Expand(DemoWorld.Part("brow")));
        foreach (var proposal in For(new(words, Minutes: 25), count: 4))
        {
            var brow = proposal.Planned.Parts.Single(p => p.Kind.Id == "brow");
            Assert.Equal(sign, Math.Sign(Slope(brow.Marks) - own));
        }
    }

    // Rise of the first coat's figure on the wearer's left from its inner to its outer third, per millimetre.
    private static double Slope(PartMarks marks)
    {
        ChartPoint[] all = [.. marks.Marks.OfType<RegionMark>().Where(m => m.Side == Side.Left).SelectMany(m => m.Outline.Coordinates).Select(c => new ChartPoint(c.X, c.Y)).OrderBy(p => p.XMm)];
        ChartPoint Mean(IEnumerable<ChartPoint> of) => of.ToArray() is var p ? new(p.Average(q => q.XMm), p.Average(q => q.YMm)) : default;
        var (inner, outer) = (Mean(all.Take(all.Length / 3)), Mean(all.Skip(2 * all.Length / 3)));
        return (outer.YMm - inner.YMm) / (outer.XMm - inner.XMm);
    }

    [Fact]
    public void WordsFindIdeaAndTemper()
    {
        Assert.Equal("Beast", IdeaSearch.Find("sad wolf", IdeaFiles.Shipped)[0].Name);
        Assert.Equal(Temper.Sad, IdeaSearch.TemperIn("sad wolf"));
        Assert.Null(IdeaSearch.TemperIn("wolf"));
        Assert.Equal("Bird", IdeaSearch.Find("a proud cormorant, please", IdeaFiles.Shipped)[0].Name);
        Assert.Equal(IdeaFiles.Shipped.Count, IdeaSearch.Find("xyzzy", IdeaFiles.Shipped).Count);
    }

    [Fact]
    public void NobodySaysAWordAndGetsFacesOfManyIdeas() => Assert.True(For(new(), count: 6).Select(p => p.Idea.Name).Distinct().Count() >= 4);

    // One minute to the chest without anything dark: the nearest that can be, with what was given up.
    [Fact]
    public void WhatCannotBeIsSaid()
    {
        string[] dark = [.. DemoWorld.Kit.Paints.Where(p => p.OverWhite.L < 40).Select(p => p.Id)];
        var faces = For(new("skull", Extent: Extent.ToChest, Minutes: 1, Without: dark), count: 2);
        Assert.NotEmpty(faces);
        Assert.All(faces, p => Assert.True(p.GivenUp.Count > 0));
        Assert.All(faces.SelectMany(p => p.GivenUp).Concat(faces.SelectMany(p => p.Whys)), r => Assert.DoesNotContain('{', r.Sentence));
    }

    [Fact]
    public void AKeptPartStays()
    {
        var kept = For(new("drowned"))[0].Look.Parts.First(p => p.Kind == "eyeBag");
        Assert.All(For(new("drowned", Keep: [kept], Seed: 9), count: 3), p => Assert.Equal(kept, p.Look.Parts.Single(q => q.Kind == "eyeBag"), Alike));
    }

    private static bool Alike(Part a, Part b) => DocumentTypes.Look.Write(DemoWorld.LookOf(a)) == DocumentTypes.Look.Write(DemoWorld.LookOf(b));

    private static void Sound(Proposal p, double minutes, Kit kit, IReadOnlyList<string> without)
    {
        var plan = p.Planned.Plan;
        // Under whatever dries on a lid the eyes stay closed: said of every such look, and nothing to mend.
        Assert.DoesNotContain(plan.Cautions, c => c.Severity != Severity.Note && c.Parts.Count > 0 && c.Code != CautionCode.LidsClosed);
        Assert.All(p.Look.Parts.SelectMany(q => q.Paints.Values).SelectMany(m => m.Shares), s =>
        {
            Assert.Contains(kit.Paints, k => k.Id == s.Paint);
            Assert.DoesNotContain(s.Paint, without);
        });
        if (p.GivenUp.All(g => g.Code != RemarkCode.GaveUpSlot))
        {
            Assert.True(plan.Time.AtConfidenceSeconds <= 60 * minutes, $"{p.Look.Name}: {plan.Time.AtConfidenceSeconds / 60:0.0} of {minutes} min");
        }

        Assert.NotEmpty(p.Tells);
        Assert.All(p.Tells, id => Assert.Contains(p.Look.Parts, q => q.Id == id));
        DocumentCheck.Check(p.Look);
    }

    private static void Different(IReadOnlyList<Proposal> faces, int face)
    {
        var body = DemoWorld.Bodies[DemoWorld.FourFaces[face].Id];
        var grid = Datura.Core.Form.FormGrid.Of(body, Datura.Core.Form.FormGrid.CoarsePixels);
        var seen = faces.Select(p => (Seen: Datura.Core.Fit.SeenFace.Of(p.Planned.Coats.SelectMany(c => c), p.Planned.Skin, grid, null, Slot.ViewingDistanceM), p.Planned.Plan.PaintedCm2)).ToArray();
        for (var a = 0; a < seen.Length; a++)
        {
            for (var b = a + 1; b < seen.Length; b++)
            {
                Assert.True(seen[a].Seen.Difference(seen[b].Seen, grid) / (50 * Math.Max(seen[a].PaintedCm2, seen[b].PaintedCm2)) >= Proposals.LeastApart * 0.999, $"{faces[a].Look.Name} and {faces[b].Look.Name}");
            }
        }
    }
}
