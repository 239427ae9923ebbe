using System.Net;
using System.Text;
using System.Text.Json.Nodes;
using Datura.Store.Accounts;

namespace Datura.Web.Tests;

/// <summary>Every route of the service's description, tried as everybody: what somebody may not do, nothing does for them.</summary>
public class RightsTests(Service service) : IClassFixture<Service>
{
    // Everything else that is no list, no reading and no reckoning is changed by painters.
    private static readonly string[] OwnersAlone =
    [
        "exportStudio", "importStudio", "renameStudio", "listChanges", "listMembers", "invite", "changeRole", "removeMember", "makeResetLink", "exportPerson",
        "eraseLook", "eraseFace", "eraseKit", "eraseSetting", "eraseCharacter", "eraseReference", "eraseIdea", "eraseCase", "eraseDay", "eraseProduction", "eraseDrillbook", "erasePainting",
    ];

    private static readonly string[] Open =
        ["readSession", "signIn", "signInSecond", "beginPasskey", "signInByPasskey", "signInAsGuest", "signOut", "chooseStudio", "readLink", "join", "joinToo", "resetPassword", "forgetPassword", "watchQueue"];

    private static readonly string[] Guests = ["readGuestLook", "drawGuestLook", "printGuestSheet"];

    private static readonly string[] Changes = ["add", "save", "remove", "putBack", "restore", "import"];

    // What everybody with an account does with it, and with studios of their own.
    private static readonly string[] OwnAccount = ["addPasskey", "removePasskey", "addStudio"];

    [Fact]
    public async Task EveryRouteServesThoseItIsForAndNobodyElse()
    {
        var others = await service.Inside<MemberStore>().AddStudioAsync("Elsewhere", await OwnerOfNothing());
        var owner = await Person.JoinedAsync(service, "own", Role.Owner);
        var (painter, helper) = (await Person.JoinedAsync(service, "own", Role.Painter), await Person.JoinedAsync(service, "own", Role.Helper));
        var stranger = await Person.JoinedAsync(service, others, Role.Owner);
        var guest = await GuestAsync(owner);
        var nobody = Person.New(service);

        var names = (await owner.GetAsync<Store.DocumentHead[]>("/api/faces/find")).Select(f => f.Name).ToArray();
        Assert.NotEmpty(names);
        var routes = await RoutesAsync();
        Assert.True(routes.Length > 120, $"{routes.Length} routes");
        var wrong = new List<string>();
        foreach (var (id, method, address, kind) in routes.Where(r => r.Id != "signOut"))
        {
            async Task Is(Person who, string as_, bool served, HttpStatusCode refusal)
            {
                using var answer = await who.SendAsync(method, address, kind);
                var refused = answer.StatusCode is HttpStatusCode.Unauthorized or HttpStatusCode.Forbidden;
                if ((int)answer.StatusCode >= 500 || served == refused || (refused && answer.StatusCode != refusal))
                {
                    wrong.Add($"{id} as {as_}: {(int)answer.StatusCode}");
                }

                if (as_ is "stranger" or "guest" or "nobody" && !Guests.Contains(id))
                {
                    var said = Encoding.UTF8.GetString(await answer.Content.ReadAsByteArrayAsync());
                    if (names.Any(n => said.Contains(n, StringComparison.Ordinal)) || (address.Contains("odalys", StringComparison.Ordinal) && answer.IsSuccessStatusCode))
                    {
                        wrong.Add($"{id} tells {as_} of another studio");
                    }
                }
            }

            var (open, guests, owners) = (Open.Contains(id), Guests.Contains(id), OwnersAlone.Contains(id));
            var changes = !open && !OwnAccount.Contains(id) && (Changes.Any(c => id.StartsWith(c, StringComparison.Ordinal)) || id.Contains("GuestLink", StringComparison.Ordinal));
            if (open)
            {
                // Said elsewhere what these do; here only that they hold nothing of the studio.
                using var answer = await nobody.SendAsync(method, address, kind);
                Assert.True((int)answer.StatusCode < 500, $"{id}: {(int)answer.StatusCode}");
                continue;
            }

            await Is(nobody, "nobody", served: false, HttpStatusCode.Unauthorized);
            await Is(guest, "guest", served: guests, HttpStatusCode.Forbidden);
            await Is(helper, "helper", served: !guests && !owners && !changes, HttpStatusCode.Forbidden);
            await Is(painter, "painter", served: !guests && !owners, HttpStatusCode.Forbidden);
            if (id is not ("exportStudio" or "addStudio"))
            {
                await Is(stranger, "stranger", served: !guests, HttpStatusCode.Forbidden);
            }
        }

        Assert.True(wrong.Count == 0, string.Join("\n", wrong));
    }

    private async Task<Guid> OwnerOfNothing()
    {
        var account = new Account { Name = "Elsewhere's maker", SignInName = "ELSEWHERE" };
        Assert.True(await service.Inside<AccountStore>().AddAsync(account));
        return account.Id;
    }

    // Around the chairs only those of the studio listen.
    [Fact]
    public async Task OnlyTheCrewHearsWhatHappensAroundTheChairs()
    {
        var owner = await Person.JoinedAsync(service, "own", Role.Owner);
        Assert.Equal(HttpStatusCode.Unauthorized, await Person.New(service).StatusAsync<object>(HttpMethod.Get, "/live/chair", null));
        Assert.Equal(HttpStatusCode.Forbidden, await (await GuestAsync(owner)).StatusAsync<object>(HttpMethod.Get, "/live/chair", null));
        // Let in, a request that is no connection is a mistake of another sort.
        Assert.Equal(HttpStatusCode.BadRequest, await owner.StatusAsync<object>(HttpMethod.Get, "/live/chair", null));
    }

    private async Task<Person> GuestAsync(Person owner)
    {
        using var made = await owner.SendAsync(HttpMethod.Post, "/api/guests", new GuestLinkRequest("quay-seal", "odalys", "saltmarsh-box", "night-parade", 3));
        var link = await Service.Read<NewLink>(made);
        var guest = Person.New(service);
        Assert.Equal(HttpStatusCode.NoContent, await guest.StatusAsync(HttpMethod.Post, "/api/session/guest", new TokenRequest(link.Path.Split('#')[1])));
        Assert.Equal(Role.Guest, (await guest.SessionAsync()).Role);
        return guest;
    }

    private async Task<(string Id, HttpMethod Method, string Address, string? Kind)[]> RoutesAsync()
    {
        var described = JsonNode.Parse(await Person.New(service).Browser.GetStringAsync("/openapi/v1.json"))!;
        return [.. described["paths"]!.AsObject().SelectMany(p => p.Value!.AsObject().Select(o => (
            (string)o.Value!["operationId"]!, new HttpMethod(o.Key.ToUpperInvariant()), Filled(p.Key), o.Value!["requestBody"]?["content"]?.AsObject().First().Key)))];
    }

    // With ids that there are, so that it is the right that decides.
    private static string Filled(string path)
    {
        var id = path.StartsWith("/api/looks", StringComparison.Ordinal) ? "quay-seal" : path.StartsWith("/api/kits", StringComparison.Ordinal) ? "saltmarsh-box"
            : path.StartsWith("/api/settings", StringComparison.Ordinal) ? "night-parade" : path.StartsWith("/api/kinds", StringComparison.Ordinal) ? "socket"
            : path.StartsWith("/api/faces", StringComparison.Ordinal) || path.StartsWith("/api/people", StringComparison.Ordinal) ? "odalys" : Guid.Empty.ToString();
        return path.Replace("{id}", id, StringComparison.Ordinal).Replace("{face}", "odalys", StringComparison.Ordinal).Replace("{revision}", "1", StringComparison.Ordinal)
            .Replace("{zone}", "lid", StringComparison.Ordinal).Replace("{kind}", "socket", StringComparison.Ordinal);
    }
}
