using Microsoft.AspNetCore.SignalR;

namespace Datura.Web;

/// <summary>Tells the devices around a chair that something happened, so that they ask what. Whoever is not told asks by itself every few seconds.</summary>
public sealed class ChairRoom(IHubContext<ChairHub> hub)
{
    /// <summary>The word that devices listen to; with it comes the id of the session.</summary>
    public const string Happened = "happened";

    public Task TellAsync(string studio, string session, CancellationToken cancel = default) => hub.Clients.Group(studio).SendAsync(Happened, session, cancel);
}
