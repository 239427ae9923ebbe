using System.Security.Cryptography;
using System.Text;
using Datura.Web.Guard;
using Npgsql;
using OpenTelemetry.Metrics;
using OpenTelemetry.Resources;
using OpenTelemetry.Trace;

namespace Datura.Web.Watching;

/// <summary>Lets whoever runs the service see how it is: metrics for Prometheus, and metrics and traces over OTLP where a collector is named.</summary>
internal static class WatchingServices
{
    /// <summary>The usual setting of OpenTelemetry: where a collector listens.</summary>
    public const string Collector = "OTEL_EXPORTER_OTLP_ENDPOINT";

    /// <summary>Whoever knows it may read the metrics from elsewhere, as a bearer token (RFC 6750).</summary>
    public const string Token = "DATURA_METRICS_TOKEN";

    public static void AddWatching(this IServiceCollection services, IConfiguration settings)
    {
        var collector = settings[Collector] is { Length: > 0 };
        services.AddSingleton<ServiceMeasures>();
        var telemetry = services.AddOpenTelemetry().ConfigureResource(r => r.AddService("datura")).WithMetrics(metrics =>
        {
            metrics.AddAspNetCoreInstrumentation().AddRuntimeInstrumentation().AddMeter("Npgsql", ServiceMeasures.MeterName).AddPrometheusExporter();
            if (collector)
            {
                metrics.AddOtlpExporter();
            }
        });
        // Without a collector a trace would be made for nobody.
        if (collector)
        {
            telemetry.WithTracing(traces => traces.AddAspNetCoreInstrumentation().AddNpgsql().AddOtlpExporter());
        }
    }

    /// <summary>The metrics, for this computer and for whoever has the word.</summary>
    public static void MapMetrics(this WebApplication app)
    {
        var word = app.Configuration[Token];
        app.MapPrometheusScrapingEndpoint("/metrics").AllowAnonymous().ReadBy(context => Addresses.IsHere(context.Request) || Knows(context.Request, word));
    }

    // The scraping endpoint is the exporter's own: what guards it stands around it.
    private static void ReadBy(this IEndpointConventionBuilder endpoint, Func<HttpContext, bool> lets) => endpoint.Add(builder =>
    {
        var read = builder.RequestDelegate!;
        builder.RequestDelegate = context => lets(context) ? read(context) : ProblemHandler.Refuse(context, 403, "Not from here", ProblemCode.NotFromHere);
    });

    private static bool Knows(HttpRequest request, string? word) => word is { Length: > 0 }
        && CryptographicOperations.FixedTimeEquals(SHA256.HashData(Encoding.UTF8.GetBytes($"Bearer {word}")), SHA256.HashData(Encoding.UTF8.GetBytes(request.Headers.Authorization.ToString())));
}
