using Datura.Core.Days.Live;
using Datura.Core.Supply;

namespace Datura.Web;

/// <summary>A day after it, beside what was expected.</summary>
/// <param name="ExpectedPainted">Faces that were forecast for the whole day.</param>
/// <param name="Unbooked">Tickets that are done and not in the book yet.</param>
/// <param name="Pots">The kit's pots once the paint of those is taken out.</param>
/// <param name="Next">A day like it, with what was learned.</param>
public sealed record DayReviewResource(
    DayReview Review, double ExpectedPainted, double? ExpectedWaitMinutes, double? ExpectedTakings, IReadOnlyList<LiveTicket> Unbooked, IReadOnlyList<PotAfter> Pots, BoothDay Next);
