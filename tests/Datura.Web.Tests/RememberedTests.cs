namespace Datura.Web.Tests;

/// <summary>What is remembered is only a matter of time.</summary>
public class RememberedTests
{
    [Fact]
    public async Task TheSameInputIsReckonedOnceAndAnotherAnew()
    {
        using var remembered = new Remembered<int>(4);
        var times = 0;
        Assert.Equal(7, await remembered.GetAsync("a", () => 7 + times++));
        Assert.Equal(7, await remembered.GetAsync("a", () => 7 + times++));
        Assert.Equal(8, await remembered.GetAsync("b", () => 7 + times++));
        Assert.Equal(2, times);
    }

    [Fact]
    public async Task OfManyTheNewestIsKeptAndTheOldestGoes()
    {
        using var remembered = new Remembered<int>(3);
        foreach (var k in Enumerable.Range(0, 5))
        {
            await remembered.GetAsync($"{k}", () => k);
        }

        Assert.Equal(4, await remembered.GetAsync("4", () => -1));
        Assert.Equal(-1, await remembered.GetAsync("0", () => -1));
    }

    [Fact]
    public async Task AFaultIsNotRemembered()
    {
        using var remembered = new Remembered<int>(3);
        await Assert.ThrowsAsync<InvalidOperationException>(() => remembered.GetAsync("a", () => throw new InvalidOperationException()));
        Assert.Equal(1, await remembered.GetAsync("a", () => 1));
    }

    // Two ask for the same; the first goes away while it is reckoned. The second gets an answer all the same.
    [Fact]
    public async Task WhoStaysIsAnsweredThoughTheFirstWentAway()
    {
        using var remembered = new Remembered<int>(3);
        using var gone = new CancellationTokenSource();
        using var started = new ManualResetEventSlim();
        using var second = new ManualResetEventSlim();
        var first = Task.Run(() => remembered.GetAsync("a", () =>
        {
            started.Set();
            second.Wait();
            gone.Cancel();
            gone.Token.ThrowIfCancellationRequested();
            return 0;
        }, gone.Token));
        started.Wait();
        var other = Task.Run(() =>
        {
            second.Set();
            return remembered.GetAsync("a", () => 5);
        });
        Assert.Equal(5, await other);
        await Assert.ThrowsAnyAsync<OperationCanceledException>(() => first);
    }

    [Fact]
    public async Task WhoIsGoneAlreadyIsReckonedNothing()
    {
        using var remembered = new Remembered<int>(3);
        await Assert.ThrowsAnyAsync<OperationCanceledException>(() => remembered.GetAsync("a", () => throw new InvalidOperationException(), new CancellationToken(canceled: true)));
    }
}
