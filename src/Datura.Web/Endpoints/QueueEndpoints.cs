using System.Text.Json;
using Datura.Core.Days.Live;
using Datura.Documents;
using Datura.Store;
using Datura.Store.Accounts;
using Datura.Web.Accounts;
using Datura.Web.Computing;
using Microsoft.AspNetCore.Mvc;

namespace Datura.Web;

/// <summary>The queue at a booth while it is open: tickets, who is called, how long it will be; and what phones see of it.</summary>
public static class QueueEndpoints
{
    // A link is for its day; a booth may stand for a week.
    private const int LinkDays = 8;

    // Clocks on earth are at most so far from UTC, minutes.
    private const int MostEast = 14 * 60;

    public static void MapQueues(this IEndpointRouteBuilder routes)
    {
        var queue = routes.MapGroup("/api/days/{id}/queue").WithTags("Days").ProducesProblem(400).ProducesProblem(403).ProducesProblem(404);
        queue.MapGet("/", async (string id, int? east, QueueBoards boards, Caller caller, CancellationToken cancel) =>
            TypedResults.Ok(QueueResource.Of(await boards.NowAsync(caller.Studio!, id, East(east), cancel)))).Called("readQueue", "The queue as it stands, with how long everybody will wait.");
        queue.MapPost("/", async (string id, int? east, QueueEvent[] happened, QueueEventStore events, QueueBoards boards, ChairRoom room, Caller caller, CancellationToken cancel) =>
        {
            LiveCheck.Check(happened);
            if (await events.AddAsync(id, [.. happened.Select(e => (e.Id, JsonSerializer.Serialize(e, DaturaJson.Compact)))], QueueEvent.Most, cancel) is null)
            {
                throw new InputException("events", ProblemCode.QueueEvents, ("most", QueueEvent.Most));
            }

            await room.TellAsync(caller.Studio!, id, cancel);
            return TypedResults.Ok(QueueResource.Of(await boards.NowAsync(caller.Studio!, id, East(east), cancel)));
        }).Called("addQueueEvents", "Adds what happened at the queue; what is there already stays once. Gives the queue back.");
        queue.MapGet("/review", async (string id, QueueBoards boards, DayService service, Caller caller, CancellationToken cancel) =>
            TypedResults.Ok(await service.ReviewAsync(await boards.NowAsync(caller.Studio!, id, null, cancel), cancel)))
            .Computes().InBatch().Called("reviewDay", "What the day came to beside its forecast, what it took out of the pots, and a day like it with what was learned.");
        queue.MapPost("/link", async (string id, Caller caller, Library library, QueueLinkStore links, CancellationToken cancel) =>
        {
            _ = await library.GetAsync(DocumentTypes.Day, id, cancel);
            var (token, until) = (Secret.New(), DateTime.UtcNow.AddDays(LinkDays));
            await links.AddAsync(caller.Studio!, id, Secret.Hash(token), until, cancel);
            return TypedResults.Ok(new NewLink($"/queue#{token}", until));
        }).Called("addQueueLink", "A link by which phones and a board see the numbers of the queue and how long they wait.").For(Role.Painter);

        routes.MapGet("/api/queue", async ([FromHeader(Name = "Datura-Queue")] string? token, QueueLinkStore links, QueueBoards boards, CancellationToken cancel) =>
            await links.FindAsync(Secret.Hash(token ?? ""), cancel) is { } link
                ? TypedResults.Ok(PublicQueue.Of(await boards.SharedAsync(link.Studio, link.Day)))
                : throw new NotLetInException(ProblemCode.QueueLinkGone))
            .WithTags("Days").ProducesProblem(401).ProducesProblem(404).AllowAnonymous().Called("watchQueue", "A queue by its link: numbers and waits, no names.");
    }

    private static int? East(int? minutes) => minutes is null or (>= -MostEast and <= MostEast) ? minutes
        : throw new InputException("east", ProblemCode.AddressRange, ("name", "east"), ("least", -MostEast), ("most", MostEast));
}
