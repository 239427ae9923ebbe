using Datura.Core.Days.Live;

namespace Datura.Core.Tests.Days;

/// <summary>What a queue's events come to, whatever reaches the service in whatever order.</summary>
public class LiveQueueTests
{
    private static readonly DateTimeOffset Open = new(2026, 12, 5, 14, 0, 0, TimeSpan.FromHours(1));

    private static QueueEvent Event(QueueEventKind kind, double minute, string? ticket = null, string? painter = null, string? look = null, string? id = null) =>
        new(id ?? $"{kind} {minute} {ticket} {painter}", Open.AddMinutes(minute), kind, ticket, look, painter);

    private static QueueEvent Joins(string id, double minute) => Event(QueueEventKind.Joined, minute, look: "whiskers", id: id);

    [Fact]
    public void ATicketGoesFromTheLineThroughTheChair()
    {
        var queue = LiveQueue.Of([Joins("a", 0), Joins("b", 1), Event(QueueEventKind.Called, 2, "a", "Bryn"), Event(QueueEventKind.Began, 3, "a"), Event(QueueEventKind.Done, 8, "a")]);
        Assert.Equal(["a", "b"], queue.Tickets.Select(t => t.Id));
        Assert.Equal([1, 2], queue.Tickets.Select(t => t.Number));
        Assert.Equal((LiveState.Done, 5.0, 3.0), (queue.Tickets[0].State, queue.Tickets[0].PaintedMinutes, queue.Tickets[0].WaitedMinutes));
        Assert.Equal(["b"], queue.Waiting.Select(t => t.Id));
        Assert.Null(queue.With("Bryn"));
    }

    // Two tablets, one tap each within a second: one of them has the ticket.
    [Fact]
    public void ATicketIsCalledOnceAndAChairHoldsOne()
    {
        var queue = LiveQueue.Of([Joins("a", 0), Joins("b", 0), Event(QueueEventKind.Called, 1, "a", "Bryn"), Event(QueueEventKind.Called, 1, "a", "Orla"), Event(QueueEventKind.Called, 1.1, "b", "Bryn")]);
        Assert.Equal("a", queue.With("Bryn")!.Id);
        Assert.Null(queue.With("Orla"));
        Assert.Equal(LiveState.Waiting, queue.Tickets[1].State);
    }

    [Fact]
    public void WhoDidNotComeMayComeBackToTheOldPlace()
    {
        QueueEvent[] events = [Joins("a", 0), Joins("b", 0), Event(QueueEventKind.Called, 1, "a", "Bryn"), Event(QueueEventKind.NoShow, 4, "a")];
        Assert.Equal(["b"], LiveQueue.Of(events).Waiting.Select(t => t.Id));
        Assert.Equal(["a", "b"], LiveQueue.Of([.. events, Event(QueueEventKind.Back, 9, "a")]).Waiting.Select(t => t.Id));
    }

    // Any events in any order: every chair holds one at the most, numbers run from 1, nothing is counted twice, and events sent twice change nothing.
    [Fact]
    public void WhateverHappensTheQueueHolds()
    {
        for (var seed = 0; seed < 400; seed++)
        {
            var random = new SeededRandom((ulong)seed);
            T Any<T>(params T[] of) => of[(int)(random.Unit() * of.Length)];
            var events = Enumerable.Range(0, 120).Select(n => random.Unit() < 0.3
                ? Joins($"t{n}", n)
                : Event(Any(Enum.GetValues<QueueEventKind>()), n, Any($"t{(int)(random.Unit() * n)}", null), Any("Bryn", "Orla", null), Any("whiskers", null), $"e{n}")).ToList();
            var queue = LiveQueue.Of(events);
            Assert.Equal(Enumerable.Range(1, queue.Tickets.Count), queue.Tickets.Select(t => t.Number));
            Assert.All(queue.Tickets.Where(t => t.State is LiveState.Called or LiveState.InChair).GroupBy(t => t.Painter), g => Assert.Single(g));
            Assert.All(queue.Tickets, t => Assert.True(t.State is LiveState.Waiting or LiveState.Left || t.Painter is not null));
            Assert.All(queue.Tickets, t => Assert.Equal(t.State is LiveState.Done or LiveState.NoShow or LiveState.Left, t.EndedAt is not null));
            var outlook = LiveOutlook.Of(LiveOutlookTests.Booth(), LiveOutlookTests.Times, queue, Open.AddMinutes(120));
            Assert.All(outlook.Waits.Values, w => Assert.True(0 <= w.LowMinutes && w.LowMinutes <= w.Minutes && w.Minutes <= w.HighMinutes && double.IsFinite(w.HighMinutes)));
        }
    }

    [Theory]
    [InlineData("", QueueEventKind.Done)]
    [InlineData("a", QueueEventKind.Joined)]
    [InlineData("a", (QueueEventKind)99)]
    public void NonsenseIsRefusedInWords(string id, QueueEventKind kind)
    {
        var refusal = Assert.Throws<InputException>(() => LiveCheck.Check([new(id, Open, kind)]));
        Assert.EndsWith(".", refusal.Message, StringComparison.Ordinal);
    }
}
