using Datura.Core.Drills;
using Datura.Core.Learn;
using Datura.Documents;

namespace Datura.Core.Tests.Drills;

/// <summary>
/// The demo's month of practice: two exercises an evening, those that are due or worth most, by a simulated hand that gets steadier by a known law.
/// DATURA_WRITE=1 practises anew.
/// </summary>
public class DemoDrillsTests
{
    private const int Evenings = 30;
    private const int EachEvening = 2;

    // She strays so far at first, and so much less with every doubling of tries.
    private const double FirstOffMm = 1.9;
    private const double Steadier = 0.32;

    private static readonly DateOnly First = new(2026, 10, 29);
    private static readonly string File = Path.Combine(Repository.Root, "demo", "drills", "wenna.json");
    private static readonly DrillKind[] Practised = [DrillKind.ThickToThin, DrillKind.SymmetricPair, DrillKind.EqualDrops, DrillKind.EvenSponge];

    private static DrillBook Month()
    {
        var (tries, random, book) = (new List<DrillTry>(), new Random(21), new DrillBook("Wenna", []));
        for (var evening = 0; evening < Evenings; evening++)
        {
            var today = First.AddDays(evening);
            // Most faded first; on Mondays she rests.
            var due = Practised.Select(k => (Kind: k, State: DrillState.Of([.. tries.Where(t => t.Exercise == DrillKinds.Code(k))], today)))
                .Where(e => e.State is null || e.State.Due <= today).OrderBy(e => e.State?.Kept ?? 0).Take(EachEvening);
            foreach (var (kind, _) in today.DayOfWeek == DayOfWeek.Monday ? [] : due)
            {
                var nth = 1 + tries.Count(t => t.Exercise == DrillKinds.Code(kind));
                tries.Add(Try(kind, nth, today, nth % 3 == 0 ? DrillGround.Hand : DrillGround.Card, random));
            }
        }

        return book with { Tries = tries };
    }

    private static DrillTry Try(DrillKind kind, int nth, DateOnly on, DrillGround ground, Random random)
    {
        var lay = DrillLay.Of(DrillFigure.Of(kind), GroundSurface.Of(ground, new()));
        var hand = new SimulatedHand(FirstOffMm * Math.Pow(nth, -Steadier) * Math.Exp(0.12 * (random.NextDouble() - 0.5)), 22 * Math.Pow(nth, -Steadier));
        var score = lay.Score(new(hand.Paints(lay.Strokes, random), 100 - 6 * random.NextDouble(), kind == DrillKind.EvenSponge ? 20 * Math.Pow(nth, -0.2) : null))!;
        double Two(double value) => Math.Round(value, 2);
        return new(on, DrillKinds.Code(kind), ground, Two(score.PlaceMm), Two(score.ShapeMm), Two(score.WidthPercent), Two(score.UnevenPercent), score.SymmetryMm is { } s ? Two(s) : null,
            Two(score.CoveredPercent), score.TonePercent is { } tone ? Two(tone) : null, 0, Math.Round(150 * Math.Pow(nth, -0.1) * (0.9 + 0.2 * random.NextDouble())));
    }

    [Fact]
    public void TheMonthOfTheDemoShowsHowSheGetsSteadier()
    {
        if (Environment.GetEnvironmentVariable("DATURA_WRITE") == "1")
        {
            Directory.CreateDirectory(Path.GetDirectoryName(File)!);
            System.IO.File.WriteAllText(File, DocumentTypes.Drills.WriteFile(Month()));
        }

        var book = DocumentTypes.Drills.ReadFile(System.IO.File.ReadAllText(File));
        DrillBookCheck.Check(book);
        Assert.Equal("Wenna", book.Name);
        foreach (var kind in Practised)
        {
            var tries = book.Tries.Where(t => t.Exercise == DrillKinds.Code(kind)).OrderBy(t => t.On).ToArray();
            Assert.True(tries.Length >= PracticeLaw.LeastSessions, $"{kind}: {tries.Length}");
            // None came before it was due, by the rule of spacing.
            for (var k = 1; k < tries.Length; k++)
            {
                Assert.True(DrillState.Of(tries[..k], tries[k].On)!.Due <= tries[k].On, $"{kind} {tries[k].On}");
            }
        }

        var law = PracticeLaw.Of([.. book.Tries.Where(t => t.Exercise == "thickToThin").OrderBy(t => t.On).Select(t => t.ShapeMm)])!;
        Assert.True(law.Improves);
        Assert.Equal(Steadier, law.Exponent, 0.25);
    }
}
