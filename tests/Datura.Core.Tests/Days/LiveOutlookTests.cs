using Datura.Core.Days;
using Datura.Core.Days.Live;
using MathNet.Numerics.Distributions;

namespace Datura.Core.Tests.Days;

/// <summary>How long a queue will wait, held against closed forms and against days played through by other chances.</summary>
public class LiveOutlookTests
{
    private static readonly DateTimeOffset Now = new(2026, 12, 5, 15, 0, 0, TimeSpan.FromHours(1));

    internal static readonly IReadOnlyList<MenuTime> Times = [new(4, 1), new(8, 2)];

    internal static BoothDay Booth(params string[] painters) => new(
        "Quay stall", "kit", "setting", [new("whiskers", 30), new("scales", 10)], [.. (painters.Length == 0 ? ["Bryn", "Orla"] : painters).Select(p => new BoothPainter(p))], [new(840, 10)]);

    private static LiveTicket Ticket(int number, LiveState state = LiveState.Waiting, string look = "whiskers", double joined = -20, double? began = null, double? ended = null, string? painter = null) =>
        new($"t{number}", number, look, null, state, Now.AddMinutes(joined), began is { } b ? Now.AddMinutes(b - 0.5) : null, began is { } at ? Now.AddMinutes(at) : null, ended is { } e ? Now.AddMinutes(e) : null, painter);

    private static LiveQueue Queue(params LiveTicket[] tickets) => new(tickets, false, []);

    [Fact]
    public void AnEmptyBoothPaintsAtOnce()
    {
        var outlook = LiveOutlook.Of(Booth(), Times, Queue(), Now);
        Assert.Equal(0, outlook.NewWait!.HighMinutes);
        Assert.True(outlook.StillTakes);
        Assert.Equal(1, outlook.InTimeChance);
    }

    // n faces of the same look before one painter: the mean of their sum.
    [Fact]
    public void OnePainterTakesOneAfterTheOther()
    {
        var outlook = LiveOutlook.Of(Booth("Bryn"), [new(4, 0), new(8, 0)], Queue(Ticket(1), Ticket(2), Ticket(3)), Now);
        // Without spread from face to face only the day's own pace is open, about as planned; a minute goes between faces.
        Assert.Equal(0, outlook.Waits["t1"].Minutes);
        Assert.Equal(5, outlook.Waits["t2"].Minutes, 0.25);
        Assert.Equal(10, outlook.Waits["t3"].Minutes, 0.5);
        Assert.Equal(14, outlook.LastDoneMinutes.Minutes, 0.7);
    }

    [Fact]
    public void MorePaintersNeverMakeItLonger()
    {
        var queue = Queue([.. Enumerable.Range(1, 9).Select(n => Ticket(n))]);
        var (one, two, three) = (LiveOutlook.Of(Booth("Bryn"), Times, queue, Now), LiveOutlook.Of(Booth("Bryn", "Orla"), Times, queue, Now), LiveOutlook.Of(Booth("Bryn", "Orla", "Tam"), Times, queue, Now));
        foreach (var id in queue.Tickets.Select(t => t.Id))
        {
            Assert.True(one.Waits[id].Minutes >= two.Waits[id].Minutes && two.Waits[id].Minutes >= three.Waits[id].Minutes);
        }
    }

    // Who waits behind waits longer; a painter on a break paints nobody.
    [Fact]
    public void TheOrderOfTheLineHolds()
    {
        var queue = Queue([.. Enumerable.Range(1, 8).Select(n => Ticket(n, look: n % 3 == 0 ? "scales" : "whiskers"))]);
        var waits = LiveOutlook.Of(Booth(), Times, queue, Now).Waits;
        Assert.All(queue.Tickets.Zip(queue.Tickets.Skip(1)), p => Assert.True(waits[p.First.Id].Minutes <= waits[p.Second.Id].Minutes));
        var half = LiveOutlook.Of(Booth(), Times, queue with { Away = ["Orla"] }, Now).Waits;
        Assert.True(half["t8"].Minutes > 1.5 * waits["t8"].Minutes);
        var none = LiveOutlook.Of(Booth(), Times, queue with { Away = ["Bryn", "Orla"] }, Now);
        Assert.Empty(none.Waits);
        Assert.Null(none.NewWait);
        Assert.False(none.StillTakes);
    }

    // A normal mean with a normal prior, by hand: prior 0 ± 0.25, four faces of log 0.4 ± 0.33 each.
    [Fact]
    public void ThePaceOfADayIsLearnedAsByHand()
    {
        var pace = LivePace.Learned([0.4, 0.4, 0.4, 0.4], 0.25);
        double prior = 1 / (0.25 * 0.25), each = 1 / (0.33 * 0.33);
        Assert.Equal(4 * each * 0.4 / (prior + 4 * each), pace.Log, 9);
        Assert.Equal(1 / (prior + 4 * each), pace.Variance, 9);
        Assert.Equal(0, LivePace.Learned([], 0.25).Log);
    }

    [Fact]
    public void ASlowDayMakesTheRestLonger()
    {
        LiveTicket[] done = [.. Enumerable.Range(1, 12).Select(n => Ticket(n, LiveState.Done, joined: -100, began: -90 + 6 * n, ended: -90 + 6 * n + 6, painter: n % 2 == 0 ? "Bryn" : "Orla"))];
        LiveTicket[] waiting = [.. Enumerable.Range(13, 6).Select(n => Ticket(n))];
        var (fresh, learned) = (LiveOutlook.Of(Booth(), Times, Queue(waiting), Now), LiveOutlook.Of(Booth(), Times, Queue([.. done, .. waiting]), Now));
        // Half as long again as planned; most of it is believed after twelve faces.
        Assert.InRange(learned.Paces["Bryn"].Factor, 1.35, 1.5);
        Assert.InRange(learned.Waits["t18"].Minutes / fresh.Waits["t18"].Minutes, 1.2, 1.5);
    }

    // Of days that are quicker or slower than planned as the estimate believes, eight of ten waits lie within what was said; played by another simulation.
    [Fact]
    public void EightOfTenWaitsLieWithinWhatWasSaid()
    {
        var (within, all) = (0, 0);
        var booth = Booth();
        for (var seed = 0; seed < 150; seed++)
        {
            var random = new SeededRandom((ulong)(7_000 + seed));
            double Normal01() => Normal.InvCDF(0, 1, Math.Clamp(random.Unit(), 1e-9, 1 - 1e-9));
            var pace = Math.Exp(0.25 * Normal01());
            var own = booth.Painters.ToDictionary(p => p.Name, _ => pace * Math.Exp(0.2 * Normal01()));
            double Face() => 4 * Math.Exp(0.246 * Normal01() - 0.03);
            var done = new List<LiveTicket>();
            foreach (var painter in booth.Painters)
            {
                for (var (k, at) = (0, -70.0); k < 6; k++)
                {
                    var minutes = own[painter.Name] * Face();
                    done.Add(Ticket(100 + done.Count, LiveState.Done, joined: -90, began: at, ended: at + minutes, painter: painter.Name));
                    at += minutes + 1;
                }
            }

            LiveTicket[] waiting = [.. Enumerable.Range(1, 8).Select(n => Ticket(n))];
            var said = LiveOutlook.Of(booth, Times, Queue([.. done, .. waiting]), Now, seed).Waits;
            var free = booth.Painters.ToDictionary(p => p.Name, _ => 0.0);
            foreach (var ticket in waiting)
            {
                var next = free.MinBy(f => f.Value).Key;
                var wait = free[next];
                free[next] += own[next] * Face() + booth.BetweenMinutes;
                if (ticket.Number > 2)
                {
                    all++;
                    within += wait >= said[ticket.Id].LowMinutes && wait <= said[ticket.Id].HighMinutes ? 1 : 0;
                }
            }
        }

        Assert.InRange((double)within / all, 0.72, 0.9);
    }

    // A face that goes on and on is not done at once.
    [Fact]
    public void WhoSitsForLongIsAlmostDone()
    {
        double Next(double began) => LiveOutlook.Of(Booth("Bryn"), Times, Queue(Ticket(1, LiveState.InChair, began: began, painter: "Bryn"), Ticket(2)), Now).Waits["t2"].Minutes;
        Assert.True(Next(-0.1) > Next(-2) && Next(-2) > Next(-4));
        Assert.InRange(Next(-0.1), 4, 6);
        Assert.True(Next(-30) > 0);
    }

    [Fact]
    public void LateInTheDayNoMoreIsTaken()
    {
        var queue = Queue([.. Enumerable.Range(1, 6).Select(n => Ticket(n))]);
        var late = LiveOutlook.Of(Booth() with { UntilMinute = 15 * 60 + 14 }, Times, queue, Now);
        Assert.False(late.StillTakes);
        Assert.InRange(late.InTimeChance!.Value, 0.05, 0.95);
        Assert.True(LiveOutlook.Of(Booth() with { UntilMinute = 16 * 60 }, Times, queue, Now).StillTakes);
    }
}
