using Datura.Core.Calls;
using Xunit.Abstractions;

namespace Datura.Core.Tests.Calls;

/// <summary>Call sheets held against every possible one for small companies, and against what must hold for any.</summary>
public class CallSheetTests(ITestOutputHelper output)
{
    internal const int Bell = 19 * 60;

    internal static CallProblem Evening(IReadOnlyList<CallTask> tasks, int painters, int chairs = 20, int sinks = 20, double readyChance = 0.5) => new(
        tasks, [.. Enumerable.Range(0, painters).Select(p => new CallHand($"painter {p}", 1, 0, []))], 14 * 60, Bell, chairs, sinks, 3, 5, 600, 0, readyChance);

    internal static CallTask Task(int k, double minutes, int after = 15, double sd = 0, int painters = 2, int wished = -1, int from = 0) =>
        new($"wearer {k}", minutes, sd, after, [.. Enumerable.Range(0, painters)], wished, from);

    private static IReadOnlyList<KeptCall> Out(CallSheet sheet) => [.. sheet.Entries.Select(e => e.Kept)];

    private static int InPaint(CallSheet sheet) => sheet.Entries.Sum(e => Bell - e.FromMinute);

    // Every share-out of up to five wearers to up to two painters in every order, each as late as it goes.
    [Fact]
    public void NoSheetOfASmallCompanyIsBetter()
    {
        for (var seed = 0; seed < 60; seed++)
        {
            var random = new SeededRandom((ulong)seed);
            var (n, painters) = (1 + (int)(random.Unit() * 5), 1 + (int)(random.Unit() * 2));
            CallTask[] tasks = [.. Enumerable.Range(0, n).Select(k => Task(k, 10 + (int)(50 * random.Unit()), (int)(30 * random.Unit()), painters: painters))];
            var sheet = CallSheet.Of(Evening(tasks, painters), effort: 20);
            Assert.Equal(n, sheet.Entries.Count);
            Assert.Equal(Best(tasks, painters), InPaint(sheet));
        }
    }

    internal static int Best(CallTask[] tasks, int painters)
    {
        var best = int.MaxValue;
        void Try(List<int> left, int[] free, int sum)
        {
            if (sum >= best)
            {
                return;
            }

            if (left.Count == 0)
            {
                best = sum;
                return;
            }

            foreach (var k in left.ToArray())
            {
                for (var p = 0; p < painters; p++)
                {
                    // Backwards from the bell: the next earlier face of this painter ends before the later one begins, less what goes between.
                    var start = Math.Min(free[p] - 5, Bell - tasks[k].AfterMinutes) - (int)tasks[k].Minutes;
                    var then = (int[])free.Clone();
                    then[p] = start;
                    Try([.. left.Where(l => l != k)], then, sum + Bell - start);
                }
            }
        }

        Try([.. Enumerable.Range(0, tasks.Length)], [.. Enumerable.Repeat(Bell + 5, painters)], 0);
        return best;
    }

    // Whatever the company: no painter and no chair twice at once, sinks in turn, nobody before the house or she herself is there, all by the bell.
    [Fact]
    public void EverySheetKeepsWhatItMust()
    {
        var planned = 0;
        for (var seed = 0; seed < 12; seed++)
        {
            var random = new SeededRandom((ulong)(100 + seed));
            int Any(int from, int until) => from + (int)((until - from) * random.Unit());
            var painters = Any(1, 5);
            CallTask[] tasks = [.. Enumerable.Range(0, Any(1, seed % 2 == 0 ? 13 : 26)).Select(k => new CallTask(
                $"wearer {k}", Any(8, 60), Any(0, 8), Any(0, 30), [.. Enumerable.Range(0, painters).Where(_ => random.Unit() < 0.8)], random.Unit() < 0.3 ? Any(0, painters) : -1, Any(0, 15 * 60)))];
            CallHand[] hands = [.. Enumerable.Range(0, painters).Select(p => new CallHand(
                $"painter {p}", 0.8 + 0.5 * random.Unit(), Any(0, 15 * 60), random.Unit() < 0.3 ? [(15 * 60, Any(15 * 60 + 1, 16 * 60))] : []))];
            var evening = new CallProblem(tasks, hands, 12 * 60, Bell, Any(1, painters + 1), 1, 3, 5, Any(60, 150), 15, 0.85);
            var sheet = CallSheet.Of(evening, effort: 0.1);
            Assert.Equal(tasks.Length, sheet.Entries.Count + sheet.NotCalled.Count);
            planned += sheet.Entries.Count;
            var hand = hands.ToDictionary(h => h.Name);
            foreach (var e in sheet.Entries)
            {
                var task = tasks.Single(t => t.Wearer == e.Wearer);
                Assert.True(e.ReadyMinute <= Bell && e.FromMinute >= Math.Max(evening.OpenMinute, Math.Max(task.FromMinute, hand[e.Painter].FromMinute)));
                Assert.Contains(Array.IndexOf(hands, hand[e.Painter]), task.Able);
                Assert.True(e.PaintedMinute - e.FromMinute >= task.Minutes * hand[e.Painter].Pace - 1e-6);
                Assert.Equal(task.AfterMinutes, e.ReadyMinute - e.PaintedMinute);
                Assert.All(hand[e.Painter].Busy, b => Assert.True(e.PaintedMinute <= b.From || e.FromMinute >= b.Until));
                Assert.True(sheet.Entries.Count(o => o.FromMinute <= e.FromMinute && o.PaintedMinute > e.FromMinute) <= evening.Chairs, "A chair holds one.");
                Assert.True(sheet.Entries.Count(o => o.PaintedMinute <= e.PaintedMinute && o.PaintedMinute + 3 > e.PaintedMinute) <= 1, "One at the sink.");
            }

            foreach (var mine in sheet.Entries.GroupBy(e => e.Painter))
            {
                Assert.All(mine.Zip(mine.Skip(1)), p => Assert.True(p.First.PaintedMinute + 5 <= p.Second.FromMinute));
            }
        }

        Assert.True(planned > 60, $"{planned}");
    }

    [Fact]
    public void AnUnsureFaceGetsAReserveAndTheChanceIsKept()
    {
        CallTask[] tasks = [.. Enumerable.Range(0, 6).Select(k => Task(k, 30, sd: 5))];
        var (loose, sure) = (CallSheet.Of(Evening(tasks, 2, readyChance: 0.5)), CallSheet.Of(Evening(tasks, 2, readyChance: 0.95)));
        Assert.All(sure.Entries, e => Assert.True(e.Chance >= 0.95));
        Assert.True(sure.ReserveSpreads > loose.ReserveSpreads);
        Assert.True(InPaint(sure) > InPaint(loose));
        // What is always the same needs no reserve.
        var steady = CallSheet.Of(Evening([.. tasks.Select(t => t with { SdMinutes = 0 })], 2, readyChance: 0.95));
        Assert.Equal((0.0, 1.0), (steady.ReserveSpreads, steady.Chance));
    }

    // A sheet that is out stays where nothing has changed; of a painter who is away only her faces move to others.
    [Fact]
    public void AnotherPlanChangesLeast()
    {
        CallTask[] tasks = [.. Enumerable.Range(0, 9).Select(k => Task(k, 25, painters: 3))];
        var evening = Evening(tasks, 3);
        var sheet = CallSheet.Of(evening);
        Assert.All(CallSheet.Of(evening, Out(sheet)).Entries, e => Assert.False(e.Changed));
        // One more face is painted, at the front: the others keep their painters.
        var more = evening with { Tasks = [.. tasks, Task(9, 20, painters: 3)] };
        var then = CallSheet.Of(more, Out(sheet));
        Assert.Equal(10, then.Entries.Count);
        Assert.All(then.Entries.Where(e => e.Wearer != "wearer 9"), e => Assert.False(e.Changed));
        var sick = evening with { Hands = [.. evening.Hands.Take(2)], Tasks = [.. tasks.Select(t => t with { Able = [0, 1] })] };
        var without = CallSheet.Of(sick, Out(sheet));
        var (kept, anew) = (without.Entries.Count(e => sheet.Entries.Single(s => s.Wearer == e.Wearer).Painter == e.Painter), CallSheet.Of(sick).Entries.Count(e => sheet.Entries.Single(s => s.Wearer == e.Wearer).Painter == e.Painter));
        Assert.Equal(6, kept);
        Assert.True(kept >= anew);
        output.WriteLine($"kept {kept}, planned from the start {anew}");
    }

    [Fact]
    public void AWishForAPainterIsMetWhereItCostsLittle()
    {
        CallTask[] tasks = [.. Enumerable.Range(0, 6).Select(k => Task(k, 30, wished: k % 2))];
        Assert.All(CallSheet.Of(Evening(tasks, 2)).Entries, e => Assert.Equal($"painter {int.Parse(e.Wearer[7..], System.Globalization.CultureInfo.InvariantCulture) % 2}", e.Painter));
    }

    // Nobody is never planned for; who does not go into the evening is named, and the others are.
    [Fact]
    public void WhatDoesNotGoIsNamed()
    {
        Assert.Empty(CallSheet.Of(Evening([], 2)).Entries);
        var none = CallSheet.Of(Evening([Task(0, 30) with { Able = [] }, Task(1, 30)], 2));
        Assert.Equal(["wearer 0"], none.NotCalled);
        Assert.Single(none.Entries);
        var full = CallSheet.Of(Evening([Task(0, 200, painters: 1), Task(1, 200, painters: 1), Task(2, 60, painters: 1)], 1));
        Assert.Single(full.NotCalled);
        Assert.Equal(2, full.Entries.Count);
    }

    [Fact]
    public void WhoPaintsLongRestsOnce()
    {
        CallTask[] tasks = [.. Enumerable.Range(0, 4).Select(k => Task(k, 30, painters: 1))];
        var straight = Evening(tasks, 1);
        var resting = straight with { PauseAfterMinutes = 60, PauseMinutes = 20 };
        var sheet = CallSheet.Of(resting);
        Assert.Equal(InPaint(CallSheet.Of(straight)) + 2 * 20, InPaint(sheet));
    }

    // The floor holds for what the solver finds, and is met by equal painters before faces of one kind.
    [Fact]
    public void TheFloorIsAFloor()
    {
        CallTask[] tasks = [.. Enumerable.Range(0, 12).Select(k => Task(k, 20, painters: 3))];
        var evening = Evening(tasks, 3);
        var sheet = CallSheet.Of(evening);
        Assert.Equal(CallBound.Of(evening, t => (int)t.Minutes), InPaint(sheet));
        Assert.Equal(0, sheet.Gap, 3);
    }
}
