namespace Datura.Store.Tests;

public class AskedTogetherTests
{
    // A crowd that asks at once is two questions: the one under way, and one for all who came too late for it.
    [Fact]
    public async Task ACrowdAsksTwice()
    {
        var (asked, door) = (0, new TaskCompletionSource());
        AskedTogether<int> question = new(async () =>
        {
            var n = Interlocked.Increment(ref asked);
            await door.Task;
            return n;
        });
        var first = question.AskAsync();
        var crowd = Enumerable.Range(0, 100).Select(_ => question.AskAsync()).ToArray();
        door.SetResult();
        Assert.Equal(1, await first);
        Assert.All(await Task.WhenAll(crowd), answer => Assert.Equal(2, answer));
    }

    // Whatever was true when somebody asked is in the answer: none is older than its question.
    [Fact]
    public async Task NoAnswerIsOlderThanItsQuestion()
    {
        var truth = 0;
        AskedTogether<int> question = new(async () =>
        {
            var seen = Volatile.Read(ref truth);
            await Task.Delay(1);
            return seen;
        });
        await Task.WhenAll(Enumerable.Range(0, 8).Select(_ => Task.Run(async () =>
        {
            for (var k = 0; k < 50; k++)
            {
                var before = Interlocked.Increment(ref truth);
                Assert.True(await question.AskAsync() >= before);
            }
        })));
    }

    // A question that fails fails for those who asked it, and for nobody after them.
    [Fact]
    public async Task AFailureIsNotKept()
    {
        var fails = true;
        AskedTogether<int> question = new(async () =>
        {
            await Task.Yield();
            return Volatile.Read(ref fails) ? throw new TimeoutException() : 7;
        });
        await Assert.ThrowsAsync<TimeoutException>(question.AskAsync);
        fails = false;
        Assert.Equal(7, await question.AskAsync());
    }

    // Two looks are two questions, and what nobody asks any more is forgotten, also when it failed.
    [Fact]
    public async Task EachKeyHasItsOwnAnswerAndNoneIsKept()
    {
        AskedTogetherByKey<int, int> questions = new();
        var (asked, gate) = (0, new TaskCompletionSource());
        var crowd = Enumerable.Range(0, 200).Select(k => questions.AskAsync(k % 4, async () =>
        {
            Interlocked.Increment(ref asked);
            await gate.Task;
            return k % 4;
        })).ToArray();
        Assert.Equal(4, questions.Keys);
        gate.SetResult();
        Assert.Equal(Enumerable.Range(0, 200).Select(k => k % 4), await Task.WhenAll(crowd));
        Assert.Equal(8, asked);
        await Assert.ThrowsAsync<TimeoutException>(() => questions.AskAsync(9, () => throw new TimeoutException()));
        Assert.Equal(0, questions.Keys);
    }
}
