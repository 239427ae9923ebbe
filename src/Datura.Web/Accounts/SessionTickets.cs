using System.Security.Claims;
using Datura.Store.Accounts;
using Datura.Web.Watching;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Authentication.Cookies;

namespace Datura.Web.Accounts;

/// <summary>The framework's sessions, kept in the database: any copy knows them, they can be listed and ended, and a role counts from the moment it is given.</summary>
internal sealed class SessionTickets(SessionStore sessions, EntranceLog log) : ITicketStore
{
    private const int LongestAgent = 300;

    private static readonly object LeftKey = new();

    public Task<string> StoreAsync(AuthenticationTicket ticket) => StoreAsync(ticket, "", default);

    public async Task<string> StoreAsync(AuthenticationTicket ticket, HttpContext httpContext, CancellationToken cancellationToken)
    {
        if (httpContext.Items[LeftKey] is string left)
        {
            await sessions.EndAsync(Secret.Hash(left), cancellationToken);
        }

        return await StoreAsync(ticket, httpContext.Request.Headers.UserAgent.ToString(), cancellationToken);
    }

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

    public Task<AuthenticationTicket?> RetrieveAsync(string key, HttpContext httpContext, CancellationToken cancellationToken)
    {
        // The framework would go on with a session that it finds, for whoever signs in now.
        if (httpContext.GetEndpoint()?.Metadata.GetMetadata<Entrance>() is not null)
        {
            httpContext.Items[LeftKey] = key;
            return Task.FromResult<AuthenticationTicket?>(null);
        }

        // Whether the service can serve must be known without the database.
        return httpContext.Request.Path.StartsWithSegments("/health", StringComparison.Ordinal) ? Task.FromResult<AuthenticationTicket?>(null) : RetrieveAsync(key, cancellationToken);
    }

    public Task RemoveAsync(string key)
    {
        log.SessionEnded();
        return sessions.EndAsync(Secret.Hash(key));
    }

    private async Task<string> StoreAsync(AuthenticationTicket ticket, string agent, CancellationToken cancel)
    {
        var key = Secret.New();
        Guid? Id(string claim) => Guid.TryParse(ticket.Principal.FindFirstValue(claim), out var id) ? id : null;
        var (account, guest) = (Id(ClaimTypes.NameIdentifier), Id(Caller.GuestClaim));
        await sessions.AddAsync(
            Secret.Hash(key), TicketSerializer.Default.Serialize(ticket), agent[..Math.Min(agent.Length, LongestAgent)], account, null, guest, cancel);
        log.SignedIn(account, guest);
        return key;
    }
}
