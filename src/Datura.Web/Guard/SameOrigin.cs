namespace Datura.Web.Guard;

/// <summary>
/// Refuses what another web page sends: browsers say where a request comes from (Origin, RFC 6454; Sec-Fetch-Site, W3C Fetch Metadata).
/// Programs that are no browsers say neither and are let through.
/// </summary>
internal static class SameOrigin
{
    public static void UseSameOrigin(this IApplicationBuilder app) => app.Use(async (context, next) =>
    {
        if (IsOwn(context.Request))
        {
            await next(context);
            return;
        }

        await ProblemHandler.Refuse(context, 403, "Another page", ProblemCode.AnotherOrigin);
    });

    // Being linked to from another page is fine; changing or reading something from there is not.
    private static bool IsOwn(HttpRequest request)
    {
        var site = request.Headers["Sec-Fetch-Site"].ToString();
        if (site is "cross-site" or "same-site" && !(HttpMethods.IsGet(request.Method) && request.Headers["Sec-Fetch-Mode"] == "navigate"))
        {
            return false;
        }

        return request.Headers.Origin.ToString() is not { Length: > 0 } origin
            || Uri.TryCreate(origin, UriKind.Absolute, out var from) && from.Authority.Equals(request.Host.Value, StringComparison.OrdinalIgnoreCase) && from.Scheme == request.Scheme;
    }
}
