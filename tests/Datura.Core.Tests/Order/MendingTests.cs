namespace Datura.Core.Tests.Order;

/// <summary>Preparing and mending as steps (common practice): proposed where something would not hold, the painter's to take out or to add.</summary>
public class MendingTests
{
    private static readonly Kit Trunk = DemoWorld.AllKits.Single(k => k.Id == "wardrobe-trunk");
    private static readonly string Hollow = DemoWorld.Part("cheekHollow").Paints.Keys.First();

    public static TheoryData<int> Seeds => [.. Enumerable.Range(0, 24)];

    private static PaintMix One(string paint) => new([new(paint, 1)]);

    private static Part Painted(string kind, string role, string paint) => DemoWorld.Part(kind) with { Paints = new Dictionary<string, PaintMix> { [role] = One(paint) } };

    private static PlannedLook Planned(Look look, Kit? kit = null, Setting? setting = null) =>
        Planner.Plan(look, DemoWorld.Faces[0], DemoWorld.Body, kit ?? DemoWorld.Kit, setting ?? DemoWorld.Parade);

    // Water colour over cream.
    private static Look OverCream => DemoWorld.LookOf(Painted("skinBase", "ground", "coral"), Painted("cheekHollow", Hollow, "kelp-green"));

    // Glitter over water colour.
    private static Look Glittered(CoatLay? lay = null) => DemoWorld.LookOf(
        Painted("skinBase", "ground", "chalk-white"),
        Painted("dotRow", "dot", "herring-glitter") with { Words = new Dictionary<string, string> { ["along"] = "brow" }, Laid = new Dictionary<string, CoatLay> { ["dot"] = lay ?? new() } });

    private static IEnumerable<PlanMending> Mended(PlannedLook planned) => planned.Plan.Steps.SelectMany(s => s.Mendings);

    [Fact]
    public void ACreamIsPowderedBeforeWaterColourGoesOnIt()
    {
        var planned = Planned(OverCream);
        var powder = Assert.Single(Mended(planned));
        Assert.Equal((MendingKind.PowderCream, "skinBase-0/ground", false, true), (powder.Kind, powder.Coat, powder.Before, powder.Proposed));
        Assert.Contains("powder puff", powder.How, StringComparison.Ordinal);
        Assert.DoesNotContain(planned.Plan.Cautions, c => c.Code == CautionCode.DoesNotHold);
        // Under powder nobody waits for the cream.
        var bare = Planned(OverCream with { Mendings = [new(MendingKind.PowderCream, "skinBase-0/ground", TakenOut: true)] });
        Assert.True(planned.Jobs.Single(j => j.Key == "skinBase-0/ground").DryingSeconds < bare.Jobs.Single(j => j.Key == "skinBase-0/ground").DryingSeconds);
    }

    [Fact]
    public void WhatIsTakenOutIsToldWithItsRemedy()
    {
        var planned = Planned(OverCream with { Mendings = [new(MendingKind.PowderCream, "skinBase-0/ground", TakenOut: true)] });
        Assert.Empty(Mended(planned));
        var told = Assert.Single(planned.Plan.Cautions, c => c.Code == CautionCode.DoesNotHold);
        Assert.Equal([new Remedy(MendingKind.PowderCream, "skinBase-0/ground")], told.Remedies);
    }

    // Whoever powders all creams to dry them has done it already.
    [Fact]
    public void APowderedCreamIsNotPowderedAgain()
    {
        var planned = Planned(OverCream, setting: DemoWorld.Parade with { Drying = DryingAid.Powder });
        Assert.Empty(Mended(planned));
        Assert.DoesNotContain(planned.Plan.Cautions, c => c.Code == CautionCode.DoesNotHold);
    }

    [Fact]
    public void ADrySpotIsWettedForGlitter()
    {
        var wet = Assert.Single(Mended(Planned(Glittered(), Trunk)));
        Assert.Equal((MendingKind.WetSpot, "dotRow-1/dot", true), (wet.Kind, wet.Coat, wet.Before));
        // On paint that is damp still, nothing is wetted.
        Assert.Empty(Mended(Planned(Glittered(new(Ground: Ground.StraightOn)), Trunk)));
        Assert.Empty(Mended(Planned(Glittered(new(Ground: Ground.Tacky)), Trunk)));
        var without = Planned(Glittered() with { Mendings = [new(MendingKind.WetSpot, "dotRow-1/dot", TakenOut: true)] }, Trunk).Plan;
        Assert.Contains(without.Cautions, c => c.Code == CautionCode.NeedsDamp);
    }

    // Stones want gel: no water helps them.
    [Fact]
    public void NothingIsProposedForStones() =>
        Assert.Empty(Mended(Planned(DemoWorld.LookOf(Painted("gemArc", DemoWorld.Part("gemArc").Paints.Keys.First(), "sea-glass")), Trunk)));

    [Fact]
    public void ARemedyForTooWetPaintStopsItsCaution()
    {
        var wet = DemoWorld.LookOf(Painted("skinBase", "ground", "bone") with { Laid = new Dictionary<string, CoatLay> { ["ground"] = new(Water: Water.Flowing) } });
        var told = Assert.Single(Planned(wet).Plan.Cautions, c => c.Code == CautionCode.Streaks);
        var remedy = Assert.Single(told.Remedies);
        var mended = Planned(wet with { Mendings = [new(remedy.Kind, remedy.Coat)] });
        Assert.DoesNotContain(mended.Plan.Cautions, c => c.Code == CautionCode.Streaks);
        Assert.Single(Mended(mended), m => m is { Kind: MendingKind.TakeOutTexture, Proposed: false });
    }

    [Fact]
    public void WhatHasNothingToDoIsTold()
    {
        var planned = Planned(DemoWorld.LookOf(Painted("skinBase", "ground", "bone")) with { Mendings = [new(MendingKind.PowderCream, "skinBase-0/ground")] });
        Assert.Contains(planned.Plan.Cautions, c => c.Code == CautionCode.MendsNothing && c.Sentence.Contains("powder the cream", StringComparison.Ordinal));
        Assert.Single(Mended(planned));
    }

    // What was for a part that is gone stays out of the plan, and comes back with it.
    [Fact]
    public void NothingIsDoneForACoatThatIsNotThere() =>
        Assert.Empty(Mended(Planned(DemoWorld.LookOf(Painted("skinBase", "ground", "bone")) with { Mendings = [new(MendingKind.EvenUp, "gone/ground")] })));

    [Fact]
    public void NonsenseIsRefused()
    {
        ProblemCode[] Refused(params Mending[] mendings) =>
            [.. Assert.Throws<PlanException>(() => Planned(DemoWorld.LookOf(Painted("skinBase", "ground", "bone")) with { Mendings = mendings })).Problems.Select(p => p.Code)];
        Assert.Equal([ProblemCode.MendingTwice], Refused(new(MendingKind.Mist, "skinBase-0/ground"), new(MendingKind.Mist, "skinBase-0/ground", TakenOut: true)));
        Assert.Equal([ProblemCode.MendingSeconds], Refused(new Mending(MendingKind.Mist, "skinBase-0/ground", Seconds: double.NaN)));
        Assert.Equal([ProblemCode.MendingSeconds], Refused(new Mending(MendingKind.Mist, "skinBase-0/ground", Seconds: 1e9)));
    }

    // Her own time for it counts, and nothing else of the step changes.
    [Fact]
    public void OwnSecondsCount()
    {
        var look = DemoWorld.LookOf(Painted("skinBase", "ground", "bone"));
        PlanStep Step(Look of) => Planned(of).Plan.Steps.Single(s => s.Key == "skinBase-0/ground");
        var (plain, longer) = (Step(look), Step(look with { Mendings = [new(MendingKind.WipeAndRedo, "skinBase-0/ground", Seconds: 77)] }));
        Assert.Equal(77, longer.WorkSeconds - plain.WorkSeconds, 0.11);
        Assert.Equal(plain.SetUpSeconds, longer.SetUpSeconds);
    }

    // Whatever is mended: the picture is as before, no work is lost, and what is done for coats is in the steps to the second.
    [Theory]
    [MemberData(nameof(Seeds))]
    public void MendingChangesMinutesAndNothingElse(int seed)
    {
        var look = RandomLooks.Look(seed, DemoWorld.Kit) with { Form = null, Order = null };
        var mended = Planned(look with { Mendings = RandomLooks.Mendings(new Random(seed), look.Parts) });
        var plain = Planned(look with { Mendings = [.. mended.Jobs.SelectMany(j => j.Mendings.Where(m => m.Proposed).Select(m => new Mending(m.Kind, j.Key, TakenOut: true)))] });
        string[] Colours(PlannedLook p) => [.. p.Jobs.Select(j => $"{j.Key} {Srgb.From(p.Colours!.Of(j)).Hex}").Order(StringComparer.Ordinal)];
        Assert.Equal(Colours(plain), Colours(mended));
        var slack = 0.06 * (mended.Plan.Steps.Count + 1);
        Assert.Equal(mended.Jobs.Sum(j => j.BrushSeconds + j.PullSeconds) + Mended(mended).Sum(m => m.Seconds), mended.Plan.Steps.Sum(s => s.WorkSeconds), slack + 0.06 * Mended(mended).Count());
        Assert.All(Mended(mended), m =>
        {
            Assert.InRange(m.Seconds, 0.1, 3600);
            Assert.Matches("^[A-Z].*\\.$", m.How);
        });
    }

    // A plan never warns of what it has done something about.
    [Theory]
    [MemberData(nameof(Seeds))]
    public void AHeldRemedyStopsItsCaution(int seed)
    {
        var planned = Planned(RandomLooks.Look(seed, Trunk) with { Order = null }, Trunk, RandomLooks.Setting(seed));
        var held = Mended(planned).Select(m => new Remedy(m.Kind, m.Coat)).ToHashSet();
        Assert.All(planned.Plan.Cautions, c => Assert.False(c.Remedies.Count > 0 && c.Remedies.All(held.Contains), c.Sentence));
    }

    // What is dabbed off dries in half the time, also beside something that is proposed and ordered again; a dry coat is not helped by it.
    [Fact]
    public void WhatIsDabbedOffIsSoonerDryOnce()
    {
        var look = OverCream;
        double Drying(Look of, string coat) => Planned(of).Jobs.Single(j => j.Key == coat).DryingSeconds;
        var green = $"cheekHollow-1/{Hollow}";
        var dabbed = look with { Mendings = [new(MendingKind.DabOff, green)] };
        Assert.Contains(Mended(Planned(dabbed)), m => m.Proposed);
        Assert.Equal(Drying(look, green) / 2, Drying(dabbed, green), 1e-6);
        var powder = DemoWorld.LookOf(Painted("cheekHollow", Hollow, "fog-shade"));
        Assert.Equal(Drying(powder, $"cheekHollow-0/{Hollow}"), Drying(powder with { Mendings = [new(MendingKind.DabOff, $"cheekHollow-0/{Hollow}")] }, $"cheekHollow-0/{Hollow}"), 1e-6);
    }

    // What a caution offers has something to do: nobody is offered a step and then told that it is idle.
    [Theory]
    [MemberData(nameof(Seeds))]
    public void EveryRemedyThatIsOfferedFits(int seed)
    {
        var planned = Planned(RandomLooks.Look(seed, Trunk) with { Order = null, Mendings = null }, Trunk, RandomLooks.Setting(seed));
        Assert.All(planned.Plan.Cautions.SelectMany(c => c.Remedies), r => Assert.True(Core.Order.Mendings.Fits(r.Kind, planned.Jobs.Single(j => j.Key == r.Coat), Trunk), $"{r.Kind} {r.Coat}"));
    }

    // A larger ground takes longer to powder, to dab and to wipe.
    [Fact]
    public void MoreGroundTakesLonger()
    {
        double Seconds(MendingKind kind, params string[] zones)
        {
            var part = Painted("skinBase", "ground", "coral") with { Zones = new Dictionary<string, IReadOnlyList<string>> { ["zones"] = zones } };
            return Mended(Planned(DemoWorld.LookOf(part) with { Mendings = [new(kind, "skinBase-0/ground")] })).Single().Seconds;
        }

        Assert.All([MendingKind.PowderCream, MendingKind.DabOff, MendingKind.TakeOutTexture, MendingKind.WipeAndRedo],
            kind => Assert.True(Seconds(kind, "forehead", "cheekbone") > Seconds(kind, "forehead") + 0.5));
    }
}
