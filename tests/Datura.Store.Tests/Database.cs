using Npgsql;

namespace Datura.Store.Tests;

/// <summary>An empty database of its own in the PostgreSQL that DATURA_TEST_DB names (./test starts one), brought up to date. Dropped at the end.</summary>
public sealed class Database : IAsyncLifetime
{
    private readonly string name = $"datura_store_{Guid.NewGuid():N}";
    private readonly List<string> others = [];

    private static string Server => Environment.GetEnvironmentVariable("DATURA_TEST_DB")
        ?? throw new InvalidOperationException("DATURA_TEST_DB is not set. Run ./test, which starts a PostgreSQL for the tests.");

    public string Connection => new NpgsqlConnectionStringBuilder(Server) { Database = name }.ConnectionString;

    public NpgsqlDataSource Source { get; private set; } = null!;

    public async Task InitializeAsync()
    {
        await Execute($"create database {name}");
        Migrator.Run(Connection);
        Source = NpgsqlDataSource.Create(Connection);
    }

    public async Task AddStudioAsync(string id)
    {
        await using var command = Source.CreateCommand("insert into studio (id, name) values ($1, $1) on conflict do nothing");
        command.Parameters.AddWithValue(id);
        await command.ExecuteNonQueryAsync();
    }

    /// <summary>An empty database beside this one, not brought up to date; dropped with it.</summary>
    /// <returns>Its connection.</returns>
    public async Task<string> CreateAnotherAsync()
    {
        var another = $"{name}_{others.Count}";
        others.Add(another);
        await Execute($"create database {another}");
        return new NpgsqlConnectionStringBuilder(Server) { Database = another }.ConnectionString;
    }

    public async Task DisposeAsync()
    {
        await Source.DisposeAsync();
        foreach (var one in others.Append(name))
        {
            await Execute($"drop database {one} with (force)");
        }
    }

    private static async Task Execute(string sql)
    {
        await using var db = new NpgsqlConnection(Server);
        await db.OpenAsync();
        await using var command = new NpgsqlCommand(sql, db);
        await command.ExecuteNonQueryAsync();
    }
}
