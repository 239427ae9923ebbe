using Npgsql;

namespace Datura.Web;

/// <summary>How many connections to the database one copy of the service holds at most.</summary>
public static class DatabasePool
{
    /// <summary>
    /// A fifth of what the private PostgreSQL allows (scripts/common.sh), so that a backup and other copies still get in.
    /// Reads take a millisecond: more would wait in the database instead of here.
    /// </summary>
    public const int Most = 20;

    private const int MostPrepared = 60;

    /// <summary>The connection with its pool sized, unless whoever runs the service sized it.</summary>
    public static string Sized(string connection)
    {
        var settings = new NpgsqlConnectionStringBuilder(connection);
        if (!settings.ShouldSerialize("Maximum Pool Size"))
        {
            settings.MaxPoolSize = Most;
        }

        // Statements are planned once a connection, and nothing is left on one that would have to be cleared away (DocumentStore): half as many
        // reads again in the same time (measured, 500 connections on two cores).
        settings.MaxAutoPrepare = MostPrepared;
        settings.NoResetOnClose = true;
        return settings.ConnectionString;
    }
}
