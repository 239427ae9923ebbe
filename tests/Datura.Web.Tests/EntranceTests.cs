using System.Net;
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
}
