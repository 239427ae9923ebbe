using System.Net;
using Datura.Store.Accounts;

namespace Datura.Web.Tests;

/// <summary>And it ends for good, in every copy of the service, when somebody has an account.</summary>
public class DemoEndTests(Service service) : IClassFixture<Service>
{
    [Fact]
    public async Task ItEndsInEveryCopyWhenSomebodyHasAnAccount()
    {
        using var copy = service.AnotherCopy();
        Assert.Equal(HttpStatusCode.OK, (await copy.GetAsync("/api/looks")).StatusCode);
        var owner = await Person.JoinedAsync(service, "own", Role.Owner);
        Assert.Equal(HttpStatusCode.Unauthorized, (await copy.GetAsync("/api/looks")).StatusCode);
        Assert.Equal(HttpStatusCode.Unauthorized, (await service.Client.GetAsync("/api/looks")).StatusCode);

        // Nothing sticks to a copy: the session that one gave opens the other, changes included, and ends in both.
        var (first, second) = (owner, owner.At(service.Copies[^1]));
        Assert.Equal(Role.Owner, (await second.SessionAsync()).Role);
        using var made = await second.SendAsync(HttpMethod.Post, "/api/members/invitations", new RoleRequest(Role.Helper));
        Assert.Equal(HttpStatusCode.OK, made.StatusCode);
        Assert.Equal(HttpStatusCode.NoContent, await second.StatusAsync<object>(HttpMethod.Delete, "/api/session", null));
        Assert.Null((await first.SessionAsync()).Role);
    }
}
