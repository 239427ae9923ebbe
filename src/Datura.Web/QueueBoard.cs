using Datura.Core.Days;
using Datura.Core.Days.Live;

namespace Datura.Web;

/// <summary>A queue as it stands, and what is ahead of it.</summary>
/// <param name="Times">By line of the menu.</param>
/// <param name="Looks">Names of the studio's looks by id.</param>
/// <param name="Now">By the booth's clock.</param>
public sealed record QueueBoard(
    BoothDay Day, int Revision, IReadOnlyList<MenuTime> Times, LiveQueue Queue, LiveOutlook Outlook, IReadOnlyDictionary<string, string> Looks, DateTimeOffset Now);
