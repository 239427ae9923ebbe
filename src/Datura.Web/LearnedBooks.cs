using System.Text.Json;
using Datura.Core.Learn;
using Datura.Documents;
using Datura.Store;

namespace Datura.Web;

/// <summary>What the book of the studio teaches, painter by painter. Learned anew when anything in it changes.</summary>
public sealed class LearnedBooks(Library library, DocumentStore documents, ChairEventStore events, PlanMemory memory, string studio)
{
    // As events are of the day they were sent, and sessions of the day they were painted, a book is good for an hour.
    private static long Hour => DateTimeOffset.UtcNow.ToUnixTimeSeconds() / 3600;

    /// <summary>Every session with what happened in it.</summary>
    public async Task<IReadOnlyList<Session>> SessionsAsync(CancellationToken cancel = default)
    {
        var happened = await events.OfStudioAsync(cancel);
        return [.. (await documents.AllAsync(DocumentTypes.Painting.Name, cancel)).Select(d => new Session(d.Id, d.Revision, Library.Document(DocumentTypes.Painting, d), Read(happened[d.Id])))];
    }

    /// <summary>Those from a day on: what a caller's screen asks for every few seconds reads no whole book.</summary>
    public async Task<IReadOnlyList<Session>> SinceAsync(DateOnly day, CancellationToken cancel = default) =>
    [
        .. (await events.SinceAsync(day, cancel)).Select(s => new Session(
            s.Id, s.Revision, Library.Document(DocumentTypes.Painting, new(s.Id, "", s.Revision, s.Body)), Core.Chair.ChairLog.InOrder(JsonSerializer.Deserialize<ChairEvent[]>(s.Events, DaturaJson.Compact)!))),
    ];

    public static IReadOnlyList<ChairEvent> Read(IEnumerable<string> bodies) => Core.Chair.ChairLog.InOrder(bodies.Select(b => JsonSerializer.Deserialize<ChairEvent>(b, DaturaJson.Compact)!));

    public async Task<IReadOnlyList<string>> PaintersAsync(CancellationToken cancel = default) => BookOf.Painters(await library.AllAsync(DocumentTypes.Painting, cancel));

    /// <summary>Of one painter; of somebody the book does not know, what is usual.</summary>
    public async Task<BookOf> OfAsync(string painter, CancellationToken cancel = default)
    {
        var key = InputText.Of(new { studio, painter, stamp = await events.StampAsync(cancel), Hour });
        if (memory.Books.TryFind(key, out var known))
        {
            return known;
        }

        var sessions = await SessionsAsync(cancel);
        return await memory.Books.GetAsync(key, () => BookOf.Of(painter, sessions.Select(s => (s.Id, s.Painting, s.Events)), DateTimeOffset.UtcNow), cancel);
    }

    /// <summary>The setting with the learned times that it asks for.</summary>
    public async Task<Setting> WithTimesAsync(Setting setting, CancellationToken cancel = default) =>
        setting.TimesOf is { Length: > 0 } painter ? setting with { Learned = (await OfAsync(painter, cancel)).Pace.Times } : setting;

    /// <summary>An entry of the book with what happened in the chair.</summary>
    public sealed record Session(string Id, int Revision, Painting Painting, IReadOnlyList<ChairEvent> Events);
}
