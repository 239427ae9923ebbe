using Datura.Core.Calls;

namespace Datura.Core.Tests.Calls;

/// <summary>Patch tests of a production: laid two days before the first evening, of whoever wears the paint (common practice).</summary>
public class PatchNoteTests
{
    private static readonly DateOnly First = new(2026, 12, 10);

    private static Production Of(params CallWearer[] wearers) => new("Run", "kit", "setting", wearers, [new("Wenna")], [new(First.AddDays(1), 1170, 840), new(First, 1170, 840)]);

    private static CallWearer Wearer(string name, int? daysBefore) => new(name, "look") { PatchOn = daysBefore is { } days ? First.AddDays(-days) : null };

    [Fact]
    public void WhoIsNotTestedInTimeIsTold() =>
        Assert.Equal([new PatchNote("Late", First.AddDays(-2), true), new("Nobody asked", First.AddDays(-2), false)], PatchNote.All(Of(Wearer("Nobody asked", null), Wearer("Late", 1), Wearer("In time", 2), Wearer("Long ago", 40))));

    [Fact]
    public void AnUnderstudyIsTestedForTheEveningOfTheirOwn()
    {
        var run = Of(Wearer("Merrin", 5));
        run = run with { Performances = [run.Performances[1], run.Performances[0] with { Understudies = [new("Merrin", "Lowenna")] }] };
        Assert.Equal([new PatchNote("Lowenna", First.AddDays(-1), false)], PatchNote.All(run));
        // Nobody is tested who never sits down.
        Assert.Empty(PatchNote.All(Of(Wearer("Merrin", null)) with { Performances = [] }));
    }
}
