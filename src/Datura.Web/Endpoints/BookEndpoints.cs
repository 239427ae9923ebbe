using System.ComponentModel.DataAnnotations;
using System.Text;
using Datura.Core.Chair;
using Datura.Core.Hands;
using Datura.Core.Learn;
using Datura.Documents;
using Datura.Files.Book;
using Datura.Store.Accounts;
using Datura.Web.Accounts;
using Datura.Web.Computing;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Datura.Web;

/// <summary>What the book teaches, and the book as tables and files.</summary>
public static class BookEndpoints
{
    private const int MostOpen = 200;
    private const int MostChanges = 24;
    private const int MostCostly = 8;

    public static void MapBook(this IEndpointRouteBuilder routes)
    {
        var book = routes.MapGroup("/api/book").WithTags("Book").ProducesProblem(400).ProducesProblem(404);
        book.MapGet("/painters", async (LearnedBooks books, CancellationToken cancel) => TypedResults.Ok(await books.PaintersAsync(cancel)))
            .Called("listPainters", "Everybody who painted, as the book names them.");
        book.MapGet("/times", async ([StringLength(Limits.LongestName)] string painter, LearnedBooks books, CancellationToken cancel) =>
        {
            var of = await books.OfAsync(painter, cancel);
            return TypedResults.Ok(new TimesResource(
                of.Painter, of.Sessions, [.. of.Pace.Hands.Values.OrderByDescending(h => h.Count).Select(Named)], Named(of.Pace.Overall), Math.Round(of.Pace.Spread, 3), Math.Round(of.Pace.DaySpread, 3),
                of.Reliability, [.. of.Looks.Select(PracticeResource.Of)], [.. of.Techniques.Select(PracticeResource.Of)]));
        }).Computes().Called("readTimes", "A painter's own times, how honest forecasts of her sessions were, and how she gets quicker.");
        book.MapGet("/changes", ChangesAsync).Computes().InBatch().Called("readTimesChanges", "How long each look she painted takes as usual and by her own times, as it was planned last.");
        book.MapPost("/quicker", async (PlanRequest request, string lookId, LearnedBooks books, PlanService plans, CancellationToken cancel) =>
        {
            var costly = CostlyStep.Of((await books.SessionsAsync(cancel)).Where(s => s.Painting.Look == lookId && s.Painting.Steps.Count > 0).Select(s => (s.Painting, s.Events)));
            return TypedResults.Ok(new QuickerResource([.. costly.Where(c => c.OverSeconds > 0).Take(MostCostly)], await plans.QuickerAsync(request, costly, cancel)));
        }).Computes().InBatch().Called("listQuicker", "What would make a look quicker: the steps that cost most over plan, and changes with what they save and lose.");
        book.MapGet("/open", async (LearnedBooks books, CancellationToken cancel) => TypedResults.Ok((IReadOnlyList<OpenSessionResource>)
            [
                .. (await books.SinceAsync(Today.Day.AddDays(-1), cancel)).Where(s => s.Painting.Steps.Count > 0).Select(s => (Session: s, State: ChairState.Of(s.Painting.Steps, s.Events)))
                    .Where(s => s.State.EndedAt is null && !s.State.IsForgotten(DateTimeOffset.UtcNow))
                    .OrderBy(s => s.State.BeganAt ?? DateTimeOffset.MaxValue).Take(MostOpen).Select(s => new OpenSessionResource(s.Session.Id, s.Session.Painting, s.Session.Events)),
            ])).Called("listOpenSessions", "Sessions that are going on or wait to begin, with what happened in them.");
        book.MapGet("/table", async (LearnedBooks books, Library library, CancellationToken cancel) =>
            TypedResults.File(Encoding.UTF8.GetBytes(BookTable.Write(await LinesAsync(books, library, cancel))), "text/csv", "book.csv"))
            .Called("tableBook", "The book as a table, a line for every session.").Gives("text/csv");
        book.MapGet("/file", async (LearnedBooks books, CancellationToken cancel) => TypedResults.Ok(
            new WholeBook([.. (await books.SessionsAsync(cancel)).Select(s => new WholeSession(s.Id, s.Painting, s.Events))])))
            .Called("exportBook", "The whole book with everything that happened in the chair.");
        book.MapPost("/table", BringInAsync).Accepts<string>("text/csv", "text/plain", "application/octet-stream").For(Role.Painter)
            .Called("importBook", "Sessions from a table, all or none: day, look and minutes at the least.");
    }

    private static HandPaceResource Named(HandPace hand)
    {
        var at = hand.Hand.IndexOf(' ', StringComparison.Ordinal);
        var tool = at > 0 ? UsualTools.All.FirstOrDefault(t => t.Id == hand.Hand[..at])?.Name ?? hand.Hand[..at] : "";
        return new(hand.Hand, tool, hand.Hand[(at + 1)..], Math.Round(hand.Factor, 3), Math.Round(hand.Low, 3), Math.Round(hand.High, 3), hand.Count, Math.Round(hand.PriorShare, 3));
    }

    // Each look as it was painted last: on that face, with that kit, there.
    private static async Task<Ok<IReadOnlyList<TimesChange>>> ChangesAsync(
        [StringLength(Limits.LongestName)] string painter, LearnedBooks books, PlanService plans, Library library, CancellationToken cancel)
    {
        var times = (await books.OfAsync(painter, cancel)).Pace.Times;
        var changes = new List<TimesChange>();
        foreach (var last in (await books.SessionsAsync(cancel)).Where(s => s.Painting.Painter == painter || s.Painting.SecondPainter == painter)
            .GroupBy(s => s.Painting.Look).Select(g => g.MaxBy(s => (s.Painting.On, s.Id))!.Painting).Take(MostChanges))
        {
            try
            {
                var look = await library.LookAsync(last.Look, cancel);
                var (usual, own) = await plans.BothTimesAsync(await plans.UsualAsync(look, last.Face, last.Kit, last.Setting, cancel), times, cancel);
                changes.Add(new(last.Look, look.Name, Math.Round(usual, 1), Math.Round(own, 1)));
            }
            catch (Exception gone) when (ProblemHandler.SentenceOf(gone) is not null)
            {
                // A look, face or kit that is gone has no plan any more.
            }
        }

        return TypedResults.Ok((IReadOnlyList<TimesChange>)[.. changes.OrderByDescending(c => Math.Abs(c.OwnSeconds - c.UsualSeconds))]);
    }

    private static async Task<IEnumerable<BookLine>> LinesAsync(LearnedBooks books, Library library, CancellationToken cancel)
    {
        var looks = (await library.HeadsAsync(DocumentTypes.Look, cancel)).ToDictionary(h => h.Id, h => h.Name);
        var faces = (await library.HeadsAsync(DocumentTypes.Face, cancel)).ToDictionary(h => h.Id, h => h.Name);
        return (await books.SessionsAsync(cancel)).OrderBy(s => s.Painting.On).ThenBy(s => s.Id, StringComparer.Ordinal).Select(s =>
        {
            var (p, state) = (s.Painting, ChairState.Of(s.Painting.Steps, s.Events));
            var times = SessionTimes.Of(s.Id, p, s.Events, DateTimeOffset.UtcNow);
            return new BookLine(p.On, looks.GetValueOrDefault(p.Look, p.Look), times.TakenSeconds / 60, p.LikelySeconds / 60, string.Join(" and ", new[] { p.Painter, p.SecondPainter }.OfType<string>()))
            {
                Wearer = p.Face is { } face ? faces.GetValueOrDefault(face, face) : "",
                Reached = state.StoppedAt ?? "",
                LeftOut = string.Join("; ", state.Steps.Where(d => d.Status is StepStatus.Dropped or StepStatus.Skipped).Select(d => d.Step.Title)),
                LaidAgain = state.Steps.Sum(d => d.Redone),
                Notes = string.Join("; ", state.Notes.Prepend(p.Notes).Where(n => n.Length > 0)),
                Paints = string.Join("; ", p.Paints.Select(u => u.Lot.Length > 0 ? $"{u.Name} ({u.Lot})" : u.Name)),
                Reaction = p.Reaction is { } r ? string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{r.On:yyyy-MM-dd} {r.Where}: {r.What}") : "",
            };
        });
    }

    private static async Task<Ok<BroughtSessions>> BringInAsync(HttpRequest request, Library library, CancellationToken cancel)
    {
        using var reader = new StreamReader(request.Body);
        var lines = BookTable.Read(await reader.ReadToEndAsync(cancel));
        var looks = await library.HeadsAsync(DocumentTypes.Look, cancel);
        Painting[] read =
        [
            .. lines.Select((l, k) => looks.FirstOrDefault(h => h.Id == l.Look || string.Equals(h.Name, l.Look, StringComparison.OrdinalIgnoreCase)) is { } look
                ? new Painting(string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{(look.Name.Length <= 100 ? look.Name : look.Name[..100])}, {l.On:yyyy-MM-dd}"), look.Id, null, null, l.On)
                {
                    TakenMinutes = l.Minutes, LikelySeconds = 60 * l.PlannedMinutes, Painter = l.Painter.Length > 0 ? l.Painter : null, Notes = l.Notes,
                }
                : throw new InputException("file", ProblemCode.BookLine, ("line", k + 2), ("what", $"no look is called \"{l.Look}\""))),
        ];
        return TypedResults.Ok(new BroughtSessions(await library.AddAllAsync(DocumentTypes.Painting, read, cancel)));
    }
}
