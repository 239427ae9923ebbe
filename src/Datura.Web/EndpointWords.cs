using Microsoft.AspNetCore.Http.HttpResults;

namespace Datura.Web;

/// <summary>What the service's description says of an operation, and what holds for every body that comes in.</summary>
internal static class EndpointWords
{
    /// <param name="id">Verb and thing, unique over the service.</param>
    public static RouteHandlerBuilder Called(this RouteHandlerBuilder endpoint, string id, string summary) => endpoint.WithName(id).WithSummary(summary)
        .AddEndpointFilter(async (context, next) =>
        {
            foreach (var body in context.Arguments.Where(IsRecord))
            {
                SoundBody.Check(body!);
            }

            return await next(context);
        });

    // What comes in is a record, what serves is none; records have a method that clones them.
    private static bool IsRecord(object? argument) => argument?.GetType().GetMethod("<Clone>$") is not null;

    /// <summary>It answers with a file.</summary>
    public static RouteHandlerBuilder Gives(this RouteHandlerBuilder endpoint, string mediaType, params string[] others) =>
        endpoint.Produces<FileContentHttpResult>(200, mediaType, others);
}
