using DbUp;
using DbUp.Engine.Output;

namespace Datura.Store;

/// <summary>Brings a database up to date with the numbered scripts in Migrations.</summary>
public static class Migrator
{
    /// <exception cref="InvalidOperationException">A script failed; nothing of it was kept.</exception>
    public static void Run(string connection)
    {
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
    }
}
