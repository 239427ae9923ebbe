using Datura.Core.Characters;

namespace Datura.Core.Tests.Characters;

/// <summary>Rules that cannot be, and pairs of rules that contradict each other, are named.</summary>
public class CharacterCheckTests
{
    private static readonly Lab Bone = new(85, 0, 12);

    private static readonly Character Sound = new("Lamp keeper", [Socket], [new("bone", "Bone", Bone, 5)], []);

    private static CharacterPart Socket => new(DemoWorld.Part("socket") with { Id = "socket" }, 0) { Colours = new Dictionary<string, string> { ["dark"] = "bone" } };

    private static IReadOnlyList<Problem> Problems(Character character) => Assert.Throws<PlanException>(() => CharacterCheck.Check(character)).Problems;

    private static string Contradiction(Character character)
    {
        var problem = Assert.Single(Problems(character));
        Assert.Equal(ProblemCode.RulesContradict, problem.Code);
        return problem.Sentence;
    }

    private static Character With(Func<CharacterPart, CharacterPart> change) => Sound with { Parts = [change(Socket)] };

    [Fact]
    public void WhatIsSoundPasses() => CharacterCheck.Check(Sound);

    [Fact]
    public void AKindAskedForAndForbidden()
    {
        var told = Contradiction(Sound with { Forbidden = [new(ForbiddenThing.Kind, "socket")] });
        Assert.Contains("is there", told, StringComparison.Ordinal);
        Assert.Contains("“No ", told, StringComparison.Ordinal);
    }

    [Fact]
    public void TwoRangesOfOneSizeThatNeverMeet() => Contradiction(With(p => p with { Sizes = [new("aboveBrow", null, 2, 4), new("aboveBrow", "faceWidth", 0.2, 0.3)] }));

    [Fact]
    public void TwoRangesThatMeetOnSomeFacesPass() => CharacterCheck.Check(With(p => p with { Sizes = [new("aboveBrow", null, 2, 8), new("aboveBrow", "faceWidth", 0.05, 0.08)] }));

    [Fact]
    public void AColourWithinAForbiddenOne() => Contradiction(Sound with { Forbidden = [new(ForbiddenThing.Colour, "anything pale", Bone with { B = 14 }, 20)] });

    [Fact]
    public void AForbiddenColourBesideTheWantedOnePasses() => CharacterCheck.Check(Sound with { Forbidden = [new(ForbiddenThing.Colour, "pure white", new(100, 0, 0), 4)] });

    [Fact]
    public void ASizeThatItsKindNeverHas() =>
        Assert.Equal(ProblemCode.RuleCannotBe, Assert.Single(Problems(With(p => p with { Sizes = [new("aboveBrow", null, 900, 950)] }))).Code);

    public static TheoryData<string> Nonsense => ["kind", "number", "of", "turned", "nan", "twice", "word", "landmark", "far", "role", "colour", "palette", "free", "forbidden", "zone"];

    [Theory]
    [MemberData(nameof(Nonsense))]
    public void NonsenseIsNamedWithItsPlace(string which)
    {
        var broken = which switch
        {
            "kind" => With(p => p with { Model = p.Model with { Kind = "unheard" } }),
            "number" => With(p => p with { Sizes = [new("unheard", null, 1, 2)] }),
            "of" => With(p => p with { Sizes = [new("aboveBrow", "shoeSize", 1, 2)] }),
            "turned" => With(p => p with { Sizes = [new("aboveBrow", null, 9, 2)] }),
            "nan" => With(p => p with { Sizes = [new("aboveBrow", null, double.NaN, 2)] }),
            "twice" => With(p => p with { Sizes = [new("aboveBrow", null, 1, 2), new("aboveBrow", null, 1, 3)] }),
            "word" => With(p => p with { Words = ["unheard"] }),
            "landmark" => With(p => p with { Place = new("elbow", 0, 0, 5) }),
            "far" => With(p => p with { Place = new("glabella", 0, double.PositiveInfinity, 5) }),
            "role" => With(p => p with { Colours = new Dictionary<string, string> { ["unheard"] = "bone" } }),
            "colour" => With(p => p with { Colours = new Dictionary<string, string> { ["dark"] = "unheard" } }),
            "palette" => Sound with { Palette = [.. Sound.Palette, new("bone", "Again", new(400, 0, 0), 5)] },
            "free" => Sound with { Free = ["unheard"] },
            "forbidden" => Sound with { Forbidden = [new(ForbiddenThing.Colour, "no colour")] },
            _ => Sound with { Forbidden = [new(ForbiddenThing.Zone, "elbow")] },
        };
        var problems = Problems(broken);
        Assert.NotEmpty(problems);
        Assert.All(problems, p => Assert.NotEmpty(p.Field));
        Assert.All(problems, p => Assert.EndsWith(".", p.Sentence, StringComparison.Ordinal));
    }

    [Fact]
    public void WithoutANameItIsRefused() => Assert.Throws<InputException>(() => CharacterCheck.Check(Sound with { Name = " " }));
}
