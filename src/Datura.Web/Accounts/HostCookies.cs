using Microsoft.AspNetCore.Authentication.Cookies;

namespace Datura.Web.Accounts;

/// <summary>Behind TLS cookies are named so that browsers let nobody but this very host set them (RFC 6265bis, the prefix __Host-).</summary>
internal sealed class HostCookies : ICookieManager
{
    private readonly ChunkingCookieManager inner = new();

    public string? GetRequestCookie(HttpContext context, string key) => inner.GetRequestCookie(context, Named(context, key));

    public void AppendResponseCookie(HttpContext context, string key, string? value, CookieOptions options) => inner.AppendResponseCookie(context, Named(context, key), value, options);

    public void DeleteCookie(HttpContext context, string key, CookieOptions options) => inner.DeleteCookie(context, Named(context, key), options);

    private static string Named(HttpContext context, string key) => context.Request.IsHttps ? "__Host-" + key : key;
}
