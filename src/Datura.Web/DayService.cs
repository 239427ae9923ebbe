using System.Collections.Concurrent;
using Datura.Core;
using Datura.Core.Days;
using Datura.Core.Days.Live;
using Datura.Core.Supply;
using Datura.Documents;
using Datura.Files.Sheets;
using Datura.Store;

namespace Datura.Web;

/// <summary>Reckons a day at a booth: every look of its menu planned for its minutes, and many days played through.</summary>
public sealed class DayService(Library library, PlanService plans)
{
    // Of minutes that a painter gives herself: a quarter, as sessions of one look may vary (by judgement).
    private const double OwnVariation = 0.25;

    // Nine tenths of a bell curve lie below so many standard deviations above its middle.
    private const double NineTenths = 1.2816;

    // Enough to hold one day against.
    private const int ReviewedDays = 200;

    public async Task<DayForecastResource> ForecastAsync(BoothDay day, CancellationToken cancel)
    {
        DocumentTypes.Day.Check(day);
        var lines = await LinesAsync(day, cancel);
        // What cannot be planned is not painted; the others are still reckoned.
        var times = Times(lines);
        var able = day with { Menu = [.. day.Menu.Select((l, k) => lines[k].Minutes is null ? l with { Wanted = 0, Offered = false } : l)] };
        var forecast = DayForecast.Of(able, times);
        return new(forecast, lines, MenuChoices.Of(able, times, forecast.ClosesAt), DayChange.All(able, times));
    }

    /// <summary>What a day came to, beside its forecast; and its pots once the paint of what is not in the book yet is taken out.</summary>
    public async Task<DayReviewResource> ReviewAsync(QueueBoard board, CancellationToken cancel)
    {
        var day = board.Day;
        var forecast = DayForecast.Of(day, board.Times, ReviewedDays);
        LiveTicket[] unbooked = [.. board.Queue.Tickets.Where(t => t is { State: LiveState.Done, Booked: false })];
        var face = await library.FirstAsync(DocumentTypes.Face, cancel: cancel) ?? "";
        var kit = await library.KitAsync(day.Kit, cancel);
        var uses = new List<(int, FaceSupply)>();
        foreach (var look in unbooked.GroupBy(t => t.Look))
        {
            if ((await PlanOfAsync(new(look.Key), day, face, cancel)).Planned is { } planned)
            {
                uses.Add((look.Count(), FaceSupply.Of(planned, kit)));
            }
        }

        var review = DayReview.Of(day, board.Times, board.Queue);
        return new(review, forecast.Painted, forecast.WaitMinutes, forecast.Takings, unbooked, PotAfter.All(kit, uses), review.Next(day));
    }

    /// <summary>How long each line of the menu takes; a minute what cannot be planned.</summary>
    public async Task<IReadOnlyList<MenuTime>> TimesAsync(BoothDay day, CancellationToken cancel) => Times(await LinesAsync(day, cancel));

    private static MenuTime[] Times(MenuLineResource[] lines) => [.. lines.Select(l => l.Minutes is { } minutes ? new MenuTime(minutes, l.SdMinutes!.Value) : new(1, 0))];

    /// <summary>What is offered, with everything for a picture of it. What cannot be planned is left out.</summary>
    public async Task<IReadOnlyList<MenuSheet.Offer>> OffersAsync(BoothDay day, CancellationToken cancel)
    {
        DocumentTypes.Day.Check(day);
        var face = await library.FirstAsync(DocumentTypes.Face, cancel: cancel) ?? "";
        var offers = new List<MenuSheet.Offer>();
        foreach (var line in day.Menu.Where(l => l.Offered))
        {
            if ((await PlanOfAsync(line, day, face, cancel)).Planned is { } planned)
            {
                offers.Add(new(planned.Plan.Look, planned, line.OwnMinutes ?? planned.Plan.TotalSeconds / 60, line.Price));
            }
        }

        return offers;
    }

    private async Task<MenuLineResource[]> LinesAsync(BoothDay day, CancellationToken cancel)
    {
        var face = await library.FirstAsync(DocumentTypes.Face, cancel: cancel) ?? "";
        var lines = new ConcurrentDictionary<int, MenuLineResource>();
        await Parallel.ForEachAsync(
            day.Menu.Select((l, k) => (l, k)), new ParallelOptions { MaxDegreeOfParallelism = Environment.ProcessorCount, CancellationToken = cancel },
            async (one, stop) => lines[one.k] = one.l.OwnMinutes is { } own ? new(own, OwnVariation * own, null) : await PlannedAsync(one.l, day, face, stop));
        return [.. day.Menu.Select((_, k) => lines[k])];
    }

    private async Task<MenuLineResource> PlannedAsync(MenuLine line, BoothDay day, string face, CancellationToken cancel)
    {
        var (planned, problem) = await PlanOfAsync(line, day, face, cancel);
        return planned is null ? new(null, null, problem)
            : new(Math.Max(0.1, planned.Plan.TotalSeconds / 60), (planned.Plan.Time.HighSeconds - planned.Plan.Time.LowSeconds) / 60 / (2 * NineTenths), null);
    }

    private async Task<(PlannedLook? Planned, string? Problem)> PlanOfAsync(MenuLine line, BoothDay day, string face, CancellationToken cancel)
    {
        try
        {
            return (await plans.PlanAsync(new(await library.LookAsync(line.Look, cancel), face, day.Kit, day.Setting), withCard: false, cancel), null);
        }
        catch (MissingDocumentException gone)
        {
            return (null, Problem.Of("menu", ProblemCode.NoSuchDocument, ("kind", gone.Kind), ("id", gone.Id)).Sentence);
        }
        catch (Exception problem) when (problem is PlanException or InputException or MeasureException)
        {
            return (null, problem.Message);
        }
    }
}
