using System.Net;
using System.Net.Http.Json;
using System.Text.Json;
using Datura.Documents;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.AspNetCore.Mvc.Testing.Handlers;
using Microsoft.Extensions.DependencyInjection;
using Npgsql;

namespace Datura.Web.Tests;

/// <summary>
/// The service on a database of its own in the PostgreSQL that DATURA_TEST_DB names (./test starts one). Dropped at the end.
/// </summary>
public sealed class Service : IAsyncLifetime
{
    private readonly string name = $"datura_test_{Guid.NewGuid():N}";
    private readonly List<WebApplicationFactory<Program>> copies = [];

    private static string Server => Environment.GetEnvironmentVariable("DATURA_TEST_DB")
        ?? throw new InvalidOperationException("DATURA_TEST_DB is not set. Run ./test, which starts a PostgreSQL for the tests.");

    public string Connection => new NpgsqlConnectionStringBuilder(Server) { Database = name }.ConnectionString;

    public HttpClient Client { get; private set; } = null!;

    public async Task InitializeAsync()
    {
        await Execute($"create database {name}");
        Client = AnotherCopy();
    }

    /// <summary>One more copy of the service on the same database.</summary>
    public HttpClient AnotherCopy() => Copy().CreateClient();

    /// <summary>One more copy, with settings of its own.</summary>
    public WebApplicationFactory<Program> Copy(params (string Name, string Value)[] settings)
    {
        var copy = new WebApplicationFactory<Program>().WithWebHostBuilder(host =>
        {
            host.UseSetting("DATURA_DB", Connection).UseSetting("DATURA_DEMO", "yes").UseSetting("DATURA_MAIL", MailFolder);
            foreach (var (name, value) in settings)
            {
                host.UseSetting(name, value);
            }
        });
        copies.Add(copy);
        return copy;
    }

    public IReadOnlyList<WebApplicationFactory<Program>> Copies => copies;

    /// <summary>A browser of somebody's own at one copy: it keeps its cookies where they are given.</summary>
    public static HttpClient BrowserAt(WebApplicationFactory<Program> copy, CookieContainer cookies) => copy.CreateDefaultClient(new CookieContainerHandler(cookies));

    /// <summary>What the service itself works with.</summary>
    public T Inside<T>()
        where T : notnull => copies[0].Services.GetRequiredService<T>();

    /// <summary>Where its mail goes.</summary>
    public string MailFolder { get; } = Directory.CreateTempSubdirectory("datura-mail-").FullName;

    public async Task DisposeAsync()
    {
        foreach (var copy in copies)
        {
            await copy.DisposeAsync();
        }

        await Execute($"drop database {name} with (force)");
        Directory.Delete(MailFolder, recursive: true);
    }

    public async Task<T> Get<T>(string address) => Read<T>(await Client.GetStringAsync(address));

    public Task<HttpResponseMessage> Send<T>(HttpMethod method, string address, T body) =>
        Client.SendAsync(new(method, address) { Content = JsonContent.Create(body, options: DaturaJson.Compact) });

    public static async Task<T> Read<T>(HttpResponseMessage answer) => Read<T>(await answer.Content.ReadAsStringAsync());

    public async Task<Look> DemoLook(string id = "drowned-lamp-keeper") => (await Get<LookResource>($"/api/looks/{id}")).Look;

    public async Task<PlanRequest> DemoRequest() => new(await DemoLook(), "odalys", "saltmarsh-box", "night-parade");

    private static T Read<T>(string text) => JsonSerializer.Deserialize<T>(text, DaturaJson.Compact)!;

    private static async Task Execute(string sql)
    {
        await using var db = new NpgsqlConnection(Server);
        await db.OpenAsync();
        await using var command = new NpgsqlCommand(sql, db);
        await command.ExecuteNonQueryAsync();
    }
}

/// <summary>A problem as RFC 9457 has it.</summary>
public sealed record Problem(string? Type, string? Title, int Status, string? Detail, Dictionary<string, string[]>? Errors, int? Line, int? CurrentRevision);
