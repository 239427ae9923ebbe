using Datura.Core.Days;

namespace Datura.Core.Tests.Days;

/// <summary>Simulated days against the closed forms of queues, and by the laws that every day keeps.</summary>
public class DaySimulationTests
{
    private const double Hour = 60;

    // A day of 24 hours is long enough to forget how it began.
    private static BoothDay Steady(double perHour, int painters) => new(
        "Steady", "kit", "setting", [new("a")], [.. Enumerable.Range(0, painters).Select(k => new BoothPainter($"{k}"))], [new(0, perHour)])
    {
        FromMinute = 0,
        UntilMinute = BoothDay.MinutesOfDay,
        PatienceMinutes = 600_000,
        BetweenMinutes = 0,
    };

    private static (double Mean, double Sd) Waits(BoothDay day, MenuTime time, int days)
    {
        var means = new double[days];
        Parallel.For(0, days, n =>
        {
            var guests = DayArrivals.Of(day, [time], SeededRandom.For(5, $"{n}"));
            means[n] = DaySimulation.Of(day, [time], guests).Where(s => s.Guest.At > 6 * Hour).Average(s => s.WaitMinutes);
        });
        var mean = means.Average();
        return (mean, Math.Sqrt(means.Sum(m => (m - mean) * (m - mean)) / (days - 1) / days));
    }

    // λ·E[S²]/2(1 − ρ), whatever the shape of a face's minutes.
    [Theory]
    [InlineData(10, 0.0)]
    [InlineData(10, 0.5)]
    [InlineData(12, 0.3)]
    [InlineData(9, 1.0)]
    public void OnePainterWaitsAsPollaczekAndKhinchineSay(double perHour, double variation)
    {
        const double minutes = 4;
        var (mean, sd) = Waits(Steady(perHour, 1), new(minutes, variation * minutes), 1200);
        var wanted = perHour / Hour * minutes * minutes * (1 + variation * variation) / 2 / (1 - perHour / Hour * minutes);
        Assert.InRange(mean, wanted - 4 * sd, wanted + 4 * sd);
        Assert.InRange(sd, 0, 0.1 * wanted);
    }

    // Of several painters the corrected form is within a tenth or so for faces like ours.
    [Theory]
    [InlineData(26, 2)]
    [InlineData(40, 3)]
    [InlineData(54, 4)]
    public void SeveralPaintersWaitAboutAsAllenAndCunneenSay(double perHour, int painters)
    {
        var (mean, _) = Waits(Steady(perHour, painters), new(4, 1.6), 600);
        var said = SteadyQueue.Of(perHour, painters, 4, 0.4).MeanWaitMinutes!.Value;
        Assert.InRange(mean, 0.88 * said, 1.12 * said);
    }

    [Fact]
    public void ArrivalsComeAtTheirRate()
    {
        var day = Steady(0, 1) with { Arrivals = [new(0, 4), new(600, 20), new(660, 0)], Bursts = [new(900, 30)] };
        var counts = Enumerable.Range(0, 2000).Select(n => DayArrivals.Of(day, [new(3, 1)], SeededRandom.For(2, $"{n}")).Count).ToArray();
        // 4 an hour for ten hours, 20 for one, and 30 at once; Poisson spreads by its root.
        Assert.InRange(counts.Average(), 90 - 4 * Math.Sqrt(60 / 2000.0), 90 + 4 * Math.Sqrt(60 / 2000.0));
        var variance = counts.Average(c => (c - 90.0) * (c - 90));
        Assert.InRange(variance, 60 * 0.85, 60 * 1.15);
    }

    /// <summary>Any day that can be written down.</summary>
    private static (BoothDay Day, MenuTime[] Times) Any(SeededRandom random)
    {
        int Up(int most) => (int)(random.Unit() * (most + 1));
        var looks = Up(6);
        var from = Up(1200);
        var day = new BoothDay(
            "Any", "kit", "setting", [.. Enumerable.Range(0, looks).Select(k => new MenuLine($"{k}", Up(5), random.Unit() < 0.7, null, random.Unit() < 0.5 ? Up(20) : null))],
            [.. Enumerable.Range(0, Up(4)).Select(k => new BoothPainter($"{k}", 60 + Up(200), random.Unit() < 0.3 ? Up(1440) : null, random.Unit() < 0.3 ? Up(1440) : null)
            {
                Breaks = [.. Enumerable.Range(0, Up(2)).Select(_ => new BoothBreak(Up(1440), 1 + Up(60)))],
            })],
            [.. Enumerable.Range(0, Up(4)).Select(_ => new ArrivalRate(Up(1440), random.Unit() < 0.1 ? 1000 : Up(60)))])
        {
            FromMinute = from,
            UntilMinute = Math.Min(1440, from + Up(600)),
            Bursts = [.. Enumerable.Range(0, Up(2)).Select(_ => new ArrivalBurst(Up(1440), 1 + Up(60)))],
            PatienceMinutes = 1 + Up(90),
            TakesOther = random.Unit(),
            BetweenMinutes = Up(5),
        };
        return (day, [.. Enumerable.Range(0, looks).Select(_ => new MenuTime(1 + 12 * random.Unit(), 3 * random.Unit()))]);
    }

    [Fact]
    public void NobodyIsLostAndNobodyIsPaintedTwiceAtOnce()
    {
        for (var seed = 0; seed < 400; seed++)
        {
            var random = SeededRandom.For(seed, "any day");
            var (day, times) = Any(random);
            var guests = DayArrivals.Of(day, times, random);
            var closes = day.FromMinute + random.Unit() * 600;
            var stays = DaySimulation.Of(day, times, guests, closes);
            Assert.Equal(guests.Count, stays.Count);
            foreach (var (stay, k) in stays.Select((s, k) => (s, k)))
            {
                Assert.Equal(guests[k], stay.Guest);
                Assert.Equal(stay.Fate == QueueFate.Painted, stay.Painter >= 0 && double.IsFinite(stay.DoneAt));
                Assert.Equal(stay.Fate == QueueFate.WantedOther, stay.Guest.Look < 0);
                Assert.True(stay.Fate is not QueueFate.TurnedAway || stay.Guest.At > closes);
                Assert.True(stay.Fate is QueueFate.TurnedAway or QueueFate.WantedOther || stay.Guest.At <= closes);
                Assert.InRange(stay.WaitMinutes, 0, stay.Guest.Patience);
            }

            foreach (var hers in stays.Where(s => s.Painter >= 0).GroupBy(s => s.Painter))
            {
                var painter = day.Painters[hers.Key];
                var faces = hers.Select(s => (From: s.Guest.At + s.WaitMinutes, s.DoneAt)).OrderBy(f => f.From).ToArray();
                Assert.True(faces[0].From >= (painter.FromMinute ?? 0));
                Assert.All(faces, f => Assert.True(f.From <= (painter.UntilMinute ?? double.PositiveInfinity)));
                Assert.All(faces.Zip(faces.Skip(1)), p => Assert.True(p.Second.From >= p.First.DoneAt + day.BetweenMinutes - 1e-9));
            }
        }
    }

    // First come, first begun.
    [Fact]
    public void NobodyBeginsBeforeWhoCameEarlier()
    {
        for (var seed = 0; seed < 200; seed++)
        {
            var random = SeededRandom.For(seed, "fair");
            var (day, times) = Any(random);
            var begun = DaySimulation.Of(day, times, DayArrivals.Of(day, times, random)).Where(s => s.Fate == QueueFate.Painted).Select(s => s.Guest.At + s.WaitMinutes).ToArray();
            // But for one whose face no painter may begin any more.
            if (day.Painters.All(p => p.UntilMinute is null))
            {
                Assert.All(begun.Zip(begun.Skip(1)), p => Assert.True(p.Second >= p.First - 1e-9));
            }
        }
    }

    [Fact]
    public void OneMorePainterMakesNobodyWaitLonger()
    {
        for (var seed = 0; seed < 100; seed++)
        {
            var random = SeededRandom.For(seed, "one more");
            var (day, times) = Any(random);
            day = day with { PatienceMinutes = 600_000, Painters = [.. day.Painters.Select(p => p with { TimePercent = 100, FromMinute = null, UntilMinute = null, Breaks = [] })] };
            if (day.Painters.Count == 0)
            {
                continue;
            }

            var guests = DayArrivals.Of(day, times, random);
            var (now, then) = (DaySimulation.Of(day, times, guests), DaySimulation.Of(day with { Painters = [.. day.Painters, new("more")] }, times, guests));
            Assert.All(now.Zip(then), p => Assert.True(p.Second.WaitMinutes <= p.First.WaitMinutes + 1e-9));
        }
    }

    [Fact]
    public void EveryDayThatCanBeWrittenDownHasAForecast()
    {
        for (var seed = 0; seed < 150; seed++)
        {
            var (day, times) = Any(SeededRandom.For(seed, "forecast"));
            var found = DayForecast.Of(day, times, 40);
            Assert.Equal(found.Come, found.Painted + found.Leave + found.TurnedAway + found.WantedOther, 1e-6);
            Assert.Equal(found.Painted, found.OfLook.Sum(), 1e-6);
            Assert.InRange(found.ClosesAt, day.FromMinute, Math.Max(day.FromMinute, day.UntilMinute));
            Assert.True(found.FewPainted <= found.ManyPainted);
            Assert.Equal(found.Come, found.Hours.Sum(h => h.Come), 1e-6);
            Assert.True(found.LongWaitMinutes is null || found.LongWaitMinutes >= found.WaitMinutes);
        }
    }

    // A thousand an hour from midnight to midnight, on the longest menu, before the largest crew.
    [Fact]
    public void TheLargestDayThereCanBeIsAnswered()
    {
        var day = Steady(1000, BoothDay.MostPainters) with
        {
            Menu = [.. Enumerable.Range(0, BoothDay.MostLooks).Select(k => new MenuLine($"{k}"))],
            Bursts = [.. Enumerable.Range(0, BoothDay.MostBursts).Select(k => new ArrivalBurst(30 * k, 200))],
            PatienceMinutes = 30,
        };
        MenuTime[] times = [.. day.Menu.Select((_, k) => new MenuTime(3 + k, 1))];
        var found = DayForecast.Of(day, times);
        Assert.InRange(found.Come, 31_000, 33_000);
        Assert.True(found.Leave > found.Painted);
        Assert.NotEmpty(MenuChoices.Of(day, times, found.ClosesAt));
    }

    // Closed when it says, nine days of ten are done in time; a quarter of an hour later they are not as sure.
    [Fact]
    public void TheQueueClosesSoThatTheLastFaceIsDoneInTime()
    {
        var day = new BoothDay("Fair", "kit", "setting", [new("a", 3), new("b", 1)], [new("one"), new("two", 120)], [new(840, 24)]) { PatienceMinutes = 40 };
        MenuTime[] times = [new(4, 1.2), new(7, 2)];
        var closes = DayForecast.Of(day, times).ClosesAt;
        double InTime(double at) => Enumerable.Range(0, 600).Average(n =>
            DaySimulation.Of(day, times, DayArrivals.Of(day, times, SeededRandom.For(77, $"{n}")), at).Where(s => s.Fate == QueueFate.Painted).All(s => s.DoneAt <= day.UntilMinute) ? 1.0 : 0);
        Assert.InRange(closes, day.FromMinute + 30, day.UntilMinute - 1);
        Assert.InRange(InTime(closes), 0.86, 1);
        Assert.True(InTime(closes + 15) < InTime(closes));
    }
}
