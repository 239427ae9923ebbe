using System.Net;
using System.Text.Json;
using System.Text.Json.Nodes;
using Datura.Documents;
using Datura.Store;
using Microsoft.Extensions.Diagnostics.HealthChecks;
using Npgsql;

namespace Datura.Web.Tests;

public class ServiceTests(Service service) : IClassFixture<Service>
{
    [Theory]
    [InlineData("/health")]
    [InlineData("/health/ready")]
    [InlineData("/health/live")]
    public async Task HealthSaysThatTheDatabaseAnswers(string address) => Assert.Equal(HttpStatusCode.OK, (await service.Client.GetAsync(address)).StatusCode);

    // One that takes the connection and says nothing, as a frozen database does; the test ends because somebody loses patience.
    [Fact]
    public async Task AFrozenDatabaseIsNoticed()
    {
        using var frozen = new System.Net.Sockets.TcpListener(IPAddress.Loopback, 0);
        frozen.Start();
        var port = ((IPEndPoint)frozen.LocalEndpoint).Port;
        await using var nowhere = NpgsqlDataSource.Create($"Host=127.0.0.1;Port={port};Username=x;Database=x;Timeout=60");
        var health = new DatabaseHealth(nowhere);
        Assert.Equal(HealthStatus.Unhealthy, (await health.CheckHealthAsync(new())).Status);
    }

    [Fact]
    public async Task ADeadDatabaseIsNoticed()
    {
        await using var nowhere = NpgsqlDataSource.Create("Host=127.0.0.1;Port=1;Username=x;Database=x;Timeout=2");
        Assert.False(await DocumentStore.AnswersAsync(nowhere));
    }

    /// <summary>The front end's types are generated from this document; web/openapi.json must be the one that is served.</summary>
    [Fact]
    public async Task TheCommittedInterfaceDescriptionIsTheServedOne()
    {
        var served = JsonNode.Parse(await service.Client.GetStringAsync("/openapi/v1.json"));
        var committed = JsonNode.Parse(await File.ReadAllTextAsync(Path.Combine(Root(), "web", "openapi.json")));
        Assert.True(JsonNode.DeepEquals(committed, served), "web/openapi.json is old. Run scripts/openapi and commit the result.");
    }

    [Fact]
    public async Task EveryOperationHasANameASummaryAndTheFormOfItsAnswer()
    {
        var described = JsonNode.Parse(await service.Client.GetStringAsync("/openapi/v1.json"))!;
        var operations = described["paths"]!.AsObject().SelectMany(p => p.Value!.AsObject().Select(o => (Address: $"{o.Key} {p.Key}", Operation: o.Value!))).ToArray();
        Assert.Distinct(operations.Select(o => (string?)o.Operation["operationId"]));
        Assert.All(operations, o =>
        {
            Assert.False(string.IsNullOrEmpty((string?)o.Operation["operationId"]), o.Address);
            Assert.EndsWith(".", (string?)o.Operation["summary"], StringComparison.Ordinal);
            var answers = o.Operation["responses"]!.AsObject();
            var good = answers.Where(r => r.Key.StartsWith('2')).Select(r => (Code: r.Key, Content: r.Value!["content"]?.AsObject())).ToArray();
            Assert.True(good.All(g => g.Code == "204" || g.Content is { Count: > 0 } content && content.All(c => c.Value!["schema"] is JsonObject { Count: > 0 })),
                $"{o.Address} does not say what it answers");
        });
    }

    [Fact]
    public async Task EveryRowBelongsToAStudioOrToAPersonsWayIn()
    {
        await using var db = new NpgsqlConnection(service.Connection);
        await db.OpenAsync();
        await using var command = new NpgsqlCommand(
            """
            select count(*) from information_schema.tables t
            where table_schema = 'public' and table_name not in ('schemaversions', 'studio', 'account', 'passkey', 'session', 'one_time_link', 'key_ring') and not exists (
                select 1 from information_schema.columns c
                where c.table_schema = 'public' and c.table_name = t.table_name and c.column_name = 'studio_id' and c.is_nullable = 'NO')
            """, db);
        Assert.Equal(0L, await command.ExecuteScalarAsync());
    }

    [Fact]
    public async Task OneStudioDoesNotSeeAnothersLooks()
    {
        await using var source = NpgsqlDataSource.Create(service.Connection);
        await using (var command = source.CreateCommand("insert into studio (id, name) values ('other', 'Other studio') on conflict do nothing"))
        {
            await command.ExecuteNonQueryAsync();
        }

        var other = new DocumentStore(source, "other");
        Assert.Empty(await other.ListAsync("look"));
        await Assert.ThrowsAsync<MissingDocumentException>(() => other.GetAsync("look", "drowned-lamp-keeper"));
    }

    [Fact]
    public async Task TheSchemaOfLookFilesIsPublished()
    {
        var schema = JsonNode.Parse(await service.Client.GetStringAsync("/schemas/look-1.schema.json"))!;
        Assert.Equal("https://json-schema.org/draft/2020-12/schema", (string?)schema["$schema"]);
    }

    private static string Root()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder.FullName, "Datura.slnx")))
        {
            folder = folder.Parent!;
        }

        return folder.FullName;
    }

    // What the service does not know it refuses by its place, and forgets nothing silently.
    [Theory]
    [InlineData("parts", "tool")]
    [InlineData("", "glitter")]
    public async Task AnUnknownFieldIsRefusedByItsPlace(string within, string field)
    {
        var body = JsonNode.Parse(JsonSerializer.Serialize(await service.DemoRequest(), DaturaJson.Compact))!;
        (within.Length == 0 ? body["look"]!.AsObject() : body["look"]![within]![0]!.AsObject())[field] = "sponge";
        var answer = await service.Client.PostAsync("/api/plan", new StringContent(body.ToJsonString(), System.Text.Encoding.UTF8, "application/json"));
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains(field, (await Service.Read<Problem>(answer)).Detail, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("/api/faces/odalys/tape?x1=0&y1=0&x2=10", "y2")]
    [InlineData("/api/faces/odalys/tape?x1=left&y1=0&x2=10&y2=3", "x1")]
    [InlineData("/api/faces/odalys/offers/forehead?kit=saltmarsh-box", "setting")]
    public async Task AMissingOrUnreadableValueOfTheAddressIsNamed(string address, string name)
    {
        var answer = await service.Client.GetAsync(address);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains($"say {name}", (await Service.Read<Problem>(answer)).Detail, StringComparison.Ordinal);
    }
}
