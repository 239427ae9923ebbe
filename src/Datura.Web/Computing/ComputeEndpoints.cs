using System.Diagnostics;
using Datura.Store.Accounts;
using Datura.Web.Accounts;
using Datura.Web.Watching;
using Microsoft.AspNetCore.Http.Timeouts;

namespace Datura.Web.Computing;

/// <summary>Routes that compute go through the queue and have a time limit.</summary>
public static class ComputeEndpoints
{
    /// <summary>The header by which a page says which of its screens a request draws anew.</summary>
    public const string ScreenHeader = "Datura-Screen";

    /// <summary>Longest computation that somebody waits for with a hand on the screen.</summary>
    public static readonly TimeSpan InteractiveLimit = TimeSpan.FromSeconds(30);

    /// <summary>Longest computation of a sheet or a file.</summary>
    public static readonly TimeSpan BatchLimit = TimeSpan.FromSeconds(120);

    private const int LongestScreen = 200;

    /// <summary>It computes, and changes nothing: it waits for its place in the queue, and serves helpers, unless something else is said of it.</summary>
    public static TBuilder Computes<TBuilder>(this TBuilder endpoint)
        where TBuilder : IEndpointConventionBuilder
    {
        endpoint.AddEndpointFilter(async (context, next) =>
        {
            var http = context.HttpContext;
            var urgency = http.GetEndpoint()?.Metadata.GetMetadata<ComputeUrgency>()?.Urgency ?? Urgency.Interactive;
            var who = Caller.Of(http.User).Turn ?? http.Connection.RemoteIpAddress?.ToString() ?? "";
            var screen = http.Request.Headers[ScreenHeader].ToString();
            var (asked, measures) = (Stopwatch.GetTimestamp(), http.RequestServices.GetRequiredService<ServiceMeasures>());
            using var place = await http.RequestServices.GetRequiredService<ComputeQueue>().EnterAsync(
                new(urgency, who, screen.Length is 0 or > LongestScreen ? null : $"{who} {screen}"), http.RequestAborted);
            var began = Stopwatch.GetTimestamp();
            try
            {
                return await next(context);
            }
            finally
            {
                var operation = http.GetEndpoint()?.Metadata.GetMetadata<IEndpointNameMetadata>()?.EndpointName ?? "";
                measures.Computed(operation, Stopwatch.GetElapsedTime(asked, began), Stopwatch.GetElapsedTime(began));
            }
        });
        endpoint.WithMetadata(new ComputeUrgency(Urgency.Interactive)).WithRequestTimeout(Limit(InteractiveLimit));
        return endpoint.For(Role.Helper);
    }

    /// <summary>Beside <see cref="Computes"/>: nobody waits for it with a hand on the screen.</summary>
    public static RouteHandlerBuilder InBatch(this RouteHandlerBuilder endpoint)
    {
        endpoint.WithMetadata(new ComputeUrgency(Urgency.Batch)).WithRequestTimeout(Limit(BatchLimit));
        return endpoint;
    }

    private static RequestTimeoutPolicy Limit(TimeSpan limit) => new() { Timeout = limit, WriteTimeoutResponse = context => ProblemHandler.TookTooLong(context, limit) };
}
