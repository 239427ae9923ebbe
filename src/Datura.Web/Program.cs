using System.Text.Json.Serialization;
using Datura.Documents;
using Datura.Store;
using Datura.Web;
using Datura.Web.Computing;
using Datura.Web.Guard;
using Microsoft.AspNetCore.HostFiltering;
using Microsoft.AspNetCore.HttpOverrides;
using Npgsql;
using Serilog;

var builder = WebApplication.CreateBuilder(args);
builder.Host.UseSerilog((_, log) => log
    .MinimumLevel.Information()
    .MinimumLevel.Override("Microsoft.AspNetCore", Serilog.Events.LogEventLevel.Warning)
    .WriteTo.Console(outputTemplate: "{Timestamp:yyyy-MM-dd HH:mm:ss} {Level:u3} {Message:lj}{NewLine}{Exception}"));

// --describe FILE writes the service's description and ends; the build does so, and no database is needed for it.
var describe = args is ["--describe", var file] ? file : null;
var connection = builder.Configuration["DATURA_DB"] ?? (describe is null ? null : "")
    ?? throw new InvalidOperationException("DATURA_DB is not set. Start with ./run, or give a PostgreSQL connection string.");
builder.Services.AddSingleton(_ => NpgsqlDataSource.Create(DatabasePool.Sized(connection)));
builder.Services.AddSingleton(services => new DocumentStore(services.GetRequiredService<NpgsqlDataSource>(), Studio.Own));
builder.Services.AddSingleton<Library>();
builder.Services.AddSingleton<WholeStudio>();
// As many computations as cores; of those who wait some hundred seconds are worth waiting for.
builder.Services.AddSingleton(_ => new ComputeQueue(Environment.ProcessorCount, mostWaiting: 60 * Environment.ProcessorCount));
builder.Services.AddRequestTimeouts();
builder.Services.AddCrowd();
if (describe is null)
{
    builder.Services.AddHostedService<Bin>();
}

builder.Services.AddSingleton<PlanService>();
builder.Services.ConfigureHttpJsonOptions(options =>
{
    DaturaJson.Configure(options.SerializerOptions);
    // What the service does not know it refuses rather than forgets.
    options.SerializerOptions.UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow;
});
builder.Services.Configure<RouteHandlerOptions>(options => options.ThrowOnBadRequest = true);
builder.Services.AddHealthChecks().AddCheck<DatabaseHealth>("database");
builder.Services.AddResponseCompression();
builder.Services.AddProblemDetails(options => options.CustomizeProblemDetails = context =>
    context.ProblemDetails.Detail ??= Problem.Of("request", ProblemCode.RequestUnreadable).Sentence);
builder.Services.AddExceptionHandler<ProblemHandler>();
builder.Services.AddOpenApi(Description.Name, options => options.AddSchemaTransformer<AnswerSchemas>().AddDocumentTransformer((document, _, _) =>
{
    document.Info.Title = "Datura";
    document.Info.Version = "1";
    document.Servers?.Clear();
    return Task.CompletedTask;
}));
builder.Services.Configure<HostFilteringOptions>(options => options.AllowedHosts = [.. Addresses.Allowed(builder.Configuration[Addresses.Hosts])]);
builder.WebHost.ConfigureKestrel(kestrel =>
{
    kestrel.Limits.MaxRequestBodySize = 2 * DocumentFile.MostBytes;
    kestrel.AddServerHeader = false;
});
if (describe is null && Addresses.Refusal(Addresses.Configured(builder.Configuration), builder.Configuration[Addresses.Guarded]) is { } refusal)
{
    await Console.Error.WriteLineAsync(refusal.Sentence);
    Environment.ExitCode = 2;
    return;
}

var app = builder.Build();
// A proxy on this computer says whether it was reached by TLS.
app.UseForwardedHeaders(new() { ForwardedHeaders = ForwardedHeaders.XForwardedProto });
app.UseSecurityHeaders();
app.UseExceptionHandler();
app.UseStatusCodePages();
app.UseSameOrigin();
app.UseRateLimiter();
app.UseResponseCompression();
app.UseStartPage();
app.UseStaticFiles(new StaticFileOptions
{
    // Their names change with what is in them.
    OnPrepareResponse = file => file.Context.Response.Headers.CacheControl =
        file.Context.Request.Path.StartsWithSegments("/assets", StringComparison.Ordinal) ? "public, max-age=31536000, immutable" : "no-cache",
});
app.UseRequestTimeouts();
app.MapOpenApi();
// Whether this copy runs at all, and whether it can serve.
app.MapHealthChecks("/health/live", new() { Predicate = _ => false });
app.MapHealthChecks("/health/ready");
app.MapHealthChecks("/health");
var arrived = app.MapArrivals();
arrived.MapLooks();
arrived.MapFaces();
arrived.MapKits();
arrived.MapPlans();
arrived.MapCoats();
arrived.MapPaintDesk();
arrived.MapForms();
arrived.MapOrders();
arrived.MapVocabulary();
arrived.MapStudio();
app.MapFallback("/api/{**rest}", (HttpContext context) => Unrouted.Answer(context, ((IEndpointRouteBuilder)app).DataSources)).ExcludeFromDescription();
app.MapStartPage();

if (describe is not null)
{
    await Description.WriteAsync(app, describe);
    return;
}

Migrator.Run(connection);
await Demo.LoadIfEmptyAsync(app.Services.GetRequiredService<DocumentStore>());
app.Lifetime.ApplicationStarted.Register(() => Task.Run(Datura.Core.Body.FittedBody.Warm));
await app.RunAsync();

/// <summary>Named so that tests can start the service.</summary>
public partial class Program;
