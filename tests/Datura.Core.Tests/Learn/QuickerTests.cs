using Datura.Core.Learn;

namespace Datura.Core.Tests.Learn;

/// <summary>What would make a look quicker: every idea holds when it is planned, and the best for what it loses comes first.</summary>
public class QuickerTests
{
    private static readonly IReadOnlyList<QuickerIdea> Ideas =
        Quicker.Of(DemoWorld.Look("barnacle-saint"), DemoWorld.Body, DemoWorld.Faces[0], DemoWorld.Kit, DemoWorld.Parade, []);

    [Fact]
    public void IdeasAreRankedBySecondsForWhatThePictureLoses()
    {
        Assert.NotEmpty(Ideas);
        Assert.All(Ideas.Zip(Ideas.Skip(1)), i => Assert.True(i.First.SecondsPerDeltaE >= i.Second.SecondsPerDeltaE - 1e-9));
        Assert.All(Ideas, i => Assert.True(i.SavedSeconds > 0 && i.LostDeltaE >= 0));
        Assert.Equal(Ideas.Count, Ideas.DistinctBy(i => (i.Kind, i.What)).Count());
    }

    // An order and a palette made before cost the picture nothing; a coat that is left out does.
    [Fact]
    public void OnlyWhatChangesThePictureCostsIt()
    {
        Assert.All(Ideas.Where(i => i.Kind is QuickerKind.OtherOrder or QuickerKind.PreparedPalette), i => Assert.Equal(0, i.LostDeltaE));
        Assert.All(Ideas.Where(i => i.Kind == QuickerKind.WithoutCoat), i => Assert.True(i.LostDeltaE > 0));
        Assert.Contains(Ideas, i => i.Kind == QuickerKind.WithoutCoat);
    }

    // Those that cost most over plan come first, in the mean of the sessions.
    [Fact]
    public void StepsAreToldByWhatTheyCostOverPlan()
    {
        var at = new DateTimeOffset(2026, 10, 2, 17, 0, 0, TimeSpan.Zero);
        ChairStep[] steps = [new("base", "Base", 1, "sponge dab", 60, 0, 0), new("line", "Line", 1, "round3 stroke", 40, 0, 0)];
        var painting = new Painting("A", "look", null, null, new(2026, 10, 2)) { Steps = steps };
        IReadOnlyList<ChairEvent> Events(double baseSeconds, double lineSeconds) =>
        [
            new("a1", "a", 1, at, ChairEventKind.Begun), new("a2", "a", 2, at.AddSeconds(baseSeconds), ChairEventKind.StepDone, "base"),
            new("a3", "a", 3, at.AddSeconds(baseSeconds + lineSeconds), ChairEventKind.StepDone, "line"),
        ];
        var costly = CostlyStep.Of([(painting, Events(70, 90)), (painting, Events(50, 110))]);
        Assert.Equal(["line", "base"], costly.Select(c => c.Key));
        Assert.Equal((60, 100, 2), (costly[0].OverSeconds, costly[0].TakenSeconds, costly[0].Count));
        Assert.Equal(0, costly[1].OverSeconds, 9);
    }
}
