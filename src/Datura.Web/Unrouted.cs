using Microsoft.AspNetCore.Http.Metadata;
using Microsoft.AspNetCore.Routing.Template;

namespace Datura.Web;

/// <summary>What is said where no route takes a request: there is nothing, or it takes another method, or another kind of content.</summary>
internal static class Unrouted
{
    public static IResult Answer(HttpContext context, IEnumerable<EndpointDataSource> sources)
    {
        var here = sources.SelectMany(s => s.Endpoints).OfType<RouteEndpoint>().Where(e => e.Metadata.GetMetadata<IHttpMethodMetadata>() is { HttpMethods.Count: > 0 } && Lies(e, context)).ToArray();
        var taking = here.Where(e => Methods(e).Contains(context.Request.Method)).ToArray();
        if (here.Length == 0)
        {
            return Nothing();
        }

        if (taking.Length == 0)
        {
            var allowed = string.Join(", ", here.SelectMany(Methods).Distinct().Order(StringComparer.Ordinal));
            context.Response.Headers.Allow = allowed;
            return Say(405, "Not here", ProblemCode.NotHere, ("method", context.Request.Method), ("allowed", allowed));
        }

        var given = context.Request.ContentType is { Length: > 0 } type ? type.Length > 80 ? type[..80] : type : "none";
        var taken = string.Join(" or ", taking.SelectMany(e => e.Metadata.GetMetadata<IAcceptsMetadata>()?.ContentTypes ?? []).Distinct());
        return Say(415, "Not this kind", ProblemCode.NotThisKind, ("given", given), ("taken", taken));
    }

    public static IResult Nothing() => Say(404, "Not found", ProblemCode.NoSuchAddress);

    private static IReadOnlyList<string> Methods(RouteEndpoint endpoint) => endpoint.Metadata.GetMetadata<IHttpMethodMetadata>()!.HttpMethods;

    private static bool Lies(RouteEndpoint endpoint, HttpContext context) =>
        new TemplateMatcher(new RouteTemplate(endpoint.RoutePattern), []).TryMatch(context.Request.Path, []);

    private static IResult Say(int status, string title, ProblemCode code, params (string Name, object Value)[] values)
    {
        var problem = Problem.Of("address", code, values);
        return Results.Problem(problem.Sentence, statusCode: status, title: title, extensions: new Dictionary<string, object?> { ["codes"] = new[] { Catalogue.CodeOf(code) } });
    }
}
