using System.Security.Cryptography;
using Datura.Files.Pictures;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.Net.Http.Headers;

namespace Datura.Web;

/// <summary>Answers that a browser keeps: sent again only when they have changed (RFC 9110, entity tags).</summary>
internal static class Kept
{
    /// <summary>A picture to look at: as WebP for whoever takes it, else as PNG.</summary>
    public static FileContentHttpResult Picture(byte[] rgba, int width, int height, HttpContext context)
    {
        return TakesWebP(context)
            ? File(WebP.Of(rgba, width, height), WebP.MediaType, context) : File(Png.Of(rgba, width, height), "image/png", context);
    }

    /// <summary>Whether whoever asks takes WebP; the answer says that it depends on that.</summary>
    public static bool TakesWebP(HttpContext context)
    {
        context.Response.Headers.Vary = HeaderNames.Accept;
        return context.Request.Headers.Accept.ToString().Contains(WebP.MediaType, StringComparison.OrdinalIgnoreCase);
    }

    public static FileContentHttpResult File(byte[] bytes, string mediaType, HttpContext context)
    {
        context.Response.Headers.CacheControl = "no-cache";
        return TypedResults.File(bytes, mediaType, entityTag: Tag(bytes));
    }

    /// <summary>Says whether two answers are the same.</summary>
    public static EntityTagHeaderValue Tag(byte[] bytes) => new($"\"{Convert.ToHexString(SHA256.HashData(bytes).AsSpan(0, 12))}\"");
}
