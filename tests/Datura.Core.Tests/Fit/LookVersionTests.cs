using Datura.Core.Fit;
using Datura.Core.Shapes;
using Datura.Documents;

namespace Datura.Core.Tests.Fit;

/// <summary>What is kept in how many minutes.</summary>
public class LookVersionTests
{
    private static readonly Dictionary<string, LookVersions> Known = [];

    public static TheoryData<string> Looks => ["drowned-lamp-keeper", "barnacle-saint", "kelp-bride", "wreck-diver"];

    private static LookVersions Of(string id)
    {
        lock (Known)
        {
            return Known.TryGetValue(id, out var known) ? known : Known[id] = LookVersions.Of(DemoWorld.Look(id), DemoWorld.Plan(id), DemoWorld.Kit, DemoWorld.Parade);
        }
    }

    [Theory]
    [MemberData(nameof(Looks))]
    public void ALongerSlotNeverLowersWhatIsKept(string look)
    {
        var versions = Of(look);
        double[] kept = [.. Enumerable.Range(1, 60).Select(m => versions.Within(60 * m)?.Kept ?? 0)];
        Assert.Equal(kept.Order(), kept);
        Assert.Equal(1, kept[^1], 1e-9);
        Assert.True(versions.Curve[^1].IsAll);
    }

    [Theory]
    [MemberData(nameof(Looks))]
    public void WhatFitsTheSlotReallyFitsIt(string look)
    {
        var versions = Of(look);
        foreach (var version in new[] { versions.Curve[0], versions.Curve[versions.Curve.Count / 2], versions.Curve[^1] })
        {
            var again = Planner.Plan(LookVersion.With(DemoWorld.Look(look), version.Versions, version.Without) is var l && version.Versions.ContainsKey("form")
                ? l with { Form = l.Form! with { LeftOut = true } } : l, DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, DemoWorld.Parade);
            // Shades over what is left out are still counted; so it is rather shorter than said.
            Assert.InRange(again.Plan.TotalSeconds, 0.85 * version.Likely.LikelySeconds, 1.03 * version.Likely.LikelySeconds);
            Assert.True(version.AtConfidenceSeconds > version.Likely.LikelySeconds);
        }
    }

    [Theory]
    [MemberData(nameof(Looks))]
    public void MustPartsAreNeverLeftOut(string look)
    {
        var must = DemoWorld.Look(look).Parts.Where(p => p.Priority == Priority.Must).Select(p => p.Id).ToHashSet();
        Assert.All(Of(look).Curve, v => Assert.All(v.Versions.Where(p => must.Contains(p.Key)), p => Assert.Equal(PartVersion.Quick, p.Value)));
    }

    // The bones' shades are most of what is seen; a rivet is little.
    [Fact]
    public void WhatShowsMostIsKeptLongest()
    {
        var versions = LookVersions.Of(DemoWorld.Look("low-tide-bones"), DemoWorld.Plan("low-tide-bones"), DemoWorld.Kit, DemoWorld.Parade);
        var best = versions.Curve.Where(v => v.Versions.Count > 0).MaxBy(v => v.Kept)!;
        Assert.False(best.Versions.ContainsKey("form"));
        var withoutForm = versions.Curve.Where(v => v.Versions.ContainsKey("form")).Select(v => v.Kept).DefaultIfEmpty(0).Max();
        Assert.True(best.Kept > withoutForm + 0.2);
    }

    [Fact]
    public void WhenNothingFitsItSaysByHowMuchAndWhatWould()
    {
        var versions = Of("wreck-diver");
        Assert.Null(versions.Within(120));
        var said = versions.Said(2, DemoWorld.Parade);
        Assert.Equal(RemarkCode.NothingFits, said[0].Code);
        Assert.Equal(versions.Curve[0].AtConfidenceSeconds / 60, 2 + (double)said[0].Values["over"], 9);
        Assert.Equal(RemarkCode.ShortenWithTwo, said[^1].Code);
        Assert.Equal(RemarkCode.Shorten, versions.Said(2, DemoWorld.Parade with { Painters = 2 })[^1].Code);
        Assert.Equal(RemarkCode.AllFits, Assert.Single(versions.Said(90, DemoWorld.Parade)).Code);
        // A number that is rounded never says that it is nothing too long.
        Assert.DoesNotContain(" 0 min too long", versions.Said(versions.Curve[0].AtConfidenceSeconds / 60 - 0.001, DemoWorld.Parade)[0].Sentence, StringComparison.Ordinal);
    }

    // What lies on a socket makes no sense without it: it goes with it, and what must stay keeps what it lies on.
    [Fact]
    public void WhatRestsOnAPartGoesWithIt()
    {
        Part Socket(Priority priority, params (string Id, double Value)[] numbers) => DemoWorld.Part("socket", numbers) with { Priority = priority };
        IReadOnlyList<LookVersionFound> Curve(Priority small)
        {
            var look = DemoWorld.LookOf(DemoWorld.Part("cheekHollow") with { Priority = Priority.Must }, Socket(Priority.Nice, ("aboveBrow", 9), ("downCheek", 22)),
                Socket(small, ("aboveBrow", -5), ("downCheek", 6)));
            return LookVersions.Of(look, Planner.Plan(look, DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, DemoWorld.Parade), DemoWorld.Kit, DemoWorld.Parade).Curve;
        }

        bool Out(LookVersionFound version, string part) => version.Versions.TryGetValue(part, out var how) && how == PartVersion.Out;
        var free = Curve(Priority.Nice);
        Assert.Contains(free, v => Out(v, "socket-1"));
        Assert.All(free.Where(v => Out(v, "socket-1")), v => Assert.True(Out(v, "socket-2")));
        Assert.DoesNotContain(Curve(Priority.Must), v => Out(v, "socket-1"));
    }

    // Every one of the versions of five to seven parts (hundreds), each with its own session: what is found for a slot is the best of them.
    [Theory]
    [InlineData("storm-cormorant", 7)]
    [InlineData("kelp-bride", 5)]
    [InlineData("barnacle-saint", 7)]
    public void TheVersionForASlotIsTheBestThereIs(string id, int parts)
    {
        var look = DemoWorld.Look(id) with { Form = null, Order = null };
        look = look with
        {
            Parts = [.. look.Parts.Where(p => p.Kind != "skinBase").Take(parts)
            .Select((p, k) => p with { Priority = k == 0 ? Priority.Must : k % 3 == 1 ? Priority.Extra : Priority.Nice })]
        };
        var full = Planner.Plan(look, DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, DemoWorld.Parade);
        var versions = LookVersions.Of(look, full, DemoWorld.Kit, DemoWorld.Parade);
        var all = versions.EveryVersion().ToArray();
        Assert.True(all.Length > 200);
        foreach (var share in new[] { 0.3, 0.45, 0.6, 0.8, 0.95 })
        {
            var slot = share * versions.Curve[^1].AtConfidenceSeconds;
            var best = all.Where(v => v.AtConfidenceSeconds <= slot).Select(v => v.Kept).DefaultIfEmpty(0).Max();
            var (with, found) = versions.For(slot);
            Assert.InRange(found.Found?.Kept ?? 0, best - found.Gap - 1e-4, best + 1e-9);
            Assert.InRange(found.Gap, 0, 0.01);
            Assert.Equal(found.Found, with.Within(slot));
        }
    }

    // Whole looks of up to fifteen parts, with drying between them: nothing is left open.
    [Theory]
    [InlineData("kelp-bride")]
    [InlineData("wreck-diver")]
    [InlineData("drowned-lamp-keeper")]
    public void TheBestIsProvenForLooksOfManyParts(string look)
    {
        var versions = Of(look);
        Assert.All(new[] { 0.4, 0.5, 0.6, 0.7, 0.8, 0.9 }, share => Assert.InRange(versions.For(share * versions.Curve[^1].AtConfidenceSeconds).Best.Gap, 0, 0.01));
    }

    // A short slot: it says which of the musts would have to go, and without them, all else quick or out, the look fits.
    [Theory]
    [InlineData("quay-seal", "skin base", 5)]
    [InlineData("low-tide-bones", "tooth row", 5)]
    public void WhereNothingFitsItSaysWhichMustsWouldHaveToGo(string id, string named, double minutes)
    {
        var look = DemoWorld.Look(id);
        var said = LookVersions.Of(look, DemoWorld.Plan(id), DemoWorld.Kit, DemoWorld.Parade).Said(minutes, DemoWorld.Parade);
        Assert.Contains(said, r => r.Code == RemarkCode.FitsWithout && r.Sentence == $"It would fit without the {named}, marked must.");
        var gone = look.Parts.Single(p => p.Priority == Priority.Must && PartKinds.Find(p.Kind)!.Label.Equals(named, StringComparison.OrdinalIgnoreCase));
        var least = look with { Order = null, Form = null, Parts = [.. look.Parts.Where(p => p != gone && p.Priority == Priority.Must).Select(p => p with { Version = PartVersion.Quick })] };
        var planned = Planner.Plan(least, DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, DemoWorld.Parade);
        Assert.InRange(Datura.Core.Order.Steps.Session(planned.Steps).At(DemoWorld.Parade.Confidence), 1, 60 * minutes);
    }

    // A longer slot never lowers what is kept, with the exact search as well.
    [Fact]
    public void TheBestForALongerSlotKeepsNoLess()
    {
        var versions = Of("kelp-bride");
        var kept = Enumerable.Range(2, 7).Select(m => versions.For(150 * m).Best).ToArray();
        Assert.All(kept.Zip(kept.Skip(1)), k => Assert.True((k.Second.Found?.Kept ?? 0) + k.Second.Gap >= (k.First.Found?.Kept ?? 0) - 1e-9));
    }

    private static Part? Quick(string kind, out IReadOnlyList<string> what) => QuickVersion.Of(PartKinds.Find(kind)!, DemoWorld.Part(kind), DemoWorld.Kit, out what);

    public static TheoryData<string> WithQuickWay => [.. PartKinds.All.Select(k => k.Id).Where(k => Quick(k, out _) is not null)];

    // What is one coat of one tool already, an own line or an edge, cannot be had for less.
    [Fact]
    public void MostKindsHaveAQuickWay() => Assert.InRange(WithQuickWay.Count, PartKinds.All.Count * 7 / 10, PartKinds.All.Count - 1);

    // Quick means less work, of the same thing: something of every kind stays.
    [Theory]
    [MemberData(nameof(WithQuickWay))]
    public void AQuickVersionIsQuickerAndStillThere(string id)
    {
        var (part, quick) = (DemoWorld.Part(id), Quick(id, out var what)!);
        Assert.NotEmpty(what);
        double Work(Part p) => DemoWorld.PlanOf(p).Steps.Sum(s => s.WorkSeconds);
        Assert.NotEmpty(quick.Paints);
        Assert.InRange(Work(quick), 0.1, Work(part) - 1e-6);
    }

    // No gems: gel dots (common practice).
    [Fact]
    public void GemsBecomeGelDots()
    {
        var kit = DemoWorld.AllKits[1];
        var gems = kit.Paints.First(p => p.Material == Material.Gem);
        var part = DemoWorld.Part("gemArc") with { Paints = new Dictionary<string, PaintMix> { ["gem"] = new([new(gems.Id, 1)]) } };
        var quick = QuickVersion.Of(PartKinds.Find("gemArc")!, part, kit, out var what)!;
        Assert.Contains(what, w => w.Contains("instead of gems"));
        Assert.NotEqual(gems.Id, quick.Paints["gem"].Shares[0].Paint);
    }

    [Fact]
    public void AVersionKeepsThroughAFileAndAllPartsStayInTheLook()
    {
        var look = LookVersion.With(DemoWorld.Look("quay-seal"), new Dictionary<string, PartVersion> { [DemoWorld.Look("quay-seal").Parts[^1].Id] = PartVersion.Out });
        var back = DocumentTypes.Look.Read(DocumentTypes.Look.Write(look));
        Assert.Equal(PartVersion.Out, back.Parts[^1].Version);
        Assert.Equal(look.Parts.Count, back.Parts.Count);
        var planned = Planner.Plan(back, DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, DemoWorld.Parade);
        Assert.DoesNotContain(planned.Plan.Parts, p => p.Id == back.Parts[^1].Id);
    }

    // Single coats go, and what is left of a part is still that part: of a flower never the petals alone.
    [Theory]
    [MemberData(nameof(Looks))]
    public void CoatsGoOneByOne(string id)
    {
        var (look, full, versions) = (DemoWorld.Look(id), DemoWorld.Plan(id), Of(id));
        Assert.Contains(versions.Curve, v => v.Without.Count > 0);
        Assert.All(versions.Curve, v => Assert.All(v.Without, w =>
        {
            Assert.False(v.Versions.ContainsKey(w.Key));
            var most = full.Jobs.Where(j => j.PartId == w.Key).MaxBy(j => j.Footprint.AreaMm2)!;
            Assert.DoesNotContain(most.Role.Id, w.Value);
            Assert.All(w.Value, role => Assert.Contains(full.Jobs, j => j.PartId == w.Key && j.Role.Id == role));
        }));
        var some = versions.Curve.First(v => v.Without.Count > 0);
        var again = Planner.Plan(LookVersion.With(look, some.Versions, some.Without), DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, DemoWorld.Parade);
        Assert.All(some.Without, w => Assert.All(w.Value, role => Assert.DoesNotContain(again.Jobs, j => j.PartId == w.Key && j.Role.Id == role)));
        Assert.Contains(again.Plan.ThisTime, t => t.Contains("without ", StringComparison.Ordinal));
        // What is left out on purpose is not missed.
        Assert.DoesNotContain(again.Plan.Cautions, c => c.Code == CautionCode.Unpainted);
    }

    // The base spares nothing for a shape that is not painted this time, and the whole comes back with it.
    [Fact]
    public void NothingIsSparedForACoatThatIsLeftOut()
    {
        var patch = DemoWorld.Part("eyePatch") with { Reserved = true };
        PlannedLook Plan(params string[] without) => DemoWorld.PlanOf(DemoWorld.Part("skinBase"), patch with { Without = without });
        double Base(PlannedLook p) => p.Jobs.Single(j => j.Role.Stage == Stage.Base).AreaMm2;
        Assert.True(Base(Plan(patch.Paints.Keys.First())) > Base(Plan()) + 500);
        Assert.Contains("no coat called nonsense", Assert.Throws<PlanException>(() => Plan("nonsense")).Message, StringComparison.Ordinal);
    }
}
