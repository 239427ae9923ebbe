using Datura.Store;
using Microsoft.Extensions.Diagnostics.HealthChecks;

namespace Datura.Web;

/// <summary>Whether the database answers; without it nothing can be read or saved.</summary>
internal sealed class DatabaseHealth(DocumentStore store) : IHealthCheck
{
    public async Task<HealthCheckResult> CheckHealthAsync(HealthCheckContext context, CancellationToken cancellationToken = default) =>
        await store.AnswersAsync(cancellationToken) ? HealthCheckResult.Healthy("The database answers.") : HealthCheckResult.Unhealthy("The database does not answer.");
}
