using System.Net.Mime;
using System.Text.Json;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;
using Microsoft.Net.Http.Headers;

namespace Datura.Web;

/// <summary>Answers that stay the same while the service runs: written once, and sent again only to whoever has none or an old one.</summary>
internal static class KnownWords
{
    /// <param name="words">Made at the first question.</param>
    public static RouteHandlerBuilder MapWords<T>(this IEndpointRouteBuilder routes, string address, Func<T> words)
    {
        Lazy<(byte[] Bytes, EntityTagHeaderValue Tag)> written = new(() =>
        {
            var bytes = JsonSerializer.SerializeToUtf8Bytes(words(), routes.ServiceProvider.GetRequiredService<IOptions<JsonOptions>>().Value.SerializerOptions);
            return (bytes, Kept.Tag(bytes));
        });
        return routes.MapGet(address, (HttpContext context) =>
        {
            context.Response.Headers.CacheControl = "no-cache";
            return TypedResults.File(written.Value.Bytes, MediaTypeNames.Application.Json, entityTag: written.Value.Tag);
        }).Produces<T>(200, MediaTypeNames.Application.Json);
    }
}
