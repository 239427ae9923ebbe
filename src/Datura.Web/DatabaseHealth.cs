using Datura.Store;
using Microsoft.Extensions.Diagnostics.HealthChecks;
using Npgsql;

namespace Datura.Web;

/// <summary>Whether the database answers; without it nothing can be read or saved.</summary>
public sealed class DatabaseHealth(NpgsqlDataSource source) : IHealthCheck
{
    // A database answers in a millisecond. One that is frozen never does, and does not hear that it is no longer asked either.
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(1);

    public async Task<HealthCheckResult> CheckHealthAsync(HealthCheckContext context, CancellationToken cancellationToken = default)
    {
        try
        {
            return await DocumentStore.AnswersAsync(source, cancellationToken).WaitAsync(Patience, cancellationToken)
                ? HealthCheckResult.Healthy("The database answers.") : HealthCheckResult.Unhealthy("The database does not answer.");
        }
        catch (TimeoutException)
        {
            return HealthCheckResult.Unhealthy("The database does not answer.");
        }
    }
}
