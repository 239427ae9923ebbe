using System.Text.Json.Serialization;
using Datura.Documents;
using Datura.Store;
using Datura.Store.Accounts;
using Datura.Web;
using Datura.Web.Accounts;
using Datura.Web.Computing;
using Datura.Web.Guard;
using Datura.Web.Watching;
using Microsoft.AspNetCore.HostFiltering;
using Microsoft.AspNetCore.HttpOverrides;
using Npgsql;
using Serilog;

// --check ADDRESS asks another copy whether it can serve, for whatever watches over it.
if (args is ["--check", var address])
{
    return await HealthQuestion.AskAsync(address);
}

var builder = WebApplication.CreateBuilder(args);
// The last word of a line is the request's id, as problems tell it (traceId).
builder.Host.UseSerilog((_, log) => log
    .MinimumLevel.Information()
    .MinimumLevel.Override("Microsoft.AspNetCore", Serilog.Events.LogEventLevel.Warning)
    // That the shared keys lie in the database as they are is known (docs/security.md).
    .MinimumLevel.Override("Microsoft.AspNetCore.DataProtection", Serilog.Events.LogEventLevel.Error)
    .WriteTo.Console(outputTemplate: "{Timestamp:yyyy-MM-dd HH:mm:ss} {Level:u3} {Message:lj} {TraceId}{NewLine}{Exception}"));

// --describe FILE writes the service's description and ends; the build does so, and no database is needed for it.
var describe = args is ["--describe", var file] ? file : null;
var connection = builder.Configuration["DATURA_DB"] ?? (describe is null ? null : "")
    ?? throw new InvalidOperationException("DATURA_DB is not set. Start with ./run, or give a PostgreSQL connection string.");
builder.Services.AddSingleton(_ => NpgsqlDataSource.Create(DatabasePool.Sized(connection)));
// What is asked for is asked for in the studio of whoever asks, and nowhere else; without one there is nothing.
builder.Services.AddScoped(services =>
{
    var caller = services.GetRequiredService<Caller>();
    return new DocumentStore(services.GetRequiredService<NpgsqlDataSource>(), caller.Studio ?? "", caller.Account);
});
builder.Services.AddScoped<Library>();
builder.Services.AddScoped<WholeStudio>();
builder.Services.AddAccounts();
builder.Services.AddWatching(builder.Configuration);
// As many computations as cores; of those who wait some hundred seconds are worth waiting for.
builder.Services.AddSingleton(_ => new ComputeQueue(Environment.ProcessorCount, mostWaiting: 60 * Environment.ProcessorCount));
builder.Services.AddRequestTimeouts();
builder.Services.AddCrowd();
if (describe is null)
{
    builder.Services.AddHostedService<Bin>();
    builder.Services.AddHostedService(services => services.GetRequiredService<GalleryPainter>());
    builder.Services.AddSharedKeys();
}

builder.Services.AddSingleton<PlanMemory>();
builder.Services.AddScoped<PlanService>();
builder.Services.AddScoped<CharacterService>();
builder.Services.AddScoped<CaseService>();
builder.Services.AddScoped<DayService>();
builder.Services.AddScoped<ProductionService>();
builder.Services.AddScoped<DrillService>();
builder.Services.AddScoped(services => new ShownLookStore(services.GetRequiredService<NpgsqlDataSource>(), services.GetRequiredService<Caller>().Studio ?? ""));
builder.Services.AddScoped(services => new WearerCardStore(services.GetRequiredService<NpgsqlDataSource>(), services.GetRequiredService<Caller>().Studio ?? ""));
builder.Services.AddScoped<WearerCards>();
builder.Services.AddScoped(services => new ChairEventStore(services.GetRequiredService<NpgsqlDataSource>(), services.GetRequiredService<Caller>().Studio ?? ""));
builder.Services.AddScoped(services => new QueueEventStore(services.GetRequiredService<NpgsqlDataSource>(), services.GetRequiredService<Caller>().Studio ?? ""));
builder.Services.AddSingleton<QueueLinkStore>();
builder.Services.AddSingleton<QueueBoards>();
builder.Services.AddScoped(services => new SessionPhotoStore(services.GetRequiredService<NpgsqlDataSource>(), services.GetRequiredService<Caller>().Studio ?? ""));
builder.Services.AddScoped(services => new LearnedBooks(services.GetRequiredService<Library>(), services.GetRequiredService<DocumentStore>(), services.GetRequiredService<ChairEventStore>(),
    services.GetRequiredService<PlanMemory>(), services.GetRequiredService<Caller>().Studio ?? ""));
builder.Services.AddSignalR();
builder.Services.AddSingleton<PhotoSeal>();
builder.Services.AddSingleton<ChairRoom>();
builder.Services.AddScoped<Gallery>();
builder.Services.AddSingleton<GalleryPainter>();
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
var app = builder.Build();
// A proxy on this computer says whether it was reached by TLS, and from where.
app.UseForwardedHeaders(new() { ForwardedHeaders = ForwardedHeaders.XForwardedProto | ForwardedHeaders.XForwardedFor });
app.UseSecurityHeaders();
app.UseExceptionHandler();
app.UseStatusCodePages();
app.UseSameOrigin();
app.UseRateLimiter();
app.UseResponseCompression();
app.UseStartPage();
app.UseStaticFiles(new StaticFileOptions
{
    OnPrepareResponse = file =>
    {
        var path = file.Context.Request.Path;
        // Their names change with what is in them.
        file.Context.Response.Headers.CacheControl = path.StartsWithSegments("/assets", StringComparison.Ordinal) ? "public, max-age=31536000, immutable" : "no-cache";
        // A worker goes by what its own script says it may do.
        if (path.Value is { } name && name.EndsWith(".js", StringComparison.Ordinal))
        {
            if (!path.StartsWithSegments("/assets", StringComparison.Ordinal))
            {
                file.Context.Response.Headers.ContentSecurityPolicy = SecurityHeaders.WorkerPolicy;
            }
            else if (name.Contains(".worker", StringComparison.Ordinal))
            {
                file.Context.Response.Headers.ContentSecurityPolicy = SecurityHeaders.FinderPolicy;
            }
        }
    },
});
app.UseRequestTimeouts();
app.UseAccounts();
app.MapOpenApi().AllowAnonymous();
app.MapMetrics();
// Whether this copy runs at all, and whether it can serve.
app.MapHealthChecks("/health/live", new() { Predicate = _ => false }).AllowAnonymous();
app.MapHealthChecks("/health/ready").AllowAnonymous();
app.MapHealthChecks("/health").AllowAnonymous();
var arrived = app.MapArrivals();
arrived.MapLooks();
arrived.MapFaces();
arrived.MapKits();
arrived.MapPlans();
arrived.MapBriefs();
arrived.MapCharacters();
arrived.MapReferences();
arrived.MapPhotos();
arrived.MapCases();
arrived.MapDays();
arrived.MapQueues();
arrived.MapProductions();
arrived.MapDrills();
arrived.MapWearerCards();
arrived.MapPaintings();
arrived.MapBook();
arrived.MapCoats();
arrived.MapPaintDesk();
arrived.MapForms();
arrived.MapOrders();
arrived.MapVocabulary();
arrived.MapStudio();
arrived.MapSessions();
arrived.MapAccount();
arrived.MapMembers();
arrived.MapGuests();
app.MapFallback("/api/{**rest}", (HttpContext context) => Unrouted.Answer(context, ((IEndpointRouteBuilder)app).DataSources)).ExcludeFromDescription().AllowAnonymous();
app.MapHub<ChairHub>("/live/chair").For(Role.Helper);
app.MapStartPage();

if (describe is not null)
{
    await Description.WriteAsync(app, describe);
    return 0;
}

Migrator.Run(builder.Configuration["DATURA_DB_OWNER"] ?? connection, new NpgsqlConnectionStringBuilder(connection).Username);
var source = app.Services.GetRequiredService<NpgsqlDataSource>();
if (await Demo.LoadIfEmptyAsync(new(source, Studio.Own), new(source, Studio.Own), new(source, Studio.Own)))
{
    await app.Services.GetRequiredService<MemberStore>().RenameStudioAsync(Studio.Own, Demo.StudioName);
}

var accounts = app.Services.GetRequiredService<AccountStore>();
if (builder.Configuration[DemoSignIn.Setting] == "yes" && !await accounts.AnyAsync()
    && Addresses.Refusal(Addresses.Configured(builder.Configuration), builder.Configuration[Addresses.Guarded]) is { } refusal)
{
    await Console.Error.WriteLineAsync(refusal.Sentence);
    return 2;
}

if (await OwnerLink.MakeAsync(accounts, app.Services.GetRequiredService<MemberStore>()) is { } link)
{
    // Where it was started, and in no log: whoever reads this line owns the studio.
    app.Lifetime.ApplicationStarted.Register(() => Console.WriteLine($"Nobody has an account yet. The owner's is made, within a day, at {app.Urls.FirstOrDefault()}{link}"));
}

app.Lifetime.ApplicationStarted.Register(() => Task.Run(Datura.Core.Body.FittedBody.Warm));
await app.RunAsync();
return 0;

/// <summary>Named so that tests can start the service.</summary>
public partial class Program;
