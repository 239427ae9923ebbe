using System.Net;
using Datura.Documents;
using Datura.Web.Guard;
using Microsoft.Extensions.Configuration;

namespace Datura.Web.Tests;

/// <summary>What keeps other pages and other computers out.</summary>
public class GuardTests(Service service) : IClassFixture<Service>
{
    [Theory]
    [InlineData("/api/looks")]
    [InlineData("/api/looks/quay-seal/picture")]
    [InlineData("/api/looks/nobody")]
    [InlineData("/openapi/v1.json")]
    [InlineData("/health")]
    [InlineData("/")]
    public async Task EveryAnswerSaysWhatABrowserMustNotDo(string address)
    {
        var answer = await service.Client.GetAsync(address);
        string Header(string name) => string.Join(", ", answer.Headers.GetValues(name));
        Assert.Equal("nosniff", Header("X-Content-Type-Options"));
        Assert.Equal("no-referrer", Header("Referrer-Policy"));
        Assert.Contains("frame-ancestors 'none'", Header("Content-Security-Policy"), StringComparison.Ordinal);
        Assert.DoesNotContain("unsafe-eval", Header("Content-Security-Policy"), StringComparison.Ordinal);
        Assert.False(answer.Headers.Contains("Server"));
        // Over plain loopback nothing is said of TLS; RFC 6797, 7.2.
        Assert.False(answer.Headers.Contains("Strict-Transport-Security"));
    }

    // A page elsewhere that posts a form or calls by script is told by its origin; nothing comes of it.
    [Theory]
    [InlineData("Origin", "https://elsewhere.example")]
    [InlineData("Origin", "null")]
    [InlineData("Origin", "http://localhost:81")]
    [InlineData("Origin", "https://localhost")]
    [InlineData("Sec-Fetch-Site", "cross-site")]
    [InlineData("Sec-Fetch-Site", "same-site")]
    public async Task AnotherPageChangesNothing(string header, string value)
    {
        var before = await service.Client.GetStringAsync("/api/looks");
        foreach (var (method, address) in new[] { (HttpMethod.Post, "/api/looks"), (HttpMethod.Post, "/api/looks/import"), (HttpMethod.Delete, "/api/looks/quay-seal?revision=1") })
        {
            using var request = new HttpRequestMessage(method, address);
            request.Headers.Add(header, value);
            request.Content = method == HttpMethod.Post ? new StringContent(DocumentTypes.Look.WriteFile(await service.DemoLook())) : null;
            using var answer = await service.Client.SendAsync(request);
            Assert.Equal(HttpStatusCode.Forbidden, answer.StatusCode);
            Assert.Contains("nothing was done", (await Service.Read<Problem>(answer)).Detail, StringComparison.Ordinal);
        }

        Assert.Equal(before, await service.Client.GetStringAsync("/api/looks"));
    }

    [Theory]
    [InlineData("Origin", "http://localhost")]
    [InlineData("Sec-Fetch-Site", "same-origin")]
    [InlineData("Sec-Fetch-Site", "none")]
    public async Task OurOwnPageIsServed(string header, string value)
    {
        using var request = new HttpRequestMessage(HttpMethod.Get, "/api/looks");
        request.Headers.Add(header, value);
        Assert.Equal(HttpStatusCode.OK, (await service.Client.SendAsync(request)).StatusCode);
    }

    [Fact]
    public async Task ALinkFromAnotherPageOpens()
    {
        using var request = new HttpRequestMessage(HttpMethod.Get, "/api/looks");
        request.Headers.Add("Sec-Fetch-Site", "cross-site");
        request.Headers.Add("Sec-Fetch-Mode", "navigate");
        Assert.Equal(HttpStatusCode.OK, (await service.Client.SendAsync(request)).StatusCode);
    }

    // A foreign name made to lead to this computer (DNS rebinding) is not ours.
    [Theory]
    [InlineData("elsewhere.example", HttpStatusCode.BadRequest)]
    [InlineData("127.0.0.1.elsewhere.example", HttpStatusCode.BadRequest)]
    [InlineData("192.168.0.9", HttpStatusCode.BadRequest)]
    [InlineData("localhost:5180", HttpStatusCode.OK)]
    [InlineData("127.0.0.1", HttpStatusCode.OK)]
    [InlineData("[::1]:5180", HttpStatusCode.OK)]
    public async Task OnlyItsOwnNamesAreAnswered(string host, HttpStatusCode status)
    {
        using var request = new HttpRequestMessage(HttpMethod.Get, "/api/faces");
        request.Headers.Host = host;
        Assert.Equal(status, (await service.Client.SendAsync(request)).StatusCode);
    }

    [Theory]
    [InlineData(null, null, true)]
    [InlineData("http://127.0.0.1:5180", null, true)]
    [InlineData("http://localhost:5180;http://[::1]:5181", null, true)]
    [InlineData("http://0.0.0.0:5180", null, false)]
    [InlineData("http://*:80", null, false)]
    [InlineData("http://+:80", "no", false)]
    [InlineData("http://127.0.0.1:1;http://192.168.0.9:1", null, false)]
    [InlineData("http://studio.example", null, false)]
    [InlineData("http://0.0.0.0:5180", "yes", true)]
    public void AnAddressOfTheNetworkIsNotServedUnguarded(string? urls, string? guarded, bool may) => Assert.Equal(may, Addresses.Refusal(urls, guarded) is null);

    // However the framework is told to listen, it is seen.
    [Theory]
    [InlineData("urls", "http://127.0.0.1:5180", true)]
    [InlineData("urls", "http://0.0.0.0:5180", false)]
    [InlineData("http_ports", "8080", false)]
    [InlineData("https_ports", "8443;8444", false)]
    [InlineData("Kestrel:Endpoints:Main:Url", "http://[::]:80", false)]
    [InlineData("Kestrel:Endpoints:Main:Url", "http://localhost:80", true)]
    public void EverySettingOfAnAddressIsSeen(string setting, string value, bool may)
    {
        var settings = new ConfigurationBuilder().AddInMemoryCollection(new Dictionary<string, string?> { [setting] = value }).Build();
        Assert.Equal(may, Addresses.Refusal(Addresses.Configured(settings), null) is null);
    }

    // Behind a proxy with TLS the page's own origin is https, and browsers are told to stay with it (RFC 6797).
    [Fact]
    public async Task BehindAProxyWithTlsOurOwnPageIsStillOurs()
    {
        using var request = new HttpRequestMessage(HttpMethod.Get, "/api/looks");
        request.Headers.Add("X-Forwarded-Proto", "https");
        request.Headers.Add("Origin", "https://localhost");
        using var answer = await service.Client.SendAsync(request);
        // Not another page's; but the demo signs nobody in that came through something else.
        Assert.Equal(HttpStatusCode.Unauthorized, answer.StatusCode);
        Assert.True(answer.Headers.Contains("Strict-Transport-Security"));
    }

    [Fact]
    public void NamesOfOtherComputersAreAddedByWhoeverRunsIt() =>
        Assert.Equal(["localhost", "127.0.0.1", "[::1]", "studio.example", "10.0.0.7"], Addresses.Allowed("studio.example; 10.0.0.7;"));
}
