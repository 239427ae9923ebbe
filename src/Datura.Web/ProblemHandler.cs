using System.Globalization;
using System.Text.Json;
using Datura.Documents;
using Datura.Store;
using Datura.Web.Accounts;
using Datura.Web.Computing;
using Datura.Web.Watching;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Http.Features;
using Microsoft.AspNetCore.Http.Metadata;
using Microsoft.AspNetCore.Mvc;
using Npgsql;

namespace Datura.Web;

/// <summary>Turns what went wrong into RFC 9457 problem details with a sentence that a painter understands.</summary>
internal sealed partial class ProblemHandler(IProblemDetailsService writer, ServiceMeasures measures, EntranceLog entrance, ILogger<ProblemHandler> log) : IExceptionHandler
{
    private const long OutageAgainMs = 60_000;

    private long outageToldAt = -OutageAgainMs;

    public async ValueTask<bool> TryHandleAsync(HttpContext httpContext, Exception exception, CancellationToken cancellationToken)
    {
        var problem = Describe(exception, httpContext);
        if (problem.Status == 500)
        {
            LogFailed(log, exception, EntranceLog.RouteOf(httpContext));
        }
        else if (exception is NpgsqlException && IsNewOutage())
        {
            LogNoDatabase(log, exception.Message);
        }

        if (exception is NotLetInException not)
        {
            measures.Refused(Catalogue.CodeOf(not.Code));
            entrance.TurnedAway(httpContext, Catalogue.CodeOf(not.Code), Caller.Of(httpContext.User).Account);
        }

        if (problem.Status is 503 or 429)
        {
            httpContext.Response.Headers.RetryAfter = RetryAfterSeconds;
        }

        httpContext.Response.StatusCode = problem.Status!.Value;
        return await writer.TryWriteAsync(new() { HttpContext = httpContext, ProblemDetails = problem, Exception = exception });
    }

    // An outage fails every request; it is told once, and again when it lasts.
    private bool IsNewOutage()
    {
        var (now, before) = (Environment.TickCount64, Interlocked.Read(ref outageToldAt));
        return now - before >= OutageAgainMs && Interlocked.CompareExchange(ref outageToldAt, now, before) == before;
    }

    [LoggerMessage(LogLevel.Error, "The database does not answer: {Why}")]
    private static partial void LogNoDatabase(ILogger log, string why);

    [LoggerMessage(LogLevel.Error, "Request {Route} failed")]
    private static partial void LogFailed(ILogger log, Exception exception, string route);

    /// <summary>A request that took longer than its route may: said instead of an answer.</summary>
    public static Task TookTooLong(HttpContext context, TimeSpan limit) =>
        Later(context, Of(503, "Took too long", Problem.Of("service", ProblemCode.TookTooLong, ("seconds", limit.TotalSeconds))));

    /// <summary>More requests at once than are let in.</summary>
    public static Task TooMany(HttpContext context, int waiting) => Later(context, Of(503, "Busy", Problem.Of("service", ProblemCode.Busy, ("waiting", waiting))));

    /// <summary>Somebody was not let in, and nothing was done.</summary>
    public static Task Refuse(HttpContext context, int status, string title, ProblemCode code) => Write(context, Of(status, title, Problem.Of("session", code)));

    private static Task Later(HttpContext context, ProblemDetails problem)
    {
        context.Response.Headers.RetryAfter = RetryAfterSeconds;
        return Write(context, problem);
    }

    private static async Task Write(HttpContext context, ProblemDetails problem)
    {
        context.Response.StatusCode = problem.Status!.Value;
        await context.RequestServices.GetRequiredService<IProblemDetailsService>().TryWriteAsync(new() { HttpContext = context, ProblemDetails = problem });
    }

    // A computation takes a second or two: whoever comes back then finds a shorter queue.
    private const string RetryAfterSeconds = "2";

    /// <summary>What went wrong in words; null for a fault of our own.</summary>
    public static string? SentenceOf(Exception exception) => exception switch
    {
        MeasureException measures => string.Join(" ", measures.Problems.Select(p => p.Sentence)),
        PlanException plan => string.Join(" ", plan.Problems.Select(p => p.Sentence)),
        DocumentFileException file => file.Problem.Sentence,
        InputException input => input.Problem.Sentence,
        _ => null,
    };

    internal static ProblemDetails Describe(Exception exception, HttpContext context) => exception switch
    {
        MissingDocumentException missing => Of(404, "Not found", Problem.Of("id", ProblemCode.NoSuchDocument, ("kind", missing.Kind), ("id", missing.Id))),
        StaleRevisionException stale => With(
            Of(409, "Changed elsewhere", Problem.Of("revision", ProblemCode.ChangedElsewhere, ("kind", stale.Kind), ("read", stale.Read), ("current", stale.Current))), "currentRevision",
                stale.Current),
        TakenIdException taken => Of(409, "Name taken", Problem.Of("id", ProblemCode.IdTaken, ("kind", taken.Kind), ("id", taken.Id))),
        BusyException busy => Of(503, "Busy", Problem.Of("service", ProblemCode.Busy, ("waiting", busy.Waiting))),
        ReplacedException => Of(429, "Replaced", Problem.Of(ComputeEndpoints.ScreenHeader, ProblemCode.Replaced)),
        TakenSaveKeyException => Of(409, "Key taken", Problem.Of(SaveKey.Header, ProblemCode.SaveKeyTaken)),
        NotLetInException not => Of(401, "Not let in", Problem.Of("session", not.Code)),
        MeasureException measures => Of(400, "Measures cannot be", [.. measures.Problems.Select(p => p with { Field = $"measuresMm.{p.Field}" })]),
        PlanException plan => Of(400, "Cannot be planned", [.. plan.Problems]),
        DocumentFileException file => With(Of(400, "File refused", file.Problem), "line", file.Line),
        InputException input => Of(400, "Check the input", input.Problem),
        BadHttpRequestException { InnerException: JsonException json } => Of(400, "Not readable", Problem.Of(json.Path ?? "$", ProblemCode.BodyUnreadable, ("place", Place(json)))),
        BadHttpRequestException { StatusCode: 413 } => Of(413, "Too large", Problem.Of(
            "request", ProblemCode.RequestTooLarge, ("most", (context.Features.Get<IHttpMaxRequestBodySizeFeature>()?.MaxRequestBodySize ?? 0) / 1e6))),
        BadHttpRequestException { StatusCode: 415 } => NotThisKind(context),
        // Letters written in a way that nobody writes them in any more.
        InvalidOperationException { InnerException: NotSupportedException or ArgumentException } when !context.Arrived() => NotThisKind(context),
        BadHttpRequestException bad when Asked(context) is { Length: > 0 } asked => Of(
            bad.StatusCode, "Not readable", [Problem.Of(asked[0], ProblemCode.AddressValues, ("values", asked)), .. asked.Skip(1).Select(a => Problem.Of(a, ProblemCode.AddressValue))]),
        BadHttpRequestException bad => Of(bad.StatusCode, "Not readable", Problem.Of("request", ProblemCode.RequestUnreadable)),
        JsonException json => Of(400, "Not readable", Problem.Of(json.Path ?? "$", ProblemCode.JsonUnreadable)),
        // Half a character where a text belongs: the reader of JSON says so in its own way.
        InvalidOperationException { Source: "System.Text.Json" } when !context.Arrived() => Of(400, "Not readable", Problem.Of("$", ProblemCode.ControlCharacter, ("place", "the body"))),
        // What broke on one of several threads.
        AggregateException several when FirstOf(several) is { } first => Describe(first, context),
        OutOfMemoryException => Of(503, "Too much", Problem.Of("service", ProblemCode.TooMuchAtOnce)),
        NpgsqlException => Of(503, "No database", Problem.Of("database", ProblemCode.NoDatabase)),
        _ => Of(500, "Something broke", Problem.Of("service", ProblemCode.OwnFault)),
    };

    // Flat, and never the whole again: what several threads broke at once has no one base. What all of them lack comes before what each tripped over.
    private static Exception? FirstOf(AggregateException several) =>
        several.Flatten().InnerExceptions is var all && all.OfType<OutOfMemoryException>().FirstOrDefault() is { } memory ? memory : all.FirstOrDefault();

    private static ProblemDetails NotThisKind(HttpContext context) => Of(415, "Not this kind", Problem.Of(
        "request", ProblemCode.NotThisKind, ("given", context.Request.ContentType is { Length: > 0 } given ? given[..Math.Min(80, given.Length)] : "none"), ("taken", "application/json")));

    // Where in the body, as a painter's program names it.
    private static string Place(JsonException json) => json.Path is { Length: > 2 } path ? path.TrimStart('$', '.') : "the body";

    // Values that the address must hold and does not, or not in a form that can be read.
    private static string[] Asked(HttpContext context) =>
    [
        .. (context.Features.Get<IExceptionHandlerFeature>()?.Endpoint?.Metadata.GetOrderedMetadata<IParameterBindingMetadata>() ?? [])
            .Where(p => p.HasTryParse || p.ParameterInfo.ParameterType == typeof(string))
            .Where(p => context.Features.Get<IExceptionHandlerFeature>()?.RouteValues?.ContainsKey(p.Name) != true
                && (context.Request.Query.TryGetValue(p.Name, out var given) ? p.HasTryParse && !Reads(given.ToString(), p.ParameterInfo.ParameterType) : !p.IsOptional))
            .Select(p => p.Name),
    ];

    private static bool Reads(string text, Type type)
    {
        var inner = Nullable.GetUnderlyingType(type) ?? type;
        return inner == typeof(double) ? double.TryParse(text, CultureInfo.InvariantCulture, out _) : inner == typeof(int) ? int.TryParse(text, CultureInfo.InvariantCulture, out _)
            : inner == typeof(bool) ? bool.TryParse(text, out _) : true;
    }

    // The sentences are for people; a program reads fields and codes.
    private static ProblemDetails Of(int status, string title, params Problem[] problems)
    {
        var details = new ProblemDetails { Status = status, Title = title, Detail = string.Join(" ", problems.Where(p => p.Code != ProblemCode.AddressValue).Select(p => p.Sentence)) };
        details.Extensions["errors"] = problems.GroupBy(p => p.Field).ToDictionary(g => g.Key, g => g.Select(p => p.Sentence).ToArray());
        details.Extensions["codes"] = problems.Select(p => Catalogue.CodeOf(p.Code)).Distinct().ToArray();
        return details;
    }

    private static ProblemDetails With(ProblemDetails problem, string name, object value)
    {
        problem.Extensions[name] = value;
        return problem;
    }
}
