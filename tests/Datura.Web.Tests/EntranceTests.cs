using System.Net;
using System.Net.Http.Json;
using Datura.Documents;
using Datura.Store.Accounts;

namespace Datura.Web.Tests;

/// <summary>Who is who at the door. A service of its own: all tests come from one address, which has so many tries a minute.</summary>
public class EntranceTests(Service service) : IClassFixture<Service>
{
    private static string Name() => $"Keeper {Guid.NewGuid():N}"[..16];

    [Theory]
    [InlineData("Tidewater", "no address")]
    [InlineData("Tidewater", "Somebody <somebody@saltmarsh.example>")]
    [InlineData("somebody@saltmarsh.example", "")]
    [InlineData("Tidewater", "taken@saltmarsh.example")]
    public async Task AnAddressIsOnePersonsAndANameIsNoAddress(string name, string mail)
    {
        async Task<HttpResponseMessage> Join(string as_, string at) => await Person.New(service).SendAsync(
            HttpMethod.Post, "/api/links/join", new JoinRequest(await Person.LinkAsync(service, "own", Role.Helper), as_, Person.Password, at));
        using var first = await Join(Name(), "taken@saltmarsh.example");
        using var refused = await Join(name.Contains('@', StringComparison.Ordinal) ? name : Name(), mail);
        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);

        // Nor is it changed into one afterwards.
        var person = await Person.JoinedAsync(service, "own", Role.Helper);
        var later = await person.StatusAsync(HttpMethod.Put, "/api/account/mail", new MailAddressRequest(mail, Person.Password));
        Assert.Equal(mail.Length == 0 ? HttpStatusCode.NoContent : HttpStatusCode.BadRequest, later);
    }

    [Fact]
    public async Task FiveWrongTriesLockTheAccountForAWhile()
    {
        var name = Name();
        await Person.JoinedAsync(service, "own", Role.Helper, name);
        var guesser = Person.New(service);
        for (var k = 0; k < 5; k++)
        {
            Assert.Null(await guesser.SignInAsync(name, $"guess number {k}"));
        }

        using var locked = await guesser.SendAsync(HttpMethod.Post, "/api/session", new SignInRequest(name, Person.Password));
        Assert.Contains("five minutes", (await Service.Read<Problem>(locked)).Detail, StringComparison.Ordinal);
    }

    // Long enough, and yet among the first that are tried: from memory of the lists of passwords that leaked most often, and rows of keys.
    [Theory]
    [InlineData("password1234")]
    [InlineData("qwertyuiop123")]
    [InlineData("1q2w3e4r5t6y")]
    [InlineData("iloveyou1234")]
    [InlineData("letmeinletmein")]
    [InlineData("abcdefghijklm")]
    public async Task APasswordThatManyHaveIsRefused(string password)
    {
        using var refused = await Person.New(service).SendAsync(
            HttpMethod.Post, "/api/links/join", new JoinRequest(await Person.LinkAsync(service, "own", Role.Helper), Name(), password));
        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
        Assert.Contains("none that many people have", (await Service.Read<Problem>(refused)).Detail, StringComparison.Ordinal);
    }

    [Fact]
    public async Task WhoJoinsIsInTheRecord()
    {
        var name = Name();
        await Person.JoinedAsync(service, "own", Role.Painter, name);
        var owner = await Person.JoinedAsync(service, "own", Role.Owner);
        Assert.Contains(await owner.GetAsync<AuditResource[]>("/api/studio/changes"), c => c.Action == "joined" && c.Who == name);
    }

    // OWASP ASVS 5.0, 7.2.4: another session with every sign-in, and the one before ends.
    [Fact]
    public async Task WhoSignsInOverAnOpenSessionIsWhoeverSignedInLast()
    {
        var (first, second) = (Name(), Name());
        await Person.JoinedAsync(service, "own", Role.Helper, first);
        var painter = await Person.JoinedAsync(service, "own", Role.Painter, second);
        using var made = await painter.SendAsync(HttpMethod.Post, "/api/guests", new GuestLinkRequest("quay-seal", "odalys", "saltmarsh-box", "night-parade", 1));

        var shared = Person.New(service);
        await shared.SendAsync(HttpMethod.Post, "/api/session/guest", new TokenRequest((await Service.Read<NewLink>(made)).Path.Split('#')[1]));
        Assert.Equal(Role.Guest, (await shared.SessionAsync()).Role);
        Assert.Null(await shared.SignInAsync(first, "not the password"));
        Assert.Equal(Role.Guest, (await shared.SessionAsync()).Role);
        await shared.SignInAsync(first, Person.Password);
        Assert.Equal((first, Role.Helper), await Now(shared));

        var left = shared.AsNow(service);
        await shared.SignInAsync(second, Person.Password);
        Assert.Equal((second, Role.Painter), await Now(shared));
        Assert.Null((await left.SessionAsync()).Role);
    }

    // RFC 6265bis, 4.1.3.2: browsers take a cookie with this prefix only when it is Secure, has the path / and no domain.
    [Fact]
    public async Task BehindTlsTheCookieIsThisHostsAlone()
    {
        var name = Name();
        await Person.JoinedAsync(service, "own", Role.Helper, name);
        using var browser = service.Copies[0].CreateDefaultClient();
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/session") { Content = JsonContent.Create(new SignInRequest(name, Person.Password), options: DaturaJson.Compact) };
        request.Headers.Add("X-Forwarded-Proto", "https");
        using var answer = await browser.SendAsync(request);
        var cookie = Assert.Single(answer.Headers.GetValues("Set-Cookie"));
        Assert.StartsWith("__Host-datura=", cookie, StringComparison.Ordinal);
        foreach (var word in new[] { "secure", "path=/", "httponly", "samesite=strict" })
        {
            Assert.Contains(word, cookie, StringComparison.OrdinalIgnoreCase);
        }

        Assert.DoesNotContain("domain", cookie, StringComparison.OrdinalIgnoreCase);

        using var back = new HttpRequestMessage(HttpMethod.Get, "/api/session");
        back.Headers.Add("X-Forwarded-Proto", "https");
        back.Headers.Add("Cookie", cookie.Split(';')[0]);
        Assert.Equal(name, (await Service.Read<SessionResource>(await browser.SendAsync(back))).Name);
    }

    private static async Task<(string? Name, Role? Role)> Now(Person person) => await person.SessionAsync() is var session ? (session.Name, session.Role) : default;
}
