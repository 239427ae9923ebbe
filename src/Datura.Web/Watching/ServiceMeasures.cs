using System.Diagnostics.Metrics;
using Datura.Web.Computing;

namespace Datura.Web.Watching;

/// <summary>What the service measures of itself beside what the framework does (OpenTelemetry, semantic conventions for metrics).</summary>
internal sealed class ServiceMeasures
{
    public const string MeterName = "Datura";

    private readonly Histogram<double> waited;
    private readonly Histogram<double> computed;
    private readonly Counter<long> refused;

    public ServiceMeasures(IMeterFactory meters, ComputeQueue queue)
    {
        var meter = meters.Create(MeterName);
        meter.CreateObservableGauge("datura.compute.waiting", () => queue.Waiting, "{request}", "Computations that wait for their place.");
        waited = meter.CreateHistogram<double>("datura.compute.wait", "s", "How long a computation waited for its place.");
        computed = meter.CreateHistogram<double>("datura.compute.duration", "s", "How long a computation took, without waiting.");
        refused = meter.CreateCounter<long>("datura.entrance.refused", "{try}", "Tries to get in that failed.");
    }

    /// <param name="operation">The operation's id in the service's description.</param>
    public void Computed(string operation, TimeSpan wait, TimeSpan duration)
    {
        waited.Record(wait.TotalSeconds, new KeyValuePair<string, object?>("operation", operation));
        computed.Record(duration.TotalSeconds, new KeyValuePair<string, object?>("operation", operation));
    }

    /// <param name="code">Why, as problems say it.</param>
    public void Refused(string code) => refused.Add(1, new KeyValuePair<string, object?>("code", code));
}
