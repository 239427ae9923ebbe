using System.Net.Http.Json;
using System.Text.RegularExpressions;
using Datura.Documents;
using Datura.Store.Accounts;
using Microsoft.AspNetCore.TestHost;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Logging;

namespace Datura.Web.Tests;

/// <summary>What the log tells of getting in. A service of its own, since the first account ends the demo.</summary>
public class EntranceLogTests(Service service) : IClassFixture<Service>
{
    // Who got in and who did not can be followed afterwards, and nothing that anybody typed stands there.
    [Fact]
    public async Task WhoGetsInIsLoggedById()
    {
        using var log = new LineLog();
        using var copy = service.Copy().WithWebHostBuilder(host => host.ConfigureTestServices(s => s.AddSingleton(LoggerFactory.Create(b => b.AddProvider(log)))));
        using var browser = copy.CreateClient();
        Task<HttpResponseMessage> Send(string address, object body) => browser.PostAsJsonAsync(address, body, DaturaJson.Compact);
        var link = await Person.LinkAsync(service, "own", Role.Helper);
        await Send("/api/session", new SignInRequest("Forged\n2026 INF line", "not the password"));
        await Send("/api/links/join", new JoinRequest(link, "Tamsin Logged", Person.Password));
        await browser.GetAsync("/api/members%0A2026");
        await browser.GetAsync("/api/members");
        var told = log.Lines.Where(l => l.StartsWith("Turned away", StringComparison.Ordinal) || l.StartsWith("Signed in", StringComparison.Ordinal)).ToArray();
        Assert.Contains(told, l => l.StartsWith("Turned away (problem.wrongSignIn): POST /api/session", StringComparison.Ordinal));
        Assert.Contains(told, l => Regex.IsMatch(l, "^Signed in: account [0-9a-f-]{36}"));
        Assert.Contains(told, l => Regex.IsMatch(l, "^Turned away \\(problem.notYourRole\\): GET /api/members"));
        Assert.DoesNotContain(told, l => l.Contains("Tamsin", StringComparison.Ordinal) || l.Contains("Forged", StringComparison.Ordinal) || l.Contains('\n', StringComparison.Ordinal));
    }
}
