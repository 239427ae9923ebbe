using System.Security.Cryptography;

namespace Datura.Web.Guard;

/// <summary>What every answer tells the browser not to do (OWASP Secure Headers; Content Security Policy Level 3).</summary>
internal static class SecurityHeaders
{
    private const string Shared = "base-uri 'none'; form-action 'self'; frame-ancestors 'none'; object-src 'none'";

    private static readonly object NonceKey = new();

    /// <summary>The word by which this answer's own style elements are known; new with every answer.</summary>
    public static string Nonce(HttpContext context) => (string)(context.Items[NonceKey] ??= Convert.ToBase64String(RandomNumberGenerator.GetBytes(18)));

    /// <summary>What the application's page may load: its own files, pictures it made itself, and styles that carry the answer's word.</summary>
    public static string PagePolicy(string nonce) =>
        $"default-src 'self'; script-src 'self'; style-src 'self' 'nonce-{nonce}'; img-src 'self' blob: data:; font-src 'self'; connect-src 'self' blob:; {Shared}";

    /// <summary>What the worker that keeps the application's files may do: fetch and run these, and nothing else.</summary>
    public const string WorkerPolicy = $"default-src 'none'; script-src 'self'; connect-src 'self'; {Shared}";

    /// <summary>What the worker that finds faces may do besides: run the compiled reckoner that ships with it (Content Security Policy Level 3, wasm-unsafe-eval), no script out of words.</summary>
    public const string FinderPolicy = $"default-src 'none'; script-src 'self' 'wasm-unsafe-eval'; connect-src 'self'; {Shared}";

    /// <summary>Nothing, for answers that are no page: opened on their own, they do nothing.</summary>
    public const string DataPolicy = $"default-src 'none'; style-src 'unsafe-inline'; img-src 'self' data:; sandbox; {Shared}";

    public static void UseSecurityHeaders(this IApplicationBuilder app) => app.Use((context, next) =>
    {
        context.Response.OnStarting(() =>
        {
            var headers = context.Response.Headers;
            headers.XContentTypeOptions = "nosniff";
            headers.XFrameOptions = "DENY";
            headers["Referrer-Policy"] = "no-referrer";
            headers["Permissions-Policy"] = "camera=(self), microphone=(), geolocation=(), payment=(), usb=()";
            headers["Cross-Origin-Opener-Policy"] = "same-origin";
            headers["Cross-Origin-Resource-Policy"] = "same-origin";
            // What the service tells is for whoever asked; pictures that may be kept say so themselves.
            if (headers.CacheControl.Count == 0 && context.Request.Path.StartsWithSegments("/api", StringComparison.Ordinal))
            {
                headers.CacheControl = "no-store";
            }

            if (headers.ContentSecurityPolicy.Count == 0)
            {
                headers.ContentSecurityPolicy = DataPolicy;
            }

            if (context.Request.IsHttps)
            {
                headers.StrictTransportSecurity = "max-age=31536000; includeSubDomains";
            }

            return Task.CompletedTask;
        });
        return next(context);
    });
}
