using System.Globalization;
using System.Text.Json;
using Datura.Core;
using Datura.Core.Body;
using Datura.Files.Documents;
using Datura.Files.Kits;
using Datura.Files.Motifs;
using Datura.Store;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Http.Metadata;
using Microsoft.AspNetCore.Mvc;
using Npgsql;

namespace Datura.Web;

/// <summary>Turns what went wrong into RFC 9457 problem details with a sentence that a painter understands.</summary>
public sealed partial class ProblemHandler(IProblemDetailsService writer, ILogger<ProblemHandler> log) : IExceptionHandler
{
    public async ValueTask<bool> TryHandleAsync(HttpContext httpContext, Exception exception, CancellationToken cancellationToken)
    {
        var problem = Describe(exception, httpContext);
        if (problem.Status >= 500)
        {
            LogFailed(log, exception, httpContext.Request.Path);
        }

        httpContext.Response.StatusCode = problem.Status!.Value;
        return await writer.TryWriteAsync(new() { HttpContext = httpContext, ProblemDetails = problem, Exception = exception });
    }

    [LoggerMessage(LogLevel.Error, "Request {Path} failed")]
    private static partial void LogFailed(ILogger log, Exception exception, PathString path);

    private static ProblemDetails Describe(Exception exception, HttpContext context) => exception switch
    {
        MissingDocumentException => Of(404, "Not found", exception.Message),
        StaleRevisionException stale => With(Of(409, "Changed elsewhere", exception.Message), "currentRevision", stale.Current),
        TakenIdException => Of(409, "Name taken", exception.Message),
        MeasureException measures => WithErrors(
            Of(400, "Measures cannot be", exception.Message), measures.Problems.Select(p => ($"measuresMm.{p.Field}", p.Sentence))),
        PlanException plan => WithErrors(
            Of(400, "Cannot be planned", exception.Message), plan.Problems.Select(p => (p.Field, p.Sentence))),
        DocumentFileException file => With(Of(400, "File refused", exception.Message), "line", file.Line),
        MotifException motif => WithErrors(Of(400, "Drawing refused", motif.Message), [("motif", motif.Message)]),
        KitFileException kit => WithErrors(Of(400, "Table refused", kit.Message), [("file", kit.Message)]),
        BadInputException bad => WithErrors(Of(400, "Check the input", exception.Message), [(bad.Field, bad.Message)]),
        BadHttpRequestException { InnerException: JsonException json } => WithErrors(
            Of(400, "Not readable", $"The request could not be read: {Place(json)} is unknown, missing or of the wrong type. See the service's description at /openapi/v1.json."), [(json.Path ?? "$", "unknown, missing or of the wrong type")]),
        BadHttpRequestException bad when Asked(context) is { Length: > 0 } asked => WithErrors(
            Of(bad.StatusCode, "Not readable", $"The address must say {string.Join(" and ", asked)}, and each as it is described."), asked.Select(a => (a, "missing or not readable"))),
        BadHttpRequestException bad => Of(bad.StatusCode, "Not readable", "The request could not be read. Check its address and values."),
        JsonException json => WithErrors(Of(400, "Not readable", "The file or request is not valid JSON of the expected form."), [(json.Path ?? "$", "not readable")]),
        InputException => Of(400, "Check the input", exception.Message),
        NpgsqlException => Of(503, "No database", "The database does not answer. Your work is kept in this browser; try again in a moment."),
        _ => Of(500, "Something broke", "Datura made a mistake. Your saved work is safe; try again, and tell us what you did."),
    };

    // Where in the body, as a painter's program names it.
    private static string Place(JsonException json) => json.Path is { Length: > 2 } path ? path.TrimStart('$', '.') : "the body";

    // Values that the address must hold and does not, or not in a form that can be read.
    private static string[] Asked(HttpContext context) =>
    [
        .. (context.Features.Get<IExceptionHandlerFeature>()?.Endpoint?.Metadata.GetOrderedMetadata<IParameterBindingMetadata>() ?? [])
            .Where(p => p.HasTryParse || p.ParameterInfo.ParameterType == typeof(string))
            .Where(p => context.Features.Get<IExceptionHandlerFeature>()?.RouteValues?.ContainsKey(p.Name) != true && (context.Request.Query.TryGetValue(p.Name, out var given) ? p.HasTryParse && !Reads(given.ToString(), p.ParameterInfo.ParameterType) : !p.IsOptional))
            .Select(p => p.Name),
    ];

    private static bool Reads(string text, Type type)
    {
        var inner = Nullable.GetUnderlyingType(type) ?? type;
        return inner == typeof(double) ? double.TryParse(text, CultureInfo.InvariantCulture, out _) : inner == typeof(int) ? int.TryParse(text, CultureInfo.InvariantCulture, out _) : inner == typeof(bool) ? bool.TryParse(text, out _) : true;
    }

    private static ProblemDetails Of(int status, string title, string detail) => new() { Status = status, Title = title, Detail = detail };

    private static ProblemDetails With(ProblemDetails problem, string name, object value)
    {
        problem.Extensions[name] = value;
        return problem;
    }

    private static ProblemDetails WithErrors(ProblemDetails problem, IEnumerable<(string Field, string Sentence)> errors) =>
        With(problem, "errors", errors.GroupBy(e => e.Field).ToDictionary(e => e.Key, e => e.Select(x => x.Sentence).ToArray()));
}
