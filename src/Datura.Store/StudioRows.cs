using Dapper;
using Npgsql;

namespace Datura.Store;

/// <summary>Rows of one studio: every statement names it, so that the database shows and takes no others (row-level security).</summary>
internal sealed class StudioRows(NpgsqlDataSource source, string studio)
{
    private const string Naming = "select set_config('datura.studio', @studio, true)";

    public Task<NpgsqlConnection> OpenAsync(CancellationToken cancel) => source.OpenConnectionAsync(cancel).AsTask();

    // The studio is named for the statements that go with it and for no others: a connection that goes back to the pool has forgotten it.
    // Statements that are sent together are one transaction (PostgreSQL manual, message flow, Pipelining), and one way to the database and back.
    public async Task<IReadOnlyList<T>> ReadAsync<T>(string sql, object values, CancellationToken cancel)
    {
        await using var db = await OpenAsync(cancel);
        await using var both = await db.QueryMultipleAsync(Of($"{Naming};\n{sql}", values, cancel));
        await both.ReadAsync<string>();
        return [.. await both.ReadAsync<T>()];
    }

    public async Task<NpgsqlTransaction> BeginAsync(NpgsqlConnection db, CancellationToken cancel)
    {
        var work = await db.BeginTransactionAsync(cancel);
        await db.ExecuteAsync(Of(Naming, new { studio }, cancel, work));
        return work;
    }

    /// <summary>A query that stops when whoever asked is gone.</summary>
    public static CommandDefinition Of(string sql, object values, CancellationToken cancel, NpgsqlTransaction? work = null) => new(sql, values, work, cancellationToken: cancel);
}
