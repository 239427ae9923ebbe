using System.Globalization;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace Datura.Web;

/// <summary>The service's description (OpenAPI) as a file, from which the front end's types are made.</summary>
internal static class Description
{
    public const string Name = "v1";

    public static async Task WriteAsync(WebApplication app, string file)
    {
        // Routes are only gathered once the application has started; on no port and without a database.
        app.Urls.Clear();
        app.Urls.Add("http://127.0.0.1:0");
        await app.StartAsync();
        var document = await app.Services.GetRequiredKeyedService<IOpenApiDocumentProvider>(Name).GetOpenApiDocumentAsync();
        await app.StopAsync();
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        document.SerializeAsV31(new OpenApiJsonWriter(text));
        await File.WriteAllTextAsync(file, text.ToString());
    }
}
