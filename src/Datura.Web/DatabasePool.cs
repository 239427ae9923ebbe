using Npgsql;

namespace Datura.Web;

/// <summary>How many connections to the database one copy of the service holds at most.</summary>
public static class DatabasePool
{
    /// <summary>
    /// Below the 60 that the private PostgreSQL allows (scripts/common.sh), so that a backup and a second copy that starts still get in.
    /// Reads take a millisecond: more would wait in the database instead of here.
    /// </summary>
    public const int Most = 20;

    /// <summary>The connection with its pool sized, unless whoever runs the service sized it.</summary>
    public static string Sized(string connection)
    {
        var settings = new NpgsqlConnectionStringBuilder(connection);
        if (!settings.ShouldSerialize("Maximum Pool Size"))
        {
            settings.MaxPoolSize = Most;
        }

        return settings.ConnectionString;
    }
}
