using System.Security.Claims;
using Datura.Store.Accounts;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Authentication.Cookies;

namespace Datura.Web.Accounts;

/// <summary>The framework's sessions, kept in the database: any copy knows them, they can be listed and ended, and a role counts from the moment it is given.</summary>
internal sealed class SessionTickets(SessionStore sessions) : ITicketStore
{
    private const int LongestAgent = 300;

    public Task<string> StoreAsync(AuthenticationTicket ticket) => StoreAsync(ticket, "", default);

    public Task<string> StoreAsync(AuthenticationTicket ticket, HttpContext httpContext, CancellationToken cancellationToken) =>
        StoreAsync(ticket, httpContext.Request.Headers.UserAgent.ToString(), cancellationToken);

    public Task RenewAsync(string key, AuthenticationTicket ticket) => sessions.RenewAsync(Secret.Hash(key), TicketSerializer.Default.Serialize(ticket));

    public Task<AuthenticationTicket?> RetrieveAsync(string key) => RetrieveAsync(key, default(CancellationToken));

    public async Task<AuthenticationTicket?> RetrieveAsync(string key, CancellationToken cancellationToken)
    {
        if (await sessions.FindAsync(Secret.Hash(key), cancellationToken) is not { } session || TicketSerializer.Default.Deserialize(session.Ticket) is not { } ticket)
        {
            return null;
        }

        return new(new ClaimsPrincipal([.. ticket.Principal.Identities, Caller.Identity(session)]), ticket.Properties, ticket.AuthenticationScheme);
    }

    // Whether the service can serve must be known without the database.
    public Task<AuthenticationTicket?> RetrieveAsync(string key, HttpContext httpContext, CancellationToken cancellationToken) =>
        httpContext.Request.Path.StartsWithSegments("/health", StringComparison.Ordinal) ? Task.FromResult<AuthenticationTicket?>(null) : RetrieveAsync(key, cancellationToken);

    public Task RemoveAsync(string key) => sessions.EndAsync(Secret.Hash(key));

    private async Task<string> StoreAsync(AuthenticationTicket ticket, string agent, CancellationToken cancel)
    {
        var key = Secret.New();
        Guid? Id(string claim) => Guid.TryParse(ticket.Principal.FindFirstValue(claim), out var id) ? id : null;
        var guest = Id(Caller.GuestClaim);
        await sessions.AddAsync(
            Secret.Hash(key), TicketSerializer.Default.Serialize(ticket), agent[..Math.Min(agent.Length, LongestAgent)], Id(ClaimTypes.NameIdentifier), null, guest, cancel);
        return key;
    }
}
