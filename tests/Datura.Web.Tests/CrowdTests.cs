using Datura.Web.Computing;
using Datura.Web.Guard;
using Microsoft.AspNetCore.Http;

namespace Datura.Web.Tests;

public class CrowdTests
{
    private static DefaultHttpContext At(string path, params object[] metadata)
    {
        var context = new DefaultHttpContext { Request = { Path = path } };
        context.SetEndpoint(new Endpoint(null, new(metadata), null));
        return context;
    }

    // So many at once, so many waiting, and no more; who leaves makes room for the one who waited longest.
    [Fact]
    public async Task TheCrowdIsBoundedAndServedInTurn()
    {
        await using var crowd = Crowd.Limiter(atOnce: 2, computingAtOnce: 1, mostWaiting: 1);
        var first = await crowd.AcquireAsync(At("/api/looks"));
        using var second = await crowd.AcquireAsync(At("/api/faces"));
        Assert.True(first.IsAcquired && second.IsAcquired);
        var waits = crowd.AcquireAsync(At("/")).AsTask();
        Assert.False(waits.IsCompleted);
        using var refused = await crowd.AcquireAsync(At("/api/kits"));
        Assert.False(refused.IsAcquired);
        using var watched = await crowd.AcquireAsync(At("/health/live"));
        Assert.True(watched.IsAcquired);
        first.Dispose();
        using var third = await waits;
        Assert.True(third.IsAcquired);
    }

    // However many computations wait, whoever only reads is let in.
    [Fact]
    public async Task ComputingKeepsNobodyFromReading()
    {
        await using var crowd = Crowd.Limiter(atOnce: 1, computingAtOnce: 1, mostWaiting: 5);
        using var computing = await crowd.AcquireAsync(At("/api/plan", new ComputeUrgency(Urgency.Batch)));
        var waits = crowd.AcquireAsync(At("/api/plan", new ComputeUrgency(Urgency.Interactive))).AsTask();
        Assert.False(waits.IsCompleted);
        using var reading = await crowd.AcquireAsync(At("/api/looks"));
        Assert.True(reading.IsAcquired);
        computing.Dispose();
        using var next = await waits;
        Assert.True(next.IsAcquired);
    }
}
