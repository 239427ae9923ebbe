using Datura.Core.Chair;

namespace Datura.Core.Tests.Chair;

/// <summary>A session is its events: none is lost or doubled on any way, every device's order holds, and the clock adds up.</summary>
public class ChairTests
{
    private static readonly DateTimeOffset Five = new(2026, 10, 31, 17, 0, 0, TimeSpan.Zero);

    private static readonly ChairStep[] Planned =
    [
        Step("base", 60), Step("sockets", 40, waits: 20), Step("teeth", 90), Step("scrolls", 30), Step("dots", 20),
    ];

    private static ChairStep Step(string key, double seconds, int painter = 1, double waits = 0) => new(key, key, painter, "round5 stroke", seconds, waits, 30) { Parts = [key] };

    private static ChairEvent At(double second, ChairEventKind kind, string? step = null, string device = "tablet", int number = 0) =>
        new($"{device}-{(number > 0 ? number : (int)(second * 10) + 1)}", device, number > 0 ? number : (int)(second * 10) + 1, Five.AddSeconds(second), kind, step);

    private static ChairState After(params ChairEvent[] events) => ChairState.Of(Planned, events);

    private static DateTimeOffset Second(double s) => Five.AddSeconds(s);

    [Fact]
    public void StepsFollowEachOtherAndTheirTimesAddUp()
    {
        var state = After(At(0, ChairEventKind.Begun), At(70, ChairEventKind.StepDone, "base"), At(130, ChairEventKind.StepDone, "sockets"));
        Assert.Equal("teeth", state.Current(1)!.Step.Key);
        Assert.Equal([70, 60, 0, 0, 0], state.Steps.Select(s => s.TakenSeconds));
        Assert.Equal(150, state.WorkedSeconds(Second(150)));
        // 10 s behind after the base, none more since; the teeth are 20 s on, with 70 left, and 50 after them.
        Assert.Equal(10, state.BehindSeconds(Second(150)), 9);
        Assert.Equal(120, state.RemainingSeconds(Second(150)), 9);
        // A step that runs over is behind by as much.
        Assert.Equal(25, state.BehindSeconds(Second(130 + 105)), 9);
        Assert.Equal(50, state.RemainingSeconds(Second(130 + 105)), 9);
    }

    [Fact]
    public void APauseIsNobodysTime()
    {
        var state = After(At(0, ChairEventKind.Begun), At(30, ChairEventKind.Paused), At(31, ChairEventKind.Paused), At(90, ChairEventKind.Resumed), At(125, ChairEventKind.StepDone, "base"));
        Assert.Equal(65, state.Steps[0].TakenSeconds, 9);
        Assert.Equal(1, state.Ignored);
        Assert.True(After(At(0, ChairEventKind.Begun), At(30, ChairEventKind.Paused)).IsPaused);
        Assert.Equal(30, After(At(0, ChairEventKind.Begun), At(30, ChairEventKind.Paused)).WorkedSeconds(Second(500)), 9);
    }

    [Fact]
    public void TappedTooSoonGoesOnAndWipedIsLaidAgain()
    {
        var undone = After(At(0, ChairEventKind.Begun), At(20, ChairEventKind.StepDone, "base"), At(22, ChairEventKind.StepUndone, "base"), At(65, ChairEventKind.StepDone, "base"));
        Assert.Equal(65, undone.Steps[0].TakenSeconds, 9);
        Assert.Equal(0, undone.Steps[0].Redone);
        var wiped = After(At(0, ChairEventKind.Begun), At(60, ChairEventKind.StepDone, "base"), At(70, ChairEventKind.StepWiped, "base"), At(110, ChairEventKind.StepDone, "base"));
        Assert.Equal((110.0, 1), (wiped.Steps[0].TakenSeconds, wiped.Steps[0].Redone));
        Assert.Equal("sockets", wiped.Current(1)!.Step.Key);
    }

    [Fact]
    public void WhatIsDroppedIsNotWaitedForAndComesBack()
    {
        var dropped = At(70, ChairEventKind.PartsDropped) with { Parts = ["teeth", "dots"] };
        var state = After(At(0, ChairEventKind.Begun), At(60, ChairEventKind.StepDone, "base"), dropped);
        Assert.Equal(60 + 30 - 10, state.RemainingSeconds(Second(70)), 9);
        Assert.Equal(0, state.BehindSeconds(Second(70)), 9);
        var back = After(At(0, ChairEventKind.Begun), At(60, ChairEventKind.StepDone, "base"), dropped, At(80, ChairEventKind.PartsTakenBack) with { Parts = ["teeth"] });
        Assert.Equal([StepStatus.Done, StepStatus.Open, StepStatus.Open, StepStatus.Open, StepStatus.Dropped], back.Steps.Select(s => s.Status));
        // What is on the skin cannot be left out any more.
        Assert.Equal(StepStatus.Done, After(At(0, ChairEventKind.Begun), At(60, ChairEventKind.StepDone, "base"), At(61, ChairEventKind.PartsDropped) with { Parts = ["base"] }).Steps[0].Status);
    }

    [Fact]
    public void AStepIsMovedBeforeAnotherThatIsStillOpen()
    {
        var moved = After(At(0, ChairEventKind.Begun), At(60, ChairEventKind.StepDone, "base"), At(61, ChairEventKind.StepMoved, "dots") with { Other = "sockets" });
        Assert.Equal(["base", "dots", "sockets", "teeth", "scrolls"], moved.Steps.Select(s => s.Step.Key));
        Assert.Equal("dots", moved.Current(1)!.Step.Key);
        Assert.Equal(1, After(At(0, ChairEventKind.Begun), At(60, ChairEventKind.StepDone, "base"), At(61, ChairEventKind.StepMoved, "dots") with { Other = "base" }).Ignored);
    }

    [Fact]
    public void TwoPaintersHaveClocksOfTheirOwn()
    {
        ChairStep[] two = [Step("left", 60), Step("right", 50, painter: 2), Step("mouth", 30, painter: 2)];
        var state = ChairState.Of(two, [At(0, ChairEventKind.Begun), At(55, ChairEventKind.StepDone, "right", "phone"), At(70, ChairEventKind.StepDone, "left")]);
        Assert.Equal([70, 55, 0], state.Steps.Select(s => s.TakenSeconds));
        Assert.Null(state.Current(1));
        Assert.Equal("mouth", state.Current(2)!.Step.Key);
        Assert.Equal(15, state.RemainingSeconds(Second(70)), 9);
    }

    // Two devices finish the same step: it is done once, when it was first done.
    [Fact]
    public void TheSameStepFromTwoDevicesIsDoneOnce()
    {
        var state = After(At(0, ChairEventKind.Begun), At(60, ChairEventKind.StepDone, "base"), At(61, ChairEventKind.StepDone, "base", "phone"));
        Assert.Equal((60.0, 1), (state.Steps[0].TakenSeconds, state.Ignored));
    }

    [Fact]
    public void ASessionIsEndedStoppedOrForgotten()
    {
        var stopped = After(At(0, ChairEventKind.Begun), At(60, ChairEventKind.StepDone, "base"), At(75, ChairEventKind.Stopped) with { Words = "plain saint" }, At(90, ChairEventKind.StepDone, "sockets"));
        Assert.Equal(("plain saint", StepStatus.Open, 75.0), (stopped.StoppedAt, stopped.Steps[1].Status, stopped.WorkedSeconds(Second(9999))));
        Assert.Equal(0, stopped.RemainingSeconds(Second(80)));
        // Open for two days: nobody painted for so long.
        var open = After(At(0, ChairEventKind.Begun), At(60, ChairEventKind.StepDone, "base"));
        Assert.False(open.IsForgotten(Second(3600)));
        Assert.True(open.IsForgotten(Five.AddDays(2)));
        Assert.False(stopped.IsForgotten(Five.AddDays(2)));
        Assert.Equal(0, After().WorkedSeconds(Second(60)));
    }

    private static List<ChairEvent> Drawn(Random random, string device, int count)
    {
        var events = new List<ChairEvent>();
        var clock = random.NextDouble() * 10;
        for (var n = 1; n <= count; n++)
        {
            // Now and then a clock is set back.
            clock += random.Next(20) == 0 ? -300 * random.NextDouble() : 15 * random.NextDouble();
            var kind = n == 1 ? ChairEventKind.Begun : Enum.GetValues<ChairEventKind>()[random.Next(Enum.GetValues<ChairEventKind>().Length - (n < count ? 2 : 0))];
            events.Add(new($"{device}/{n}", device, n, Five.AddSeconds(clock), kind, Planned[random.Next(Planned.Length)].Key, Planned[random.Next(Planned.Length)].Key, "words")
            {
                Parts = [.. Planned.Where(_ => random.Next(3) == 0).Select(s => s.Key)],
            });
        }

        return events;
    }

    // Sent in any pieces, twice, out of order, by any way round: one story, with every event in it once and every device's order kept.
    [Fact]
    public void HoweverTheyArriveItIsTheSameStory()
    {
        for (var seed = 0; seed < 300; seed++)
        {
            var random = new Random(seed);
            var devices = Enumerable.Range(0, random.Next(1, 4)).Select(d => Drawn(random, $"device{d}", random.Next(1, 25))).ToArray();
            var all = devices.SelectMany(d => d).ToArray();
            var arrived = all.Concat(all.Where(_ => random.Next(3) == 0)).OrderBy(_ => random.Next()).ToArray();
            var story = ChairLog.InOrder(arrived);
            Assert.Equal(all.Select(e => e.Id).Order(StringComparer.Ordinal), story.Select(e => e.Id).Order(StringComparer.Ordinal));
            Assert.All(devices, d => Assert.Equal(d.Select(e => e.Number), story.Where(e => e.Device == d[0].Device).Select(e => e.Number)));
            Assert.All(story.Zip(story.Skip(1)), e => Assert.True(e.First.At <= e.Second.At));
            Assert.Equal(story.Select(e => (e.Id, e.At)), ChairLog.InOrder(all).Select(e => (e.Id, e.At)));
            // Merged bit by bit it is the same as at once.
            var half = ChairLog.InOrder([.. arrived.Take(arrived.Length / 2)]).Select(e => e.Id).ToHashSet();
            Assert.Equal(story.Select(e => e.Id), ChairLog.InOrder([.. arrived.Where(e => half.Contains(e.Id)), .. arrived]).Select(e => e.Id));

            var (once, again) = (ChairState.Of(Planned, arrived), ChairState.Of(Planned, all));
            Assert.Equal(once.Steps, again.Steps);
            var now = story[^1].At.AddSeconds(5);
            Assert.Equal(once.WorkedSeconds(now), again.WorkedSeconds(now));
            Assert.True(once.RemainingSeconds(now) >= 0 && once.WorkedSeconds(now) >= -1e-9);
            Assert.All(once.Steps, s => Assert.True(s.TakenSeconds >= -1e-9));
            // No time is spent twice.
            Assert.True(once.Steps.Sum(s => s.TakenSeconds) <= once.WorkedSeconds(now) + 1e-6);
        }
    }
}
