using System.Collections.Concurrent;
using Datura.Core.Caution;
using Datura.Core.Caution.Checks;
using Datura.Core.Form;

namespace Datura.Core.Tests.Care;

/// <summary>Weather, labels and wearers against the plan: each caution where it belongs, said once, with what to do.</summary>
public class CareCautionTests
{
    private static readonly Kit Trunk = DemoWorld.AllKits[1];
    private static readonly WearerCard Card = new(Consent.Wearer, PhotoUse.None, AgeGroup.Adult, null, new(2026, 12, 24));

    private static readonly Setting Indoors = DemoWorld.Parade with { Conditions = [], WearHours = null };

    private static Part Painted(string kind, string paint, string? role = null)
    {
        var part = DemoWorld.Part(kind);
        var of = role ?? part.Paints.Keys.First();
        return part with { Paints = new Dictionary<string, PaintMix> { [of] = new([new(paint, 1)]) } };
    }

    private static IReadOnlyList<CautionNote> Said(Part part, Kit kit, Setting setting, WearerCard? card = null, IReadOnlyList<PassedStop>? passed = null) =>
        Planner.Plan(DemoWorld.LookOf(part) with { Passed = passed ?? [] }, DemoWorld.Faces[0], DemoWorld.Body, kit, setting, card: card).Plan.Cautions;

    private static Setting In(params Condition[] conditions) => Indoors with { Conditions = conditions };

    private static CautionNote? Find(IReadOnlyList<CautionNote> said, CautionCode code) => said.FirstOrDefault(c => c.Code == code);

    [Fact]
    public void DustInTheWindStopsAtTheEyesAndWarnsElsewhere()
    {
        var (eyes, forehead) = (Painted("socket", "bone-dust"), Painted("skinBase", "bone-dust"));
        Assert.Equal(Severity.Stop, Find(Said(eyes, Trunk, In(Condition.Wind)), CautionCode.LooseInWind)!.Severity);
        Assert.Null(Find(Said(eyes, Trunk, Indoors), CautionCode.LooseInWind));
        Assert.Null(Find(Said(Painted("socket", "tar"), Trunk, In(Condition.Wind)), CautionCode.LooseInWind));
        Assert.NotNull(Find(Said(forehead, Trunk, In(Condition.CostumeMatters)), CautionCode.LooseOverCostume));
    }

    [Fact]
    public void CreamInTheHeatIsPowderedAndThenNothingIsSaid()
    {
        var cream = Painted("skinBase", "tallow");
        var said = Find(Said(cream, Trunk, In(Condition.Heat)), CautionCode.CreamInHeat)!;
        var remedy = Assert.Single(said.Remedies);
        var look = DemoWorld.LookOf(cream) with { Mendings = [new(remedy.Kind, remedy.Coat)] };
        Assert.Null(Find(Planner.Plan(look, DemoWorld.Faces[0], DemoWorld.Body, Trunk, In(Condition.Heat)).Plan.Cautions, CautionCode.CreamInHeat));
        Assert.Null(Find(Said(cream, Trunk, In(Condition.Heat) with { Drying = DryingAid.Powder }), CautionCode.CreamInHeat));
        Assert.Null(Find(Said(cream, Trunk, In(Condition.Rain)), CautionCode.WashedByRain));
        Assert.NotNull(Find(Said(Painted("skinBase", "sand"), Trunk, In(Condition.Rain)), CautionCode.WashedByRain));
    }

    // Unknown counts as no for what comes loose; for a cake it is the label's business.
    [Fact]
    public void WhatNobodyCallsMadeForSkinDoesNotGoOn()
    {
        Kit With(string id, Func<PaintDescription, PaintDescription> change) => Trunk with { Paints = [.. Trunk.Paints.Select(p => p.Id == id ? change(p) : p)] };
        bool Stops(string paint, bool? made) => Find(Said(Painted("socket", paint), With(paint, p => p with { MadeForSkin = made }), Indoors), CautionCode.NotForSkin) is { Severity: Severity.Stop };
        Assert.True(Stops("bone-dust", null));
        Assert.True(Stops("bone-dust", false));
        Assert.False(Stops("bone-dust", true));
        Assert.False(Stops("tar", null));
        Assert.True(Stops("tar", false));
    }

    [Theory]
    [InlineData(null, true)]
    [InlineData(0.21, true)]
    [InlineData(0.2, false)]
    [InlineData(0.05, false)]
    public void FlakesNearTheEyesAreSmall(double? flakeMm, bool warned)
    {
        var kit = Trunk with { Paints = [.. Trunk.Paints.Select(p => p.Id == "herring-glitter" ? p with { FlakeMm = flakeMm } : p)] };
        Assert.Equal(warned, Find(Said(Painted("socket", "herring-glitter"), kit, Indoors), CautionCode.FlakesTooLarge) is not null);
    }

    [Fact]
    public void AnAllergyStopsThePaintThatHasItAndNoOther()
    {
        var allergic = Card with { Allergies = ["wool wax"] };
        var stop = Find(Said(Painted("skinBase", "tallow"), Trunk, Indoors, allergic), CautionCode.Allergen)!;
        Assert.Equal((Severity.Stop, "tallow"), (stop.Severity, stop.Paint));
        Assert.Contains("Lanolin", stop.Sentence, StringComparison.Ordinal);
        var other = Said(Painted("skinBase", "sand"), Trunk, Indoors, allergic);
        Assert.Null(Find(other, CautionCode.Allergen));
        // Nobody copied its label: that is said instead.
        Assert.Equal("sand", Find(other, CautionCode.ListUnknown)!.Paint);
        Assert.Null(Find(Said(Painted("skinBase", "tallow"), Trunk, Indoors, Card), CautionCode.Allergen));
    }

    [Fact]
    public void TheFaceOfTheYoungestIsNotPaintedAndTheArmWouldBe()
    {
        var young = Card with { Age = AgeGroup.UnderThree };
        Assert.Equal(Severity.Stop, Find(Said(Painted("socket", "tar"), Trunk, Indoors, young), CautionCode.UnderThree)!.Severity);
        Assert.Null(Find(Said(Painted("socket", "tar"), Trunk, Indoors, Card with { Age = AgeGroup.Child }), CautionCode.UnderThree));
        Assert.Null(Find(Said(Painted("collarBones", "tar"), Trunk, Indoors, young), CautionCode.UnderThree));
    }

    [Fact]
    public void PatienceAndConsentAreMinded()
    {
        var part = DemoWorld.Part("skinBase");
        var minutes = DemoWorld.PlanOf(part).Plan.TotalSeconds / 60;
        Assert.Null(Find(Said(part, DemoWorld.Kit, Indoors, Card with { PatienceMinutes = Math.Ceiling(minutes) + 1 }), CautionCode.OutOfPatience));
        Assert.NotNull(Find(Said(part, DemoWorld.Kit, Indoors, Card with { PatienceMinutes = 1 }), CautionCode.OutOfPatience));
        Assert.NotNull(Find(Said(part, DemoWorld.Kit, Indoors, Card with { Consent = Consent.NotYet }), CautionCode.NoConsent));
        Assert.Null(Find(Said(part, DemoWorld.Kit, Indoors), CautionCode.NoConsent));
    }

    // A stop is passed for that part and that paint, in words; the next one is not.
    [Fact]
    public void AStopIsPassedInWordsAndNoOtherWithIt()
    {
        var part = Painted("socket", "brass");
        var stops = Said(part, Trunk, Indoors).Where(c => c.Severity == Severity.Stop).ToArray();
        var eye = stops.Single(c => c.Code == CautionCode.EyeArea);
        PassedStop passed = new(CautionCode.EyeArea, "socket-0", "brass", "the new label allows it");
        var after = Said(part, Trunk, Indoors, passed: [passed]);
        Assert.Equal("the new label allows it", Find(after, CautionCode.EyeArea)!.Passed);
        Assert.Equal(eye.Sentence, Find(after, CautionCode.EyeArea)!.Sentence);
        Assert.Null(Find(Said(part, Trunk, Indoors, passed: [passed with { Paint = "tin" }]), CautionCode.EyeArea)!.Passed);
        Assert.Null(Find(Said(part, Trunk, Indoors, passed: [passed with { Part = "socket-1" }]), CautionCode.EyeArea)!.Passed);
        var planned = Planner.Plan(DemoWorld.LookOf(part), DemoWorld.Faces[0], DemoWorld.Body, Trunk, Indoors).Plan;
        Assert.Equal(stops.Length, planned.OpenStops);
        // What is passed is no longer the first thing said.
        Assert.True(after.Select((c, k) => (c, k)).First(c => c.c.Code == CautionCode.EyeArea).k >= after.Count(c => c.Severity == Severity.Stop && c.Passed is null));
    }

    // The costume's edge moves by so much: what lies nearer rubs off, what lies farther does not.
    [Fact]
    public void PaintNearTheCostumeRubsOffWhereThatMatters()
    {
        Assert.NotNull(Find(Said(DemoWorld.Part("collarBones"), DemoWorld.Kit, In(Condition.CostumeMatters) with { NecklineMm = 5 }), CautionCode.RubsOnCostume));
        Assert.Null(Find(Said(DemoWorld.Part("collarBones"), DemoWorld.Kit, In(Condition.Rain) with { NecklineMm = 5 }), CautionCode.RubsOnCostume));
        Assert.Null(Find(Said(DemoWorld.Part("socket"), DemoWorld.Kit, In(Condition.CostumeMatters)), CautionCode.RubsOnCostume));
        Assert.True(CostumeRub.NearMm > 0);
    }

    // Whoever wears whatever, wherever: no fault; each caution leads somewhere, says what to do, and none is said twice.
    [Fact]
    public void EveryCautionOfEveryPlanHasItsPlaceAndItsRemedy()
    {
        var faults = new ConcurrentBag<string>();
        Parallel.For(0, 160, seed =>
        {
            var (face, kit) = (DemoWorld.FourFaces[seed % 4], DemoWorld.AllKits[seed / 4 % 3]);
            var blank = seed % 2 == 0 ? kit : kit with { Paints = [.. kit.Paints.Select(p => p with { Ingredients = "", MadeForSkin = null, FlakeMm = null })] };
            try
            {
                var said = Planner.Plan(RandomLooks.Look(seed, kit), face, DemoWorld.Bodies[face.Id], blank, RandomLooks.Setting(seed), FormGrid.CoarsePixels, card: RandomLooks.Card(seed)).Plan.Cautions;
                foreach (var caution in said.Where(c => !c.Sentence.EndsWith('.') || c.Sentence.Contains('{') || (c.Place == CautionPlace.Skin && c.Parts.Count == 0 && c.At is null)))
                {
                    faults.Add($"{seed}: {caution.Code} {caution.Sentence}");
                }

                foreach (var twice in said.GroupBy(c => c.Sentence).Where(g => g.Count() > 1))
                {
                    faults.Add($"{seed}: twice: {twice.Key}");
                }

                if (said.Zip(said.Skip(1)).Any(c => c.First.Severity < c.Second.Severity))
                {
                    faults.Add($"{seed}: the gravest does not come first");
                }
            }
            catch (PlanException)
            {
                // The painter is told what to change.
            }
        });
        Assert.True(faults.IsEmpty, string.Join('\n', faults.Take(12)));
    }

    // Worse weather and a stricter wearer never take a caution away.
    [Theory]
    [InlineData(3)]
    [InlineData(17)]
    [InlineData(29)]
    [InlineData(41)]
    public void MoreInTheWayNeverSaysLess(int seed)
    {
        var (look, kit) = (RandomLooks.Look(seed, Trunk), Trunk);
        CautionCode[] Codes(Setting setting, WearerCard? card)
        {
            try
            {
                return [.. Planner.Plan(look, DemoWorld.Faces[0], DemoWorld.Body, kit, setting, FormGrid.CoarsePixels, card: card).Plan.Cautions.Select(c => c.Code).Distinct()];
            }
            catch (PlanException)
            {
                return [];
            }
        }

        var before = Codes(Indoors, null);
        foreach (var condition in Enum.GetValues<Condition>())
        {
            Assert.Empty(before.Except(Codes(In(condition), null)));
        }

        Assert.Empty(before.Except(Codes(In(Enum.GetValues<Condition>()), RandomLooks.Card(seed))));
    }

    [Fact]
    public void ACardThatCannotBeIsRefusedInWords()
    {
        DateOnly today = new(2026, 11, 28);
        string Said(WearerCard card) => Assert.Throws<InputException>(() => CardCheck.Check(card, today)).Message;
        CardCheck.Check(Card, today);
        Assert.Contains("days from now", Said(Card with { DeleteOn = today.AddDays(-1) }), StringComparison.Ordinal);
        Assert.Contains("days from now", Said(Card with { DeleteOn = today.AddDays(WearerCard.MostDays + 1) }), StringComparison.Ordinal);
        Assert.Contains("Shorten it", Said(Card with { Allergies = [.. Enumerable.Repeat("talc", WearerCard.MostWords + 1)] }), StringComparison.Ordinal);
        Assert.Contains("Shorten it", Said(Card with { Allergies = [""] }), StringComparison.Ordinal);
        Assert.Contains("Shorten it", Said(Card with { PatienceMinutes = double.NaN }), StringComparison.Ordinal);
        Assert.Contains("in your own words", Said(Card with { Passed = [new(CautionCode.Allergen, null, null, "x")] }), StringComparison.Ordinal);
        Assert.Equal(today.AddDays(30), WearerCard.Blank(today).DeleteOn);
    }
}
