using Datura.Core.Days.Live;

namespace Datura.Core.Tests.Days;

/// <summary>What a day came to, and what the next one takes from it.</summary>
public class DayReviewTests
{
    private static readonly DateTimeOffset Open = new(2026, 12, 5, 14, 0, 0, TimeSpan.FromHours(1));

    // A day played by hand: every face of one painter takes half as long again.
    private static LiveQueue Played(int faces)
    {
        var events = new List<QueueEvent>();
        for (var k = 0; k < faces; k++)
        {
            events.Add(new($"t{k}", Open.AddMinutes(7 * k), QueueEventKind.Joined, Look: k % 3 == 0 ? "scales" : "whiskers"));
            events.Add(new($"c{k}", Open.AddMinutes(7 * k + 2), QueueEventKind.Called, $"t{k}", Painter: "Bryn"));
            events.Add(new($"b{k}", Open.AddMinutes(7 * k + 3), QueueEventKind.Began, $"t{k}"));
            events.Add(new($"d{k}", Open.AddMinutes(7 * k + 3 + 1.5 * (k % 3 == 0 ? 8 : 4)), QueueEventKind.Done, $"t{k}"));
        }

        return LiveQueue.Of(events);
    }

    [Fact]
    public void ItAddsUp()
    {
        var day = LiveOutlookTests.Booth() with { Menu = [new("whiskers", 30, Price: 3), new("scales", 10, Price: 5)] };
        var review = DayReview.Of(day, LiveOutlookTests.Times, Played(18));
        Assert.Equal((18, 18, 3.0, 3.0), (review.Tickets, review.Painted, review.WaitMinutes, review.LongWaitMinutes));
        Assert.Equal([12, 6], review.Looks.Select(l => l.Painted));
        Assert.Equal(12 * 3 + 6 * 5, review.Takings);
        Assert.Equal([6.0, 12.0], review.Looks.Select(l => Math.Round(l.Minutes!.Value, 6)));
        Assert.Equal(18, review.Arrivals.Sum(a => a.PerHour));
        // Half as long again, most of it believed after eighteen faces; of who painted nothing the booth's pace is all there is.
        Assert.InRange(review.Painters[0].LearnedPercent, 140, 150);
        Assert.True(review.Painters[1].GivePercent > review.Painters[0].GivePercent);
    }

    [Fact]
    public void TheNextDayKnowsBetter()
    {
        var day = LiveOutlookTests.Booth();
        var next = DayReview.Of(day, LiveOutlookTests.Times, Played(18)).Next(day);
        Assert.InRange(next.Painters[0].TimePercent, 140, 150);
        Assert.Equal(100, next.Painters[1].TimePercent);
        Assert.Equal([12.0, 6.0], next.Menu.Select(l => l.Wanted));
        Datura.Core.Days.DayCheck.Check(next);
        // A day on which nobody came teaches nothing.
        var none = DayReview.Of(day, LiveOutlookTests.Times, LiveQueue.Of([]));
        Assert.Equal(day.Arrivals, none.Next(day).Arrivals);
        Assert.Null(none.WaitMinutes);
    }
}
