using Datura.Core.Days.Live;

namespace Datura.Web;

/// <summary>One ticket of a queue.</summary>
/// <param name="LookName">Of the look that is wished.</param>
/// <param name="Wait">From now until it is called; null where it does not wait, or nobody will paint it.</param>
public sealed record QueueTicketResource(LiveTicket Ticket, string LookName, LiveWait? Wait);
