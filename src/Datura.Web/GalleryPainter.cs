using System.Collections.Concurrent;
using System.Threading.Channels;
using Datura.Store;
using Datura.Web.Computing;
using Npgsql;

namespace Datura.Web;

/// <summary>Draws looks of galleries that are looked at, one after the other behind everything else.</summary>
public sealed partial class GalleryPainter(NpgsqlDataSource source, PlanMemory memory, ComputeQueue queue, ILogger<GalleryPainter> log) : BackgroundService
{
    // More than the largest gallery asked for at once; what is refused is asked for again by whoever still looks.
    private const int MostWaiting = 4000;

    private readonly Channel<(string Studio, Gallery.Seen Seen, string Look)> wanted = Channel.CreateBounded<(string, Gallery.Seen, string)>(MostWaiting);
    private readonly ConcurrentDictionary<(string, string, string), byte> waiting = new();

    /// <summary>Looks that are to be drawn when there is time.</summary>
    public void Want(string studio, Gallery.Seen seen, IEnumerable<string> looks)
    {
        foreach (var look in looks)
        {
            var key = (studio, seen.Hash, look);
            if (waiting.TryAdd(key, 0) && !wanted.Writer.TryWrite((studio, seen, look)))
            {
                waiting.TryRemove(key, out _);
            }
        }
    }

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        await foreach (var (studio, seen, look) in wanted.Reader.ReadAllAsync(stoppingToken))
        {
            try
            {
                using var place = await queue.EnterAsync(new(Urgency.Batch, $"gallery {studio}", null), stoppingToken);
                var store = new DocumentStore(source, studio);
                var library = new Library(store);
                await new Gallery(store, new(source, studio), library, new(library, memory, new(new(source, studio)), new(library, store, new(source, studio), memory, studio))).PictureAsync(seen, look, stoppingToken);
            }
            catch (Exception problem) when (problem is not OperationCanceledException || !stoppingToken.IsCancellationRequested)
            {
                // A look that cannot be planned, or a database that is away: the gallery shows it without a picture, and the rest goes on.
                LogNotDrawn(log, look, problem.Message);
            }
            finally
            {
                waiting.TryRemove((studio, seen.Hash, look), out _);
            }
        }
    }

    [LoggerMessage(LogLevel.Information, "The picture of {Look} was not drawn: {Problem}")]
    private static partial void LogNotDrawn(ILogger log, string look, string problem);
}
