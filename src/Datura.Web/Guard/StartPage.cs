namespace Datura.Web.Guard;

/// <summary>The application's page, with the word in it by which its styles are known.</summary>
internal static class StartPage
{
    /// <summary>Stands in web/index.html where the word goes.</summary>
    private const string Place = "NONCE";

    /// <summary>Called by its file's name it is the page, not the file.</summary>
    public static void UseStartPage(this IApplicationBuilder app) => app.Use((context, next) =>
    {
        if (context.Request.Path == "/index.html")
        {
            context.Response.Redirect("/");
            return Task.CompletedTask;
        }

        return next(context);
    });

    public static void MapStartPage(this WebApplication app)
    {
        var file = app.Environment.WebRootFileProvider.GetFileInfo("index.html");
        var page = new Lazy<string>(() =>
        {
            using var reader = new StreamReader(file.CreateReadStream());
            return reader.ReadToEnd();
        });
        app.MapFallback((HttpContext context) =>
        {
            if (!file.Exists || !(HttpMethods.IsGet(context.Request.Method) || HttpMethods.IsHead(context.Request.Method)))
            {
                return Unrouted.Nothing();
            }

            var nonce = SecurityHeaders.Nonce(context);
            context.Response.Headers.ContentSecurityPolicy = SecurityHeaders.PagePolicy(nonce);
            context.Response.Headers.CacheControl = "no-cache";
            return Results.Text(page.Value.Replace($"\"{Place}\"", $"\"{nonce}\"", StringComparison.Ordinal), "text/html");
        }).ExcludeFromDescription().AllowAnonymous();
    }
}
