using System.Net;
using System.Text.RegularExpressions;

namespace Datura.Web.Tests;

/// <summary>What whoever runs the service can see of it.</summary>
public class WatchingTests(Service service) : IClassFixture<Service>
{
    [Fact]
    public async Task MetricsCountWhatIsComputedAndWhoIsRefused()
    {
        using var copy = service.Copy(("DATURA_METRICS_TOKEN", "lamp black")).CreateClient();
        await copy.GetAsync("/api/looks/quay-seal/picture");
        await copy.PostAsync("/api/session", new StringContent("{\"name\":\"nobody\",\"password\":\"nothing\"}", new System.Net.Http.Headers.MediaTypeHeaderValue("application/json")));
        var told = await copy.GetStringAsync("/metrics");
        // The form of Prometheus: a name, labels and a number; meters are the process's, so a copy beside this one counts too.
        Assert.Matches(new Regex("^datura_compute_duration_seconds_count\\{[^}]*operation=\"drawLook\"[^}]*\\} [1-9]", RegexOptions.Multiline), told);
        Assert.Matches(new Regex("^datura_entrance_refused_total\\{[^}]*code=\"problem.wrongSignIn\"", RegexOptions.Multiline), told);
        Assert.Contains("http_server_request_duration_seconds", told, StringComparison.Ordinal);
        Assert.DoesNotContain("nobody", told, StringComparison.Ordinal);

        using var elsewhere = new HttpRequestMessage(HttpMethod.Get, "/metrics");
        elsewhere.Headers.Add("X-Forwarded-For", "10.0.0.9");
        Assert.Equal(HttpStatusCode.Forbidden, (await copy.SendAsync(elsewhere)).StatusCode);
        using var known = new HttpRequestMessage(HttpMethod.Get, "/metrics");
        known.Headers.Add("X-Forwarded-For", "10.0.0.9");
        known.Headers.Add("Authorization", "Bearer lamp black");
        Assert.Equal(HttpStatusCode.OK, (await copy.SendAsync(known)).StatusCode);
    }
}
