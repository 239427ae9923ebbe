using Datura.Web.Guard;
using Microsoft.AspNetCore.Http;

namespace Datura.Web.Tests;

public class CrowdTests
{
    private static DefaultHttpContext At(string path) => new() { Request = { Path = path } };

    // So many at once, so many waiting, and no more; who leaves makes room for the one who waited longest.
    [Fact]
    public async Task TheCrowdIsBoundedAndServedInTurn()
    {
        await using var crowd = Crowd.Limiter(atOnce: 2, mostWaiting: 1);
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
}
