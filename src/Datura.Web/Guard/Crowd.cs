using System.Threading.RateLimiting;

namespace Datura.Web.Guard;

/// <summary>How many requests are worked on at once; more wait, and when too many wait that is said. Computing has a queue of its own.</summary>
public static class Crowd
{
    /// <summary>A plain read takes a millisecond and a connection of twenty: this many never wait for long.</summary>
    public const int AtOnce = 256;

    public const int MostWaiting = 2_000;

    /// <summary>The policy of routes at which somebody could guess.</summary>
    public const string Tries = "tries";

    /// <summary>Tries a minute from one address: a crew behind one address signs in before a show.</summary>
    public const int MostTries = 60;

    public static PartitionedRateLimiter<HttpContext> Limiter(int atOnce, int mostWaiting) => PartitionedRateLimiter.Create<HttpContext, string>(context =>
        // Whoever watches over the service must hear of it just then.
        context.Request.Path.StartsWithSegments("/health", StringComparison.Ordinal) ? RateLimitPartition.GetNoLimiter("health") : RateLimitPartition.GetConcurrencyLimiter(
            "all", _ => new() { PermitLimit = atOnce, QueueLimit = mostWaiting, QueueProcessingOrder = QueueProcessingOrder.OldestFirst }));

    public static void AddCrowd(this IServiceCollection services) => services.AddRateLimiter(options =>
    {
        options.AddPolicy(Tries, context => RateLimitPartition.GetFixedWindowLimiter(
            context.Connection.RemoteIpAddress?.ToString() ?? "", _ => new() { PermitLimit = MostTries, Window = TimeSpan.FromMinutes(1), QueueLimit = 0 }));
        options.GlobalLimiter = Limiter(AtOnce, MostWaiting);
        options.OnRejected = async (context, _) => await ProblemHandler.TooMany(context.HttpContext, MostWaiting);
    });
}
