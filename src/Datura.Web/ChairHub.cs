using Datura.Web.Accounts;
using Microsoft.AspNetCore.SignalR;

namespace Datura.Web;

/// <summary>Where devices around the chairs of a studio listen. Nothing can be said here: what happened is sent to the service as ever.</summary>
public sealed class ChairHub : Hub
{
    public override async Task OnConnectedAsync()
    {
        if (Caller.Of(Context.User ?? new()).Studio is not { } studio)
        {
            Context.Abort();
            return;
        }

        await Groups.AddToGroupAsync(Context.ConnectionId, studio);
        await base.OnConnectedAsync();
    }
}
