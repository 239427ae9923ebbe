using Datura.Core.Days;

namespace Datura.Core.Tests.Days;

public class MenuChoicesTests
{
    private static (BoothDay Day, MenuTime[] Times) Any(int seed, int most)
    {
        var random = SeededRandom.For(seed, "menu");
        var looks = 1 + (int)(most * random.Unit());
        var day = new BoothDay(
            "Any", "kit", "setting", [.. Enumerable.Range(0, looks).Select(k => new MenuLine($"{k}", Math.Floor(6 * random.Unit())))], [new("one"), new("two", 130)], [new(840, 10 + 20 * random.Unit())])
        {
            TakesOther = random.Unit(),
            BetweenMinutes = 2 * random.Unit(),
        };
        return (day, [.. Enumerable.Range(0, looks).Select(_ => new MenuTime(2 + 12 * random.Unit(), 1))]);
    }

    // Every other menu, with the same people: none paints more and meets more wishes.
    [Fact]
    public void NoOtherMenuIsBetterInBoth()
    {
        for (var seed = 0; seed < 12; seed++)
        {
            var (day, times) = Any(seed, 5);
            const double closes = 1000;
            var best = MenuChoices.Of(day, times, closes);
            for (var set = 1; set < 1 << day.Menu.Count; set++)
            {
                var other = MenuChoices.Offered(day, set);
                var stays = Enumerable.Range(0, 120).SelectMany(n => DaySimulation.Of(other, times, DayArrivals.Of(other, times, SeededRandom.For(1, $"day {n}")), closes))
                    .Where(s => s.Fate == QueueFate.Painted).ToArray();
                Assert.True(day.Menu.All(l => l.Wanted == 0) || best.Any(b => b.Painted >= stays.Length / 120.0 - 1e-9 && b.AsWished >= stays.Count(s => s.Guest.Look == s.Guest.Wished) / 120.0 - 1e-9), $"{seed} {set}");
            }

            Assert.All(best.Zip(best.Skip(1)), p => Assert.True(p.Second.AsWished > p.First.AsWished && p.Second.Painted <= p.First.Painted));
        }
    }

    [Fact]
    public void LongMenusAreAnsweredToo()
    {
        var day = new BoothDay("Long", "kit", "setting", [.. Enumerable.Range(0, BoothDay.MostLooks).Select(k => new MenuLine($"{k}", 1 + k))], [new("one")], [new(840, 40)]);
        var best = MenuChoices.Of(day, [.. day.Menu.Select((_, k) => new MenuTime(3 + k, 1))], 1000);
        Assert.NotEmpty(best);
        Assert.All(best, b => Assert.InRange(b.AsWished, 0, b.Painted));
    }

    // Who is on another menu's day is the same person with the same patience.
    [Fact]
    public void AnotherMenuIsMetByTheSamePeople()
    {
        var (day, times) = Any(4, 5);
        var (all, one) = (MenuChoices.Offered(day, (1 << day.Menu.Count) - 1), MenuChoices.Offered(day, 1));
        IReadOnlyList<QueueGuest> Come(BoothDay of) => DayArrivals.Of(of, times, SeededRandom.For(9, "same"));
        Assert.All(Come(all).Zip(Come(one)), p => Assert.Equal((p.First.At, p.First.Wished, p.First.Patience), (p.Second.At, p.Second.Wished, p.Second.Patience)));
    }
}
