using Datura.Web.Computing;

namespace Datura.Web.Tests;

/// <summary>Laws of the queue: never more at once than there are places, nobody forgotten, nobody starved.</summary>
public class ComputeQueueTests
{
    private static ComputeRequest Of(string who, Urgency urgency = Urgency.Interactive, string? screen = null) => new(urgency, who, screen);

    [Fact]
    public async Task SoManyAreInAsThereArePlacesAndTheNextComesWhenOneGoes()
    {
        var queue = new ComputeQueue(2, 10);
        var first = await queue.EnterAsync(Of("a"));
        using var second = await queue.EnterAsync(Of("a"));
        var third = queue.EnterAsync(Of("a"));
        Assert.False(third.IsCompleted);
        Assert.Equal(1, queue.Waiting);
        first.Dispose();
        first.Dispose();
        using var place = await third;
        Assert.Equal(0, queue.Waiting);
        Assert.False(queue.EnterAsync(Of("a")).IsCompleted);
    }

    [Fact]
    public async Task WhoIsOneTooManyIsToldHowManyWait()
    {
        var queue = new ComputeQueue(1, 3);
        using var held = await queue.EnterAsync(Of("a"));
        for (var n = 0; n < 3; n++)
        {
            _ = queue.EnterAsync(Of("a"));
        }

        Assert.Equal(3, (await Assert.ThrowsAsync<BusyException>(() => queue.EnterAsync(Of("b")))).Waiting);
    }

    [Fact]
    public async Task AHandOnTheScreenGoesBeforeASheet()
    {
        var queue = new ComputeQueue(1, 10);
        var held = await queue.EnterAsync(Of("a"));
        var sheet = queue.EnterAsync(Of("a", Urgency.Batch));
        var hand = queue.EnterAsync(Of("b"));
        held.Dispose();
        (await hand).Dispose();
        (await sheet).Dispose();
    }

    // Sheets take much memory: however many are asked for, a place stays for hands.
    [Fact]
    public async Task SheetsNeverTakeEveryPlace()
    {
        var queue = new ComputeQueue(3, 10);
        using var one = await queue.EnterAsync(Of("a", Urgency.Batch));
        using var two = await queue.EnterAsync(Of("a", Urgency.Batch));
        var three = queue.EnterAsync(Of("a", Urgency.Batch));
        Assert.False(three.IsCompleted);
        using var hand = await queue.EnterAsync(Of("b"));
        Assert.False(three.IsCompleted);
    }

    [Fact]
    public async Task WhoAsksALotDoesNotKeepOthersWaiting()
    {
        var queue = new ComputeQueue(1, 100);
        var held = await queue.EnterAsync(Of("greedy"));
        var many = Enumerable.Range(0, 20).Select(_ => queue.EnterAsync(Of("greedy"))).ToArray();
        var once = queue.EnterAsync(Of("modest"));
        held.Dispose();
        (await once).Dispose();
        Assert.Contains(many, m => !m.IsCompleted);
    }

    [Fact]
    public async Task OfOneScreenOnlyTheNewestIsComputed()
    {
        var queue = new ComputeQueue(1, 2);
        var held = await queue.EnterAsync(Of("a", screen: "plan"));
        var older = queue.EnterAsync(Of("a", screen: "plan"));
        var other = queue.EnterAsync(Of("a", screen: "picture"));
        var newer = queue.EnterAsync(Of("a", screen: "plan"));
        await Assert.ThrowsAsync<ReplacedException>(() => older);
        held.Dispose();
        (await other).Dispose();
        (await newer).Dispose();
    }

    [Fact]
    public async Task WhoGoesAwayIsForgotten()
    {
        var queue = new ComputeQueue(1, 10);
        var held = await queue.EnterAsync(Of("a"));
        using var gone = new CancellationTokenSource();
        var waiting = queue.EnterAsync(Of("a"), gone.Token);
        await gone.CancelAsync();
        await Assert.ThrowsAnyAsync<OperationCanceledException>(() => waiting);
        Assert.Equal(0, queue.Waiting);
        held.Dispose();
        (await queue.EnterAsync(Of("a"))).Dispose();
        await Assert.ThrowsAnyAsync<OperationCanceledException>(() => queue.EnterAsync(Of("a"), gone.Token));
    }

    // Many who come, wait, give up and compute in any order: never too many at once, and in the end every place is free again.
    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    [InlineData(4)]
    public async Task WhateverHappensThePlacesAreKept(int seed)
    {
        var queue = new ComputeQueue(3, 30);
        var (inside, most, done, left, refused) = (0, 0, 0, 0, 0);
        await Task.WhenAll(Enumerable.Range(0, 300).Select(async n =>
        {
            var random = new Random(seed * 1000 + n);
            await Task.Delay(random.Next(120));
            using var gone = random.Next(4) == 0 ? new CancellationTokenSource(random.Next(4)) : new CancellationTokenSource();
            try
            {
                using var place = await queue.EnterAsync(
                    Of($"{n % 5}", random.Next(3) == 0 ? Urgency.Batch : Urgency.Interactive, random.Next(4) == 0 ? $"s{random.Next(3)}" : null), gone.Token);
                var now = Interlocked.Increment(ref inside);
                InterlockedMax(ref most, now);
                await Task.Delay(random.Next(4), CancellationToken.None);
                Interlocked.Decrement(ref inside);
                Interlocked.Increment(ref done);
            }
            catch (OperationCanceledException)
            {
                Interlocked.Increment(ref left);
            }
            catch (Exception fault) when (fault is BusyException or ReplacedException)
            {
                Interlocked.Increment(ref refused);
            }
        }));
        Assert.InRange(most, 1, 3);
        Assert.Equal(300, done + left + refused);
        Assert.True(done > 20);
        Assert.Equal(0, queue.Waiting);
        var all = await Task.WhenAll(Enumerable.Range(0, 3).Select(_ => queue.EnterAsync(Of("last"))));
        Assert.Equal(3, all.Length);
    }

    private static void InterlockedMax(ref int most, int value)
    {
        for (var seen = Volatile.Read(ref most); seen < value; seen = Volatile.Read(ref most))
        {
            Interlocked.CompareExchange(ref most, value, seen);
        }
    }
}
