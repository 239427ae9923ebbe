using System.Text.Json;
using Datura.Core.Days;
using Datura.Core.Days.Live;
using Datura.Documents;

namespace Datura.Core.Tests.Days;

/// <summary>
/// The demo's trial night: two simulated painters, one of them a tenth quicker and the other a quarter slower than planned, before a crowd that
/// comes, waits, does not come when it is called and goes away. What the day tells afterwards is held against what it was made from.
/// DATURA_WRITE=1 plays it anew.
/// </summary>
public class DemoQueueTests
{
    private const string Id = "lantern-walk-trial";

    private static readonly string Events = Path.Combine(Repository.Root, "demo", "queue-events", $"{Id}.json");

    private static readonly BoothDay Day = DocumentTypes.Day.ReadFile(File.ReadAllText(Path.Combine(Repository.Root, "demo", "days", $"{Id}.json")));

    private static readonly Dictionary<string, double> TruePace = new() { ["Wenna"] = 0.9, ["Corin"] = 1.25 };

    // Nobody is given a ticket any more from here on.
    private const double CloseMinute = 990;

    private static readonly string?[] Names = ["Ada", "Bram", null, "Cass", "Dorrit", null, "Eben", "Fern", null, "Gil"];

    private sealed record Guest(string Ticket, double JoinMinute, string Look, string? Name, double LeaveMinute, double Slowness, bool Comes);

    /// <summary>The day played once, minute by minute.</summary>
    private static QueueEvent[] Played(ulong seed)
    {
        var random = new SeededRandom(seed);
        double Exponential(double mean) => -mean * Math.Log(1 - random.Unit());
        string Wish()
        {
            var left = random.Unit() * Day.Menu.Sum(l => l.Wanted);
            return Day.Menu.First(l => (left -= l.Wanted) <= 0).Look;
        }

        var joins = new List<double>();
        for (var minute = (double)Day.FromMinute; minute < CloseMinute; minute += 0.25)
        {
            var perHour = Day.Arrivals.Last(a => a.FromMinute <= minute).PerHour;
            joins.AddRange(Enumerable.Repeat(minute, random.Unit() < perHour / 240 ? 1 : 0));
        }

        joins.AddRange(Day.Bursts.SelectMany(b => Enumerable.Range(0, b.Faces).Select(k => b.AtMinute + 0.5 * k)));
        Guest[] guests = [.. joins.Order().Select((at, k) => new Guest(
            $"trial-{k + 1}", at, Wish(), Names[k % Names.Length], at + 10 + Exponential(3 * Day.PatienceMinutes), Math.Exp(0.2 * RandomPerson.Normal(random)), random.Unit() > 0.06))];
        var events = new List<(double Minute, QueueEvent Event)>();
        void Happens(double minute, QueueEventKind kind, string? ticket = null, string? look = null, string? painter = null, string? name = null, string? id = null) =>
            events.Add((minute, new(id ?? $"trial-e{events.Count}", new DateTimeOffset(Day.On!.Value.ToDateTime(default), TimeSpan.Zero).AddSeconds(Math.Round(60 * minute)), kind, ticket, look, painter, name)));
        foreach (var guest in guests)
        {
            Happens(guest.JoinMinute, QueueEventKind.Joined, look: guest.Look, name: guest.Name, id: guest.Ticket);
        }

        Happens(CloseMinute, QueueEventKind.Closed);
        var free = Day.Painters.ToDictionary(p => p.Name, _ => (double)Day.FromMinute);
        var rests = Day.Painters.ToDictionary(p => p.Name, p => p.Breaks.ToList());
        var line = guests.ToList();
        while (line.Count > 0)
        {
            var painter = free.MinBy(f => f.Value).Key;
            var now = free[painter];
            if (rests[painter].FirstOrDefault(b => b.AtMinute <= now) is { } rest)
            {
                Happens(now, QueueEventKind.PainterAway, painter: painter);
                Happens(now + rest.Minutes, QueueEventKind.PainterBack, painter: painter);
                rests[painter].Remove(rest);
                free[painter] = now + rest.Minutes;
                continue;
            }

            foreach (var gone in line.Where(g => g.LeaveMinute <= now).ToArray())
            {
                Happens(gone.LeaveMinute, QueueEventKind.Left, gone.Ticket);
                line.Remove(gone);
            }

            if (line.FirstOrDefault(g => g.JoinMinute <= now) is not { } next)
            {
                free[painter] = line.Count == 0 ? now : Math.Max(now, line.Min(g => g.JoinMinute)) + 0.1;
                continue;
            }

            line.Remove(next);
            Happens(now, QueueEventKind.Called, next.Ticket, painter: painter);
            if (!next.Comes)
            {
                Happens(now + 3, QueueEventKind.NoShow, next.Ticket);
                free[painter] = now + 3.1;
                continue;
            }

            var minutes = Day.Menu.First(l => l.Look == next.Look).OwnMinutes!.Value * TruePace[painter] * next.Slowness;
            Happens(now + 0.6, QueueEventKind.Began, next.Ticket);
            Happens(now + 0.6 + minutes, QueueEventKind.Done, next.Ticket);
            free[painter] = now + 0.6 + minutes + Day.BetweenMinutes;
        }

        return [.. events.Select((e, k) => (e.Minute, k, e.Event)).OrderBy(e => e.Minute).ThenBy(e => e.k).Select(e => e.Event)];
    }

    private static DayReview Review(IEnumerable<QueueEvent> events) => DayReview.Of(Day, [.. Day.Menu.Select(l => new MenuTime(l.OwnMinutes!.Value, 0.2 * l.OwnMinutes!.Value))], LiveQueue.Of(events));

    [Fact]
    public void TheDemosTrialNightIsWhole()
    {
        if (Environment.GetEnvironmentVariable("DATURA_WRITE") == "1")
        {
            Directory.CreateDirectory(Path.GetDirectoryName(Events)!);
            File.WriteAllText(Events, JsonSerializer.Serialize(Played(7), DaturaJson.Compact) + "\n");
        }

        var events = JsonSerializer.Deserialize<QueueEvent[]>(File.ReadAllText(Events), DaturaJson.Compact)!;
        Assert.Equal(events.Length, events.Select(e => e.Id).Distinct().Count());
        var queue = LiveQueue.Of(events);
        Assert.True(queue.Closed);
        Assert.Empty(queue.Away);
        Assert.All(queue.Tickets, t => Assert.True(t.State is LiveState.Done or LiveState.Left or LiveState.NoShow, $"{t.Id} {t.State}"));
        var review = Review(events);
        Assert.InRange(review.Painted, 20, 45);
        Assert.True(review.NoShows > 0 && review.Left > 0, "A newcomer sees what can happen.");
        Assert.Equal(Day.Menu.Count, review.Looks.Count(l => l.Painted > 0));
    }

    // Over many such nights: eight of ten lie within what is said, as it says.
    [Fact]
    public void WhatANightTeachesOfPaintersIsTrue()
    {
        var (within, all, logs) = (0, 0, TruePace.Keys.ToDictionary(p => p, _ => 0.0));
        const int Nights = 60;
        for (var seed = 0; seed < Nights; seed++)
        {
            foreach (var painter in Review(Played((ulong)(100 + seed))).Painters)
            {
                var truth = 100 * TruePace[painter.Painter];
                logs[painter.Painter] += Math.Log(painter.LearnedPercent / truth) / Nights;
                within += Math.Abs(Math.Log(painter.LearnedPercent / truth)) <= Math.Log(1 + painter.GivePercent / painter.LearnedPercent) ? 1 : 0;
                all++;
            }
        }

        Assert.All(logs.Values, l => Assert.InRange(l, -0.06, 0.06));
        Assert.True(within >= 0.8 * all, $"{within} of {all}");
    }
}
