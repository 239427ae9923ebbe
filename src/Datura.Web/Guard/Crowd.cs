using System.Threading.RateLimiting;
using Datura.Web.Computing;

namespace Datura.Web.Guard;

/// <summary>
/// How many requests are worked on at once; more wait, and when too many wait that is said. Computing has a queue of its own, so that its
/// waiting keeps nobody from reading.
/// </summary>
public static class Crowd
{
    /// <summary>A plain read takes a millisecond and a connection of twenty. Fewer cost turns, more are served out of turn (measured: 48 to 600, 500 connections).</summary>
    public const int AtOnce = 128;

    /// <summary>Computations, which wait in a queue of their own.</summary>
    public const int ComputingAtOnce = 256;

    public const int MostWaiting = 2_000;

    /// <summary>The policy of routes at which somebody could guess.</summary>
    public const string Tries = "tries";

    /// <summary>Tries a minute from one address: a crew behind one address signs in before a show.</summary>
    public const int MostTries = 60;

    public static PartitionedRateLimiter<HttpContext> Limiter(int atOnce, int computingAtOnce, int mostWaiting) => PartitionedRateLimiter.Create<HttpContext, string>(context =>
        // Whoever watches over the service must hear of it just then.
        context.Request.Path.StartsWithSegments("/health", StringComparison.Ordinal) ? RateLimitPartition.GetNoLimiter("health") : RateLimitPartition.GetConcurrencyLimiter(
            context.GetEndpoint()?.Metadata.GetMetadata<ComputeUrgency>() is null ? "reading" : "computing",
            kind => new() { PermitLimit = kind == "reading" ? atOnce : computingAtOnce, QueueLimit = mostWaiting, QueueProcessingOrder = QueueProcessingOrder.OldestFirst }));

    public static void AddCrowd(this IServiceCollection services) => services.AddRateLimiter(options =>
    {
        options.AddPolicy(Tries, context => RateLimitPartition.GetFixedWindowLimiter(
            context.Connection.RemoteIpAddress?.ToString() ?? "", _ => new() { PermitLimit = MostTries, Window = TimeSpan.FromMinutes(1), QueueLimit = 0 }));
        options.GlobalLimiter = Limiter(AtOnce, ComputingAtOnce, MostWaiting);
        options.OnRejected = async (context, _) => await ProblemHandler.TooMany(context.HttpContext, MostWaiting);
    });
}
