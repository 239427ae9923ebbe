namespace Datura.Web.Tests;

/// <summary>What is remembered is only a matter of time.</summary>
public class RememberedTests
{
    [Fact]
    public void TheSameInputIsReckonedOnceAndAnotherAnew()
    {
        using var remembered = new Remembered<int>(4);
        var times = 0;
        Assert.Equal(7, remembered.Get("a", () => 7 + times++));
        Assert.Equal(7, remembered.Get("a", () => 7 + times++));
        Assert.Equal(8, remembered.Get("b", () => 7 + times++));
        Assert.Equal(2, times);
    }

    [Fact]
    public void OfManyTheNewestIsKeptAndTheOldestGoes()
    {
        using var remembered = new Remembered<int>(3);
        foreach (var k in Enumerable.Range(0, 5))
        {
            remembered.Get($"{k}", () => k);
        }

        Assert.Equal(4, remembered.Get("4", () => -1));
        Assert.Equal(-1, remembered.Get("0", () => -1));
    }

    [Fact]
    public void AFaultIsNotRemembered()
    {
        using var remembered = new Remembered<int>(3);
        Assert.Throws<InvalidOperationException>(() => remembered.Get("a", () => throw new InvalidOperationException()));
        Assert.Equal(1, remembered.Get("a", () => 1));
    }

    // Two ask for the same; the first goes away while it is reckoned. The second gets an answer all the same.
    [Fact]
    public async Task WhoStaysIsAnsweredThoughTheFirstWentAway()
    {
        using var remembered = new Remembered<int>(3);
        using var gone = new CancellationTokenSource();
        using var started = new ManualResetEventSlim();
        using var second = new ManualResetEventSlim();
        var first = Task.Run(() => remembered.Get("a", () =>
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
            return remembered.Get("a", () => 5);
        });
        Assert.Equal(5, await other);
        await Assert.ThrowsAnyAsync<OperationCanceledException>(() => first);
    }

    [Fact]
    public void WhoIsGoneAlreadyIsReckonedNothing()
    {
        using var remembered = new Remembered<int>(3);
        Assert.ThrowsAny<OperationCanceledException>(() => remembered.Get("a", () => throw new InvalidOperationException(), new CancellationToken(canceled: true)));
    }
}
