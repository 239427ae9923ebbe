using DbUp;
using DbUp.Engine.Output;
using Npgsql;

namespace Datura.Store;

/// <summary>Brings a database up to date with the numbered scripts in Migrations.</summary>
public static class Migrator
{
    // Any number that nothing else in this database locks.
    private const long LockKey = 0x446174757261;

    /// <param name="connection">As the user whom the tables belong to.</param>
    /// <param name="service">The user as whom the service works, if another: it may use the tables and change none of their rules.</param>
    /// <exception cref="InvalidOperationException">A script failed; nothing of it was kept.</exception>
    public static void Run(string connection, string? service = null)
    {
        // One copy of the service at a time: the lock ends with its connection, however that ends.
        using var gate = new NpgsqlConnection(new NpgsqlConnectionStringBuilder(connection) { Pooling = false }.ConnectionString);
        gate.Open();
        using (var wait = new NpgsqlCommand($"select pg_advisory_lock({LockKey})", gate))
        {
            wait.CommandTimeout = 0;
            wait.ExecuteNonQuery();
        }

        var result = DeployChanges.To.PostgresqlDatabase(connection)
            .WithScriptsEmbeddedInAssembly(typeof(Migrator).Assembly)
            .WithTransactionPerScript()
            .LogTo(new NoOpUpgradeLog())
            .Build()
            .PerformUpgrade();
        if (!result.Successful)
        {
            throw new InvalidOperationException($"The database could not be brought up to date ({result.ErrorScript?.Name}): {result.Error.Message}", result.Error);
        }

        if (service is not null && service != new NpgsqlConnectionStringBuilder(connection).Username)
        {
            var name = $"\"{service.Replace("\"", "\"\"", StringComparison.Ordinal)}\"";
            using var grant = new NpgsqlCommand(
                $"grant usage on schema public to {name}; grant select, insert, update, delete on all tables in schema public to {name}; "
                    + $"revoke update, delete on audit from {name}; revoke insert, update, delete on schemaversions from {name}", gate);
            grant.ExecuteNonQuery();
        }
    }
}
