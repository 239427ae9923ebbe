using System.Net;
using Datura.Store.Accounts;

namespace Datura.Web.Tests;

/// <summary>The demo opens without a password: here, now, and nowhere else.</summary>
public class DemoTests(Service service) : IClassFixture<Service>
{
    [Fact]
    public async Task TheDemoSignsInByItselfAndSaysSo()
    {
        var session = await service.Get<SessionResource>("/api/session");
        Assert.True(session.Demo);
        Assert.Equal((Role.Owner, "Saltmarsh Lantern Walk", null), (session.Role, session.Studio!.Name, session.Name));
    }

    // RFC 7239 and its forerunners, RFC 9110 (Via): whoever passes a request on says so in one of these.
    [Theory]
    [InlineData("X-Forwarded-For", "10.0.0.9")]
    [InlineData("X-Forwarded-Proto", "https")]
    [InlineData("X-Forwarded-Host", "studio.example")]
    [InlineData("Forwarded", "for=10.0.0.9")]
    [InlineData("Via", "1.1 harbour")]
    public async Task ItDoesNotThroughSomethingThatPassesRequestsOn(string header, string value)
    {
        using var request = new HttpRequestMessage(HttpMethod.Get, "/api/looks");
        request.Headers.Add(header, value);
        using var answer = await service.Client.SendAsync(request);
        Assert.Equal(HttpStatusCode.Unauthorized, answer.StatusCode);
        Assert.Contains("not signed in", (await Service.Read<Problem>(answer)).Detail, StringComparison.Ordinal);
    }

    [Fact]
    public async Task ItDoesNotUnlessItWasToldTo()
    {
        using var browser = service.Copy(("DATURA_DEMO", "no")).CreateClient();
        Assert.Equal(HttpStatusCode.Unauthorized, (await browser.GetAsync("/api/faces")).StatusCode);
        using var named = service.Copy(("DATURA_HOSTS", "studio.example")).CreateClient();
        Assert.Equal(HttpStatusCode.Unauthorized, (await named.GetAsync("/api/faces")).StatusCode);
        Assert.Equal(HttpStatusCode.OK, (await named.GetAsync("/health/ready")).StatusCode);
    }
}
