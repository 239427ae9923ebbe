using Microsoft.AspNetCore.Http.HttpResults;

namespace Datura.Web;

/// <summary>What the service's description says of an operation.</summary>
internal static class EndpointWords
{
    /// <param name="id">Verb and thing, unique over the service.</param>
    public static RouteHandlerBuilder Called(this RouteHandlerBuilder endpoint, string id, string summary) => endpoint.WithName(id).WithSummary(summary);

    /// <summary>It answers with a file.</summary>
    public static RouteHandlerBuilder Gives(this RouteHandlerBuilder endpoint, string mediaType, params string[] others) =>
        endpoint.Produces<FileContentHttpResult>(200, mediaType, others);
}
