using Datura.Documents;
using Datura.Store;
using Datura.Store.Accounts;
using Npgsql;

namespace Datura.Web;

/// <summary>Deletes for good what has lain in the bin for long enough: at the start and then once a day.</summary>
public sealed partial class Bin(NpgsqlDataSource source, MemberStore studios, IConfiguration settings, ILogger<Bin> log) : BackgroundService
{
    /// <summary>So long can what was removed be put back.</summary>
    public const int Days = 30;

    /// <summary>Faces that nobody has saved for so many days go into the bin; without it they stay.</summary>
    public const string KeepFaces = "DATURA_KEEP_FACES_DAYS";

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var daily = new PeriodicTimer(TimeSpan.FromDays(1));
        do
        {
            try
            {
                var gone = 0;
                foreach (var studio in await studios.StudiosAsync(stoppingToken))
                {
                    var store = new DocumentStore(source, studio);
                    if (settings.GetValue<int?>(KeepFaces) is { } days and > 0)
                    {
                        await store.RemoveOldAsync(DocumentTypes.Face.Name, TimeSpan.FromDays(days), stoppingToken);
                    }

                    await new ShownLookStore(source, studio).ForgetOldAsync(TimeSpan.FromDays(Days), stoppingToken);
                    await new WearerCardStore(source, studio).ForgetOldAsync(DateOnly.FromDateTime(DateTime.UtcNow), stoppingToken);
                    gone += await store.EmptyBinAsync(TimeSpan.FromDays(Days), stoppingToken);
                }

                if (gone > 0)
                {
                    LogGone(log, gone, Days);
                }
            }
            catch (NpgsqlException problem)
            {
                LogPutOff(log, problem.Message);
            }
        }
        while (await daily.WaitForNextTickAsync(stoppingToken));
    }

    [LoggerMessage(LogLevel.Information, "{Count} documents were deleted for good after {Days} days in the bin")]
    private static partial void LogGone(ILogger log, int count, int days);

    [LoggerMessage(LogLevel.Warning, "The bin is emptied tomorrow instead: {Problem}")]
    private static partial void LogPutOff(ILogger log, string problem);
}
