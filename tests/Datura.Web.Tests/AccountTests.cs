using System.Buffers.Binary;
using System.Net;
using System.Security.Cryptography;
using System.Text.RegularExpressions;
using Datura.Store.Accounts;
using Npgsql;

namespace Datura.Web.Tests;

/// <summary>Getting in, staying in, being let out.</summary>
public class AccountTests(Service service) : IClassFixture<Service>
{
    private static string Name() => $"Keeper {Guid.NewGuid():N}"[..16];

    [Fact]
    public async Task APasswordLetsInAndAWrongOneDoesNot()
    {
        var name = Name();
        await Person.JoinedAsync(service, "own", Role.Painter, name);
        var again = Person.New(service);
        Assert.Null(await again.SignInAsync(name, "kelp lamp harbour belt"));
        Assert.Null((await again.SessionAsync()).Role);
        Assert.Equal(HttpStatusCode.Unauthorized, await again.StatusAsync<object>(HttpMethod.Get, "/api/looks", null));
        // Whatever the case of the name.
        Assert.False(await again.SignInAsync(name.ToUpperInvariant(), Person.Password));
        Assert.Equal(HttpStatusCode.OK, await again.StatusAsync<object>(HttpMethod.Get, "/api/looks", null));
        Assert.Equal(name, (await again.SessionAsync()).Name);
    }

    // Nobody can learn from the answer who has an account.
    [Fact]
    public async Task AnUnknownNameIsRefusedLikeAWrongPassword()
    {
        var name = Name();
        await Person.JoinedAsync(service, "own", Role.Painter, name);
        var stranger = Person.New(service);
        using var wrong = await stranger.SendAsync(HttpMethod.Post, "/api/session", new SignInRequest(name, "not the password"));
        using var unknown = await stranger.SendAsync(HttpMethod.Post, "/api/session", new SignInRequest(Name(), "not the password"));
        Assert.Equal(wrong.StatusCode, unknown.StatusCode);
        Assert.Equal((await Service.Read<Problem>(wrong)).Detail, (await Service.Read<Problem>(unknown)).Detail);
    }

    [Theory]
    [InlineData("short one")]
    [InlineData("aaaaaaaaaaaaaaaaaaaa")]
    [InlineData("abababababababab")]
    public async Task AWeakPasswordIsRefusedAndTheLinkStaysGood(string password)
    {
        var link = await Person.LinkAsync(service, "own", Role.Helper);
        var person = Person.New(service);
        using var refused = await person.SendAsync(HttpMethod.Post, "/api/links/join", new JoinRequest(link, Name(), password));
        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
        Assert.Contains("12 to 128", (await Service.Read<Problem>(refused)).Detail, StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.NoContent, await person.StatusAsync(HttpMethod.Post, "/api/links/join", new JoinRequest(link, Name(), Person.Password)));
    }

    [Fact]
    public async Task ALinkWorksOnce()
    {
        var link = await Person.LinkAsync(service, "own", Role.Helper);
        var joined = await Task.WhenAll(Enumerable.Range(0, 5).Select(_ =>
            Person.New(service).StatusAsync(HttpMethod.Post, "/api/links/join", new JoinRequest(link, Name(), Person.Password))));
        Assert.Single(joined, s => s == HttpStatusCode.NoContent);
        Assert.Equal(4, joined.Count(s => s == HttpStatusCode.Unauthorized));
    }

    [Fact]
    public async Task WhatIsKeptOpensNothing()
    {
        var name = Name();
        var person = await Person.JoinedAsync(service, "own", Role.Painter, name);
        await using var db = new NpgsqlConnection(service.Connection);
        await db.OpenAsync();
        await using var command = new NpgsqlCommand("select password_hash from account where name = $1", db) { Parameters = { new() { Value = name } } };
        var hash = Convert.FromBase64String((string)(await command.ExecuteScalarAsync())!);
        // Format 3 of the framework's hasher: the function (2: HMAC-SHA-512) and the rounds stand in front, big-endian. OWASP Password Storage Cheat Sheet: at least 210,000.
        Assert.Equal(1, hash[0]);
        Assert.Equal(2u, BinaryPrimitives.ReadUInt32BigEndian(hash.AsSpan(1)));
        Assert.True(BinaryPrimitives.ReadUInt32BigEndian(hash.AsSpan(5)) >= 210_000);
        Assert.DoesNotContain(Person.Password, System.Text.Encoding.Latin1.GetString(hash), StringComparison.Ordinal);
        Assert.Equal(name, (await person.SessionAsync()).Name);
    }

    [Fact]
    public async Task AChangeWithoutThePagesWordIsRefused()
    {
        var person = await Person.JoinedAsync(service, "own", Role.Painter);
        // The cookie alone, as a foreign page's form would send it.
        using var forged = await person.Browser.DeleteAsync("/api/looks/quay-seal?revision=1");
        Assert.Equal(HttpStatusCode.Forbidden, forged.StatusCode);
        Assert.Contains("out of date", (await Service.Read<Problem>(forged)).Detail, StringComparison.Ordinal);
        // And with somebody else's word.
        var other = await Person.JoinedAsync(service, "own", Role.Painter);
        using var request = new HttpRequestMessage(HttpMethod.Delete, "/api/looks/quay-seal?revision=1");
        request.Headers.Add("Datura-Page", (await other.SessionAsync()).Page);
        using var borrowed = await person.Browser.SendAsync(request);
        Assert.Equal(HttpStatusCode.Forbidden, borrowed.StatusCode);
    }

    [Fact]
    public async Task ASessionIsEndedFromElsewhereAndByAnotherPassword()
    {
        var name = Name();
        var here = await Person.JoinedAsync(service, "own", Role.Painter, name);
        var (there, third) = (Person.New(service), Person.New(service));
        await there.SignInAsync(name, Person.Password);
        await third.SignInAsync(name, Person.Password);
        var account = await here.GetAsync<AccountResource>("/api/account");
        Assert.Equal(3, account.Sessions.Count);
        var theirs = (await there.GetAsync<AccountResource>("/api/account")).Sessions.Single(s => s.Here);
        await here.SendAsync(HttpMethod.Delete, $"/api/account/sessions/{theirs.Id}");
        Assert.Null((await there.SessionAsync()).Role);
        Assert.Equal(Role.Painter, (await third.SessionAsync()).Role);

        Assert.Equal(HttpStatusCode.BadRequest, await here.StatusAsync(HttpMethod.Put, "/api/account/password", new PasswordChange("not the present one", "another harbour bell")));
        Assert.Equal(HttpStatusCode.NoContent, await here.StatusAsync(HttpMethod.Put, "/api/account/password", new PasswordChange(Person.Password, "another harbour bell")));
        Assert.Null((await third.SessionAsync()).Role);
        Assert.Equal(Role.Painter, (await here.SessionAsync()).Role);
        Assert.Null(await third.SignInAsync(name, Person.Password));
        Assert.False(await third.SignInAsync(name, "another harbour bell"));
    }

    [Fact]
    public async Task SigningOutEndsTheSession()
    {
        var person = await Person.JoinedAsync(service, "own", Role.Painter);
        Assert.Equal(HttpStatusCode.NoContent, await person.StatusAsync<object>(HttpMethod.Delete, "/api/session", null));
        Assert.Null((await person.SessionAsync()).Role);
    }

    // Codes by RFC 6238 reckoned here, not by the framework that checks them.
    [Fact]
    public async Task AnAuthenticatorIsAskedForOnceItIsSetUp()
    {
        var name = Name();
        var person = await Person.JoinedAsync(service, "own", Role.Painter, name);
        using var offered = await person.SendAsync(HttpMethod.Post, "/api/account/authenticator", new PasswordRequest(Person.Password));
        var authenticator = await Service.Read<AuthenticatorResource>(offered);
        Assert.StartsWith("<svg", authenticator.Picture.TrimStart(), StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.BadRequest, await person.StatusAsync(HttpMethod.Put, "/api/account/authenticator", new CodeRequest("000000")));
        var confirming = Code(authenticator.Key, DateTimeOffset.UtcNow);
        using var confirmed = await person.SendAsync(HttpMethod.Put, "/api/account/authenticator", new CodeRequest(confirming));
        var codes = (await Service.Read<RecoveryCodes>(confirmed)).Codes;
        Assert.Equal(10, codes.Distinct().Count());

        var again = Person.New(service);
        Assert.True(await again.SignInAsync(name, Person.Password));
        Assert.Null((await again.SessionAsync()).Role);
        Assert.Equal(HttpStatusCode.Unauthorized, await again.StatusAsync(HttpMethod.Post, "/api/session/second", new CodeRequest(Code(authenticator.Key, DateTimeOffset.UtcNow.AddHours(-1)))));
        // The one that confirmed it was taken, and is not taken again; the next one is.
        Assert.Equal(HttpStatusCode.Unauthorized, await again.StatusAsync(HttpMethod.Post, "/api/session/second", new CodeRequest(confirming)));
        Assert.Equal(HttpStatusCode.NoContent, await again.StatusAsync(HttpMethod.Post, "/api/session/second", new CodeRequest(Code(authenticator.Key, DateTimeOffset.UtcNow.AddSeconds(30)))));
        Assert.Equal(Role.Painter, (await again.SessionAsync()).Role);

        // A code that works once works once.
        foreach (var expected in new[] { HttpStatusCode.NoContent, HttpStatusCode.Unauthorized })
        {
            var third = Person.New(service);
            await third.SignInAsync(name, Person.Password);
            Assert.Equal(expected, await third.StatusAsync(HttpMethod.Post, "/api/session/second", new CodeRequest(codes[0])));
        }
    }

    // RFC 6238, appendix B, the secret of the SHA-1 rows; its codes have eight digits, the last six are ours.
    [Theory]
    [InlineData(59, "287082")]
    [InlineData(1111111109, "081804")]
    [InlineData(20000000000, "353130")]
    public void OurCodesAreThoseOfTheStandard(long seconds, string code) =>
        Assert.Equal(code, Code("GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ", DateTimeOffset.FromUnixTimeSeconds(seconds)));

    [Fact]
    public async Task AForgottenPasswordIsSetAnewByMail()
    {
        var name = Name();
        var person = Person.New(service);
        var mail = $"{Guid.NewGuid():N}@saltmarsh.example";
        await person.SendAsync(HttpMethod.Post, "/api/links/join", new JoinRequest(await Person.LinkAsync(service, "own", Role.Painter), name, Person.Password, mail));
        var elsewhere = Person.New(service);
        Assert.Equal(HttpStatusCode.NoContent, await elsewhere.StatusAsync(HttpMethod.Post, "/api/links/forgotten", new ForgottenRequest(mail)));
        // Nothing comes, and nothing is said, for somebody who is not known.
        Assert.Equal(HttpStatusCode.NoContent, await elsewhere.StatusAsync(HttpMethod.Post, "/api/links/forgotten", new ForgottenRequest(Name())));
        var letter = Assert.Single(Directory.GetFiles(service.MailFolder).Select(File.ReadAllText), t => t.Contains(mail, StringComparison.Ordinal));
        // Quoted-printable breaks lines with an equals sign (RFC 2045, 6.7).
        var token = Regex.Match(letter.Replace("=\r\n", "", StringComparison.Ordinal), "/reset#([A-Za-z0-9_-]{43})").Groups[1].Value;
        Assert.Equal(HttpStatusCode.NoContent, await elsewhere.StatusAsync(HttpMethod.Post, "/api/links/reset", new ResetRequest(token, "lantern on the marsh")));
        Assert.Equal(HttpStatusCode.Unauthorized, await elsewhere.StatusAsync(HttpMethod.Post, "/api/links/reset", new ResetRequest(token, "lantern on the moor")));
        Assert.Null((await person.SessionAsync()).Role);
        Assert.False(await elsewhere.SignInAsync(name, "lantern on the marsh"));
    }

    [Fact]
    public async Task ARoleCountsFromTheMomentItIsGiven()
    {
        var owner = await Person.JoinedAsync(service, "own", Role.Owner);
        var name = Name();
        var painter = await Person.JoinedAsync(service, "own", Role.Painter, name);
        var id = (await owner.GetAsync<MemberResource[]>("/api/members")).Single(m => m.Name == name).Id;
        Assert.Equal(HttpStatusCode.NoContent, await owner.StatusAsync(HttpMethod.Put, $"/api/members/{id}", new RoleRequest(Role.Helper)));
        Assert.Equal(HttpStatusCode.Forbidden, await painter.StatusAsync<object>(HttpMethod.Delete, "/api/looks/quay-seal?revision=1", null));
        Assert.Equal(HttpStatusCode.OK, await painter.StatusAsync<object>(HttpMethod.Get, "/api/looks", null));
        Assert.Equal(HttpStatusCode.NoContent, await owner.StatusAsync<object>(HttpMethod.Delete, $"/api/members/{id}", null));
        Assert.Equal(HttpStatusCode.Unauthorized, await painter.StatusAsync<object>(HttpMethod.Get, "/api/looks", null));
        var session = await painter.SessionAsync();
        Assert.Equal((name, null), (session.Name, session.Role));
    }

    [Fact]
    public async Task AStudioKeepsAnOwner()
    {
        var first = await Person.JoinedAsync(service, "own", Role.Painter);
        using var made = await first.SendAsync(HttpMethod.Post, "/api/studio", new StudioName("Quay workshop"));
        Assert.Equal("Quay workshop", (await Service.Read<StudioResource>(made)).Name);
        Assert.Empty(await first.GetAsync<Store.DocumentHead[]>("/api/looks/find"));
        var self = Assert.Single(await first.GetAsync<MemberResource[]>("/api/members"));
        using var refused = await first.SendAsync(HttpMethod.Put, $"/api/members/{self.Id}", new RoleRequest(Role.Helper));
        Assert.Contains("last owner", (await Service.Read<Problem>(refused)).Detail, StringComparison.Ordinal);
        // Back to where there is something.
        var own = (await first.SessionAsync()).Studios.First(s => s.Id == "own");
        Assert.Equal(HttpStatusCode.NoContent, await first.StatusAsync(HttpMethod.Put, "/api/session/studio", own));
        Assert.NotEmpty(await first.GetAsync<Store.DocumentHead[]>("/api/looks/find"));
        Assert.Equal(HttpStatusCode.Unauthorized, await first.StatusAsync(HttpMethod.Put, "/api/session/studio", new StudioResource("nowhere", "Nowhere")));
    }

    [Fact]
    public async Task AGuestSeesOneLookUntilTheLinkIsEnded()
    {
        var painter = await Person.JoinedAsync(service, "own", Role.Painter);
        using var made = await painter.SendAsync(HttpMethod.Post, "/api/guests", new GuestLinkRequest("quay-seal", "odalys", "saltmarsh-box", "night-parade", 1));
        var guest = Person.New(service);
        await guest.SendAsync(HttpMethod.Post, "/api/session/guest", new TokenRequest((await Service.Read<NewLink>(made)).Path.Split('#')[1]));
        var look = await guest.GetAsync<GuestLook>("/api/guest");
        Assert.Equal("Quay seal", look.Look);
        Assert.True(look.Minutes > 1);
        Assert.Equal(HttpStatusCode.OK, await guest.StatusAsync<object>(HttpMethod.Get, "/api/guest/picture?view=front", null));
        var link = (await painter.GetAsync<GuestLinkResource[]>("/api/guests"))[0];
        await painter.SendAsync(HttpMethod.Delete, $"/api/guests/{link.Id}");
        Assert.Equal(HttpStatusCode.Unauthorized, await guest.StatusAsync<object>(HttpMethod.Get, "/api/guest", null));
    }

    [Fact]
    public async Task WhoChangedWhatIsOnRecordByIdsOnly()
    {
        var owner = await Person.JoinedAsync(service, "own", Role.Owner, "Record Keeper");
        var look = await owner.GetAsync<LookResource>("/api/looks/storm-cormorant");
        Assert.Equal(HttpStatusCode.OK, await owner.StatusAsync(HttpMethod.Put, "/api/looks/storm-cormorant", new Save<Look>(look.Revision, look.Look with { Name = "Storm cormorant, late" })));
        var changes = await owner.GetAsync<AuditResource[]>("/api/studio/changes");
        var change = changes.First(c => c is { Id: "storm-cormorant", Action: "saved" });
        Assert.Equal(("Record Keeper", look.Revision + 1), (change.Who, change.Revision));
        Assert.Equal(changes.OrderByDescending(c => c.Number).Select(c => c.Number), changes.Select(c => c.Number));
        await using var db = new NpgsqlConnection(service.Connection);
        await db.OpenAsync();
        await using var columns = new NpgsqlCommand("select string_agg(column_name, ' ' order by column_name) from information_schema.columns where table_name = 'audit'", db);
        Assert.Equal("account_id action at id kind number revision studio_id", await columns.ExecuteScalarAsync());
    }

    // Erased is erased: no save, no name, no guest's link is left of it anywhere in the database.
    [Fact]
    public async Task WhatIsKeptAboutAWearerIsToldAndErasedForGood()
    {
        var owner = await Person.JoinedAsync(service, "own", Role.Owner);
        var face = (await owner.GetAsync<FaceResource>("/api/faces/bartram")).Face with { Name = "Wilhelmina Shrimpmonger" };
        using var added = await owner.SendAsync(HttpMethod.Post, "/api/faces", face);
        var id = (await Service.Read<Saved>(added)).Id;
        await owner.SendAsync(HttpMethod.Put, $"/api/faces/{id}", new Save<Face>(1, face with { Name = "Wilhelmina Shrimpmonger II" }));
        await owner.SendAsync(HttpMethod.Post, "/api/guests", new GuestLinkRequest("quay-seal", id, "saltmarsh-box", "night-parade", 3));
        var all = await owner.GetAsync<PersonData>($"/api/faces/{id}/everything");
        Assert.Equal([2, 1], all.Saves.Select(s => s.Revision));
        Assert.Single(all.Links);

        // From the bin as well as from the lists.
        await owner.SendAsync(HttpMethod.Delete, $"/api/faces/{id}?revision=2");
        Assert.Equal(HttpStatusCode.NoContent, await owner.StatusAsync<object>(HttpMethod.Delete, $"/api/faces/{id}/for-good", null));
        Assert.Equal(HttpStatusCode.NotFound, await owner.StatusAsync<object>(HttpMethod.Get, $"/api/faces/{id}/everything", null));
        Assert.Equal(HttpStatusCode.NotFound, await owner.StatusAsync<object>(HttpMethod.Post, $"/api/faces/{id}/put-back", null));
        await using var db = new NpgsqlConnection(service.Connection);
        await db.OpenAsync();
        foreach (var (table, left) in new[] { ("document", "name"), ("document_revision", "body::text"), ("guest_link", "face_id"), ("audit", "coalesce(kind, '')") })
        {
            await using var look = new NpgsqlCommand(
                $"select set_config('datura.studio', 'own', false); select count(*) from {table} where {left} ilike '%shrimpmonger%' or {left} = @id", db)
            { Parameters = { new("id", id) } };
            await using var rows = await look.ExecuteReaderAsync();
            Assert.True(await rows.NextResultAsync() && await rows.ReadAsync());
            Assert.True(rows.GetInt64(0) == 0, table);
        }
    }

    private static string Code(string base32, DateTimeOffset at)
    {
        var bits = string.Concat(base32.Select(c => Convert.ToString("ABCDEFGHIJKLMNOPQRSTUVWXYZ234567".IndexOf(c), 2).PadLeft(5, '0')));
        var key = Enumerable.Range(0, bits.Length / 8).Select(k => Convert.ToByte(bits.Substring(8 * k, 8), 2)).ToArray();
        var counter = new byte[8];
        BinaryPrimitives.WriteInt64BigEndian(counter, at.ToUnixTimeSeconds() / 30);
#pragma warning disable CA5350 // RFC 6238 and every authenticator use HMAC-SHA-1.
        var hash = HMACSHA1.HashData(key, counter);
#pragma warning restore CA5350
        return ((BinaryPrimitives.ReadUInt32BigEndian(hash.AsSpan(hash[^1] & 15)) & 0x7fffffff) % 1_000_000).ToString("000000", System.Globalization.CultureInfo.InvariantCulture);
    }
}
