using System.Security.Cryptography;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.Net.Http.Headers;

namespace Datura.Web;

/// <summary>Answers that a browser keeps: sent again only when they have changed (RFC 9110, entity tags).</summary>
internal static class Kept
{
    public static FileContentHttpResult File(byte[] bytes, string mediaType, HttpContext context)
    {
        context.Response.Headers.CacheControl = "no-cache";
        return TypedResults.File(bytes, mediaType, entityTag: new EntityTagHeaderValue($"\"{Convert.ToHexString(SHA256.HashData(bytes).AsSpan(0, 12))}\""));
    }
}
