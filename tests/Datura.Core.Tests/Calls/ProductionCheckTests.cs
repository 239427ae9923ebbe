using Datura.Core.Calls;

namespace Datura.Core.Tests.Calls;

/// <summary>A production that cannot be is refused in a sentence; whatever is let through can be planned.</summary>
public class ProductionCheckTests
{
    private static readonly Production Run = new(
        "Run", "kit", "setting", [new("Odalys", "keeper"), new("Bartram", "diver", Painter: "Corin")], [new("Wenna"), new("Corin")], [new(new(2026, 12, 10))]);

    public static TheoryData<string, Production> Nonsense => new()
    {
        { "a name", Run with { Name = "" } },
        { "a kit", Run with { Kit = " " } },
        { "two of one name", Run with { Wearers = [new("Odalys", "keeper"), new("Odalys", "diver")] } },
        { "no look", Run with { Wearers = [new("Odalys", "")] } },
        { "minutes", Run with { Wearers = [new("Odalys", "keeper", OwnMinutes: double.NaN)] } },
        { "a pace", Run with { Painters = [new("Wenna", 5)] } },
        { "a bell before the house", Run with { Performances = [new(new(2026, 12, 10), 600, 700)] } },
        { "two evenings of a day", Run with { Performances = [new(new(2026, 12, 10)), new(new(2026, 12, 10), 900)] } },
        { "a day long ago", Run with { Performances = [new(default)] } },
        { "no chair", Run with { Chairs = 0 } },
        { "a chance", Run with { ReadyChance = 1 } },
        { "nothing at all", Run with { Painters = [null!] } },
    };

    [Theory]
    [MemberData(nameof(Nonsense))]
    public void NonsenseIsRefused(string what, Production production)
    {
        var refusal = Assert.Throws<InputException>(() => ProductionCheck.Check(production));
        Assert.EndsWith(".", refusal.Message, StringComparison.Ordinal);
        Assert.NotEmpty(what);
    }

    [Fact]
    public void WhoIsAwayLateOrElsewhereIsTakenIntoAccount()
    {
        ProductionCheck.Check(Run);
        var evening = Run.Performances[0] with { Away = ["Corin"], Late = [new("Wenna", 1000)] };
        var busy = Run with { Painters = [Run.Painters[0] with { Busy = [new(evening.On, 1030, 1040), new(evening.On.AddDays(1), 0, 1440)] }, Run.Painters[1]] };
        var problem = CallProblem.Of(busy, evening, [(30, 3), (40, 4)]);
        Assert.Equal(["Wenna"], problem.Hands.Select(h => h.Name));
        Assert.Equal((1000, 1), (problem.Hands[0].FromMinute, problem.Hands[0].Busy.Count));
        // The wish for who is away is no wish.
        Assert.Equal([-1, -1], problem.Tasks.Select(t => t.Wished));
        Assert.All(problem.Tasks, t => Assert.Equal(15, t.AfterMinutes));
        // Who paints only some looks paints no others.
        var choosy = Run with { Painters = [new("Wenna") { Looks = ["keeper"] }, new("Corin")] };
        Assert.Equal([2, 1], CallProblem.Of(choosy, Run.Performances[0], [(30, 3), (40, 4)]).Tasks.Select(t => t.Able.Count));
    }
}
