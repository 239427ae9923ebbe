using System.Net;
using System.Net.Http.Json;
using System.Security.Cryptography;
using System.Text;
using Datura.Documents;
using Datura.Store.Accounts;

namespace Datura.Web.Tests;

/// <summary>Somebody at a browser of their own.</summary>
public sealed class Person(HttpClient browser, CookieContainer? cookies = null)
{
    public const string Password = "kelp lamp harbour bell";

    private string page = "";

    public HttpClient Browser => browser;

    /// <summary>Somebody at a browser that nobody has used yet.</summary>
    public static Person New(Service service)
    {
        var cookies = new CookieContainer();
        return new(Service.BrowserAt(service.Copies[0], cookies), cookies);
    }

    /// <summary>The same browser, at another copy of the service.</summary>
    public Person At(Microsoft.AspNetCore.Mvc.Testing.WebApplicationFactory<Program> copy) => new(Service.BrowserAt(copy, cookies!), cookies);

    /// <summary>Somebody else who holds the cookies that this browser has just now.</summary>
    public Person AsNow(Service service)
    {
        var copied = new CookieContainer();
        copied.Add(cookies!.GetAllCookies());
        return new(Service.BrowserAt(service.Copies[0], copied), copied);
    }

    /// <summary>A link's secret, as if an owner had made it.</summary>
    public static async Task<string> LinkAsync(Service service, string studio, Role role)
    {
        var token = Guid.NewGuid().ToString("N");
        await service.Inside<MemberStore>().AddLinkAsync(SHA256.HashData(Encoding.UTF8.GetBytes(token)), new("join", studio, role, null), TimeSpan.FromHours(1));
        return token;
    }

    /// <summary>Somebody new in a studio.</summary>
    public static async Task<Person> JoinedAsync(Service service, string studio, Role role, string? name = null)
    {
        var person = New(service);
        var answer = await person.SendAsync(HttpMethod.Post, "/api/links/join", new JoinRequest(await LinkAsync(service, studio, role), name ?? $"{role} {Guid.NewGuid():N}"[..20], Password));
        Assert.Equal(HttpStatusCode.NoContent, answer.StatusCode);
        Assert.Equal(role, (await person.SessionAsync()).Role);
        return person;
    }

    /// <summary>Reads who is signed in, as the page does when it is loaded, and keeps what it must send back.</summary>
    public async Task<SessionResource> SessionAsync()
    {
        var session = await GetAsync<SessionResource>("/api/session");
        page = session.Page;
        return session;
    }

    public async Task<T> GetAsync<T>(string address) => await Service.Read<T>(await SendAsync<object>(HttpMethod.Get, address, null));

    public Task<HttpResponseMessage> SendAsync<T>(HttpMethod method, string address, T? body)
        where T : class
    {
        var request = new HttpRequestMessage(method, address) { Content = body is null ? null : JsonContent.Create(body, options: DaturaJson.Compact) };
        return Send(request);
    }

    /// <summary>An empty body of some kind, or none.</summary>
    public Task<HttpResponseMessage> SendAsync(HttpMethod method, string address, string? kind)
    {
        var request = new HttpRequestMessage(method, address) { Content = kind is null ? null : new StringContent("{}", new System.Net.Http.Headers.MediaTypeHeaderValue(kind)) };
        return Send(request);
    }

    private Task<HttpResponseMessage> Send(HttpRequestMessage request)
    {
        if (page.Length > 0)
        {
            request.Headers.Add("Datura-Page", page);
        }

        return browser.SendAsync(request);
    }

    public Task<HttpResponseMessage> SendAsync(HttpMethod method, string address) => SendAsync<object>(method, address, null);

    public async Task<HttpStatusCode> StatusAsync<T>(HttpMethod method, string address, T? body)
        where T : class
    {
        using var answer = await SendAsync(method, address, body);
        return answer.StatusCode;
    }

    /// <returns>Whether a second factor is asked for; null when it was refused.</returns>
    public async Task<bool?> SignInAsync(string name, string password)
    {
        page = "";
        using var answer = await SendAsync(HttpMethod.Post, "/api/session", new SignInRequest(name, password));
        if (answer.StatusCode != HttpStatusCode.OK)
        {
            return null;
        }

        await SessionAsync();
        return (await Service.Read<SignInAnswer>(answer)).SecondFactor;
    }
}
