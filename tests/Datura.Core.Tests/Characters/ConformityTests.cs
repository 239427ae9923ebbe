using Datura.Core.Characters;
using Datura.Core.Shapes;

namespace Datura.Core.Tests.Characters;

/// <summary>A character made from a look is met by that look, and one broken rule is one finding.</summary>
public class ConformityTests
{
    public static TheoryData<string> Looks => ["barnacle-saint", "kelp-bride", "quay-seal", "low-tide-bones"];

    private static Kit KitOf(Look look) => DemoWorld.AllKits.First(k => k.Id == (look.Kit ?? DemoWorld.Kit.Id));

    private static PlannedLook Planned(Look look, int face = 0, Kit? kit = null) =>
        Planner.Plan(look, DemoWorld.FourFaces[face], DemoWorld.Bodies[DemoWorld.FourFaces[face].Id], kit ?? KitOf(look), DemoWorld.Parade);

    private static IReadOnlyList<RuleFinding> Findings(Character character, Look look, int face = 0) => Conformity.Of(character, look, Planned(look, face), KitOf(look));

    private static string[] Off(IEnumerable<RuleFinding> findings) => [.. findings.Where(f => f.State == RuleState.Off).Select(f => f.Rule)];

    private static (Look Look, Character Character) Made(string id)
    {
        var look = DemoWorld.Look(id);
        return (look, CharacterOf.Of(look, Planned(look), KitOf(look)));
    }

    [Theory]
    [MemberData(nameof(Looks))]
    public void TheLookItWasMadeFromMeetsEveryRule(string id)
    {
        var (look, character) = Made(id);
        CharacterCheck.Check(character);
        var findings = Findings(character, look);
        Assert.Empty(Off(findings));
        Assert.True(findings.Count(f => f.State == RuleState.Met) > 3 * character.Parts.Count);
    }

    // Each rule turned so that the look no longer does it: that one is told, and none else.
    [Theory]
    [MemberData(nameof(Looks))]
    public void ExactlyTheRuleThatWasTurnedIsTold(string id)
    {
        var (look, character) = Made(id);
        var planned = Planned(look);
        foreach (var (rule, turned) in Turned(character, planned))
        {
            Assert.Equal([rule], Off(Conformity.Of(turned, look, planned, KitOf(look))));
        }
    }

    // Every rule by itself made impossible for the look, the rest as it was.
    private static IEnumerable<(string Rule, Character Character)> Turned(Character c, PlannedLook planned)
    {
        foreach (var (part, k) in c.Parts.Select((p, k) => (p, k)))
        {
            Character With(CharacterPart changed) => c with { Parts = [.. c.Parts.Select((p, n) => n == k ? changed : p)] };
            foreach (var (size, n) in part.Sizes.Select((s, n) => (s, n)))
            {
                var width = size.Most - size.Least + 1;
                SizeRange higher = size with { Least = size.Most + width, Most = size.Most + 2 * width };
                yield return ($"{part.Model.Id}/{size.Number}{(size.Of is null ? "" : "/" + size.Of)}", With(part with { Sizes = [.. part.Sizes.Select((s, m) => m == n ? higher : s)] }));
            }

            if (part.Place is { } place)
            {
                yield return ($"{part.Model.Id}/place", With(part with { Place = place with { UpMm = place.UpMm + 30 } }));
            }

            foreach (var role in part.Colours.Keys)
            {
                var far = new CharacterColour("far", "far", new(50, 100, -100), 1);
                yield return ($"{part.Model.Id}/colour/{role}", With(part with { Colours = part.Colours.ToDictionary(p => p.Key, p => p.Key == role ? "far" : p.Value) }) with { Palette = [.. c.Palette, far] });
            }
        }

        yield return ("beside", c with { Parts = [.. c.Parts.Skip(1)], Free = [.. c.Parts.Skip(1).Select(p => p.Model.Kind).Where(k => k != c.Parts[0].Model.Kind)] });
        yield return ($"not/kind/{c.Parts[0].Model.Kind}", c with { Forbidden = [new(ForbiddenThing.Kind, c.Parts[0].Model.Kind)] });
        var zone = planned.Plan.Parts[0].Zones[0];
        yield return ($"not/zone/{zone}", c with { Forbidden = [new(ForbiddenThing.Zone, zone)] });
        yield return ("not/colour/its own", c with { Forbidden = [new(ForbiddenThing.Colour, "its own", c.Palette[0].Colour, 2)] });
    }

    [Fact]
    public void WhatIsMissingLeavesItsOtherRulesUndecided()
    {
        var (look, character) = Made("kelp-bride");
        var gone = character.Parts[^1].Model.Id;
        var less = look with { Parts = [.. look.Parts.Where(p => p.Id != gone).Select(p => p.Hung?.On == gone ? p with { Hung = null } : p)] };
        var findings = Findings(character, less).Where(f => f.Rule.StartsWith($"{gone}/", StringComparison.Ordinal)).ToArray();
        Assert.Equal(RuleState.Off, findings[0].State);
        Assert.All(findings.Skip(1), f => Assert.Equal(RuleState.NotDecided, f.State));
    }

    [Fact]
    public void AShareOfWhatWasNotMeasuredIsNotDecided()
    {
        var (look, made) = Made("quay-seal");
        var face = DemoWorld.Faces[0] with { MeasuresMm = DemoWorld.Faces[0].MeasuresMm.Where(m => m.Key != "faceWidth").ToDictionary() };
        var planned = Planner.Plan(look, face, KitOf(look), DemoWorld.Parade);
        var shares = Conformity.Of(made, look, planned, KitOf(look)).Where(f => f.Rule.EndsWith("/faceWidth", StringComparison.Ordinal)).ToArray();
        Assert.NotEmpty(shares);
        Assert.All(shares, f => Assert.Equal(RuleState.NotDecided, f.State));
    }

    // Of two alike, each is held to its own rules, in whatever order they stand.
    [Fact]
    public void TwoOfOneKindAreToldApartByWhatTheyBreakLeast()
    {
        var small = DemoWorld.Part("bolts", ("size", 9)) with { Id = "a" };
        var large = DemoWorld.Part("bolts", ("size", 28)) with { Id = "b", Hung = new("gonion") };
        var look = DemoWorld.LookOf() with { Parts = [small, large] };
        var character = CharacterOf.Of(look, Planned(look), DemoWorld.Kit);
        var other = look with { Parts = [large with { Id = "x" }, small with { Id = "y" }] };
        Assert.Empty(Off(Findings(character, other)));
    }

    [Theory]
    [MemberData(nameof(Looks))]
    public void TheSmallestChangeMendsTheRuleAndBreaksNoOther(string id)
    {
        var (look, character) = Made(id);
        var kit = KitOf(look);
        var part = character.Parts.First(p => p.Place is not null && PartKinds.Find(p.Model.Kind)!.StandsAlone);
        Look[] broken =
        [
            look with { Parts = [.. look.Parts.Select(p => p.Id == part.Model.Id ? p with { Moved = new(p.Moved.OutMm, p.Moved.UpMm - 14) } : p)] },
            look with { Parts = [.. look.Parts.Where(p => p.Id != part.Model.Id).Select(p => p.Hung?.On == part.Model.Id ? p with { Hung = null } : p)] },
        ];
        var mended = 0;
        foreach (var one in broken)
        {
            var before = Findings(character, one);
            foreach (var rule in Off(before).Take(2))
            {
                if (Conformity.SmallestChange(character, rule, one, kit, l => Planned(l)) is { } better)
                {
                    mended++;
                    var after = Findings(character, better);
                    Assert.Equal(RuleState.Met, after.First(f => f.Rule == rule).State);
                    Assert.True(Off(after).Length < Off(before).Length);
                }
            }
        }

        Assert.True(mended > 0);
    }

    [Fact]
    public void ASizeGoesNoFartherThanItsRangesBound()
    {
        var look = DemoWorld.LookOf(DemoWorld.Part("socket", ("aboveBrow", 12)));
        var made = CharacterOf.Of(look, Planned(look), DemoWorld.Kit);
        var rule = new SizeRange("aboveBrow", null, 6, 9);
        var character = made with { Parts = [made.Parts[0] with { Sizes = [rule], Place = null, Colours = new Dictionary<string, string>() }] };
        var better = Conformity.SmallestChange(character, "socket-0/aboveBrow", look, DemoWorld.Kit, l => Planned(l))!;
        Assert.Equal(9, better.Parts[0].Numbers["aboveBrow"], 6);
    }

    // Whatever look is drawn, its own character is sound, met, and survives its file.
    [Fact]
    public void RandomLooksMeetTheirOwnCharacters()
    {
        var tried = 0;
        for (var seed = 0; tried < 25; seed++)
        {
            var look = RandomLooks.Look(seed, DemoWorld.Kit);
            PlannedLook planned;
            try
            {
                planned = Planned(look, seed % 4, DemoWorld.Kit);
            }
            catch (PlanException)
            {
                continue;
            }

            tried++;
            var character = CharacterOf.Of(look, planned, DemoWorld.Kit);
            CharacterCheck.Check(character);
            // What is left out this time, or has no skin to lie on, is not there; whatever is, is as it is.
            Assert.Empty(Conformity.Of(character, look, planned, DemoWorld.Kit).Where(f => f.State == RuleState.Off).Select(f => $"{seed}: {f.Found.Sentence}"));
            var text = Documents.DocumentTypes.Character.WriteFile(character);
            Assert.Equal(text, Documents.DocumentTypes.Character.WriteFile(Documents.DocumentTypes.Character.ReadFile(text)));
        }
    }
}
